package app.bittern.call;

import app.bittern.plan.Mailbox;
import java.util.ArrayList;
import java.util.List;

/// A mailbox takes a message: the call has ended the moment it comes in, unless key 0 leads to somebody.
final class MailboxBehaviour implements Behaviour<Mailbox> {
    @Override
    public List<Outcome> outcomes(Mailbox mailbox, Scene scene) {
        List<Outcome> outcomes = new ArrayList<>();
        outcomes.add(Outcome.of(new Cause.Message(), Window.NOW, scene.ends(Ending.Kind.MESSAGE, mailbox.ref())));
        if (mailbox.operator().isPresent()) {
            outcomes.add(Outcome.of(
                    new Cause.Operator(),
                    new Window(0, scene.length(mailbox.greeting())),
                    scene.onward(mailbox.operator())));
        }
        return outcomes;
    }

    @Override
    public Decision decide(Mailbox mailbox, Scene scene, BenchInHand bench) {
        int greeting = scene.length(mailbox.greeting());
        if (mailbox.operator().isPresent() && bench.peek().digits().equals("0")) {
            int pressed = bench.take().atOnce() ? 0 : greeting;
            List<Heard> hears = new ArrayList<>(greeting(mailbox, scene, pressed));
            hears.add(new Heard(pressed, pressed, Heard.Sound.KEY, "0"));
            return Decision.of(
                            new Cause.Operator(),
                            pressed,
                            "Key 0 in mailbox " + mailbox.title() + ": to " + scene.words(mailbox.operator()),
                            hears,
                            List.of(Why.held("key 0", "pressed during the greeting")))
                    .withPort();
        }
        Why key = mailbox.operator().isPresent()
                ? Why.not("key 0", "not pressed")
                : Why.not("key 0", "leads nowhere in this mailbox");
        return Decision.of(
                        new Cause.Message(),
                        0,
                        "A message is left in mailbox " + mailbox.title(),
                        greeting(mailbox, scene, greeting),
                        List.of(Why.held("message", "the call has come to a mailbox"), key))
                .withPort();
    }

    private static List<Heard> greeting(Mailbox mailbox, Scene scene, int seconds) {
        return mailbox.greeting()
                .filter(prompt -> seconds > 0)
                .map(prompt -> List.of(new Heard(0, seconds, Heard.Sound.SPEECH, scene.words(prompt))))
                .orElse(List.of());
    }
}
