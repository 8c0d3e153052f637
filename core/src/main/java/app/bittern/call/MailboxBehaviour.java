package app.bittern.call;

import app.bittern.plan.Mailbox;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A mailbox takes a message: the call has ended the moment it comes in, unless key 0 leads to somebody or as many
/// messages are kept as it keeps.
final class MailboxBehaviour implements Behaviour<Mailbox> {
    @Override
    public List<Outcome> outcomes(Mailbox mailbox, Scene scene) {
        List<Outcome> outcomes = new ArrayList<>();
        outcomes.add(Outcome.of(new Cause.Message(), Window.NOW, scene.ends(Ending.Kind.MESSAGE, mailbox.ref())));
        if (mailbox.keyZero().isPresent()) {
            outcomes.add(Outcome.of(
                            new Cause.KeyZero(),
                            new Window(0, scene.length(greeting(mailbox, scene))),
                            scene.onward(mailbox.keyZero()))
                    .by("keyZero"));
        }
        if (mailbox.mostMessages().isPresent()) {
            outcomes.add(Outcome.of(new Cause.Full(), Window.NOW, scene.ends(Ending.Kind.HUNG_UP, mailbox.ref())));
        }
        return outcomes;
    }

    /// The greeting that a caller is told.
    static Optional<Spoken> greeting(Mailbox mailbox, Scene scene) {
        return mailbox.greeting(scene.context().facts().greeting());
    }

    @Override
    public Decision decide(Mailbox mailbox, Scene scene, BenchInHand bench) {
        Found found = bench.arrive(mailbox.ref());
        Account account = new Account.InMailbox(mailbox, found);
        if (found.full(mailbox.mostMessages())) {
            return Decision.atOnce(new Cause.Full(), account);
        }
        Optional<Spoken> said = greeting(mailbox, scene);
        int greeting = scene.length(said);
        if (mailbox.keyZero().isPresent()
                && bench.peek().digits().startsWith("0")
                && bench.peek().second(0, greeting) <= greeting) {
            KeyPress key = bench.take();
            int pressed = Math.min(greeting, key.second(0, greeting));
            bench.dialledAhead(key.after(1, 0));
            List<Heard> hears = new ArrayList<>(greeting(said, scene, pressed));
            hears.add(new Heard(pressed, pressed, Heard.Sound.KEY, "0"));
            return Decision.of(new Cause.KeyZero(), pressed, hears, account).speaking();
        }
        return Decision.of(new Cause.Message(), 0, greeting(said, scene, greeting), account)
                .speaking();
    }

    private static List<Heard> greeting(Optional<Spoken> said, Scene scene, int seconds) {
        return said.filter(prompt -> seconds > 0)
                .map(prompt -> List.of(new Heard(0, seconds, Heard.Sound.SPEECH, scene.words(prompt))))
                .orElse(List.of());
    }
}
