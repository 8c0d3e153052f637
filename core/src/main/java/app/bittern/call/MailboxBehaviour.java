package app.bittern.call;

import app.bittern.plan.Mailbox;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A mailbox takes a message: the call has ended the moment it comes in, unless key 0 leads to somebody or as many
/// messages are kept as it keeps.
final class MailboxBehaviour implements Behaviour<Mailbox> {
    @Override
    public List<Outcome> outcomes(Mailbox mailbox, Scene scene) {
        List<Outcome> outcomes = new ArrayList<>();
        outcomes.add(Outcome.of(new Cause.Message(), Window.NOW, scene.ends(Ending.Kind.MESSAGE, mailbox.ref())));
        if (mailbox.operator().isPresent()) {
            outcomes.add(Outcome.of(
                            new Cause.Operator(),
                            new Window(0, longest(mailbox, scene)),
                            scene.onward(mailbox.operator()))
                    .by("operator"));
        }
        if (mailbox.maxMessages().isPresent()) {
            outcomes.add(Outcome.of(new Cause.Full(), Window.NOW, scene.ends(Ending.Kind.HUNG_UP, mailbox.ref())));
        }
        return outcomes;
    }

    /// The length of the longest greeting that a caller may be told.
    private static int longest(Mailbox mailbox, Scene scene) {
        return Stream.concat(
                        Stream.of(mailbox.greeting()),
                        mailbox.greetings().values().stream().map(Optional::of))
                .mapToInt(scene::length)
                .max()
                .orElse(0);
    }

    @Override
    public Decision decide(Mailbox mailbox, Scene scene, BenchInHand bench) {
        Found found = bench.arrive(mailbox.ref());
        if (found.full(mailbox.maxMessages())) {
            return Decision.of(
                    new Cause.Full(),
                    0,
                    "Mailbox " + mailbox.title() + " is full: the call is hung up",
                    List.of(),
                    List.of(Why.held(
                            "full",
                            "it keeps " + mailbox.maxMessages().orElse(0) + " messages, and found is " + found)));
        }
        Optional<Ref> said = mailbox.greeting(bench.reason());
        int greeting = scene.length(said);
        if (mailbox.operator().isPresent()
                && bench.peek().digits().equals("0")
                && bench.peek().second(0, greeting) <= greeting) {
            int pressed = Math.min(greeting, bench.take().second(0, greeting));
            List<Heard> hears = new ArrayList<>(greeting(said, scene, pressed));
            hears.add(new Heard(pressed, pressed, Heard.Sound.KEY, "0"));
            return Decision.of(
                            new Cause.Operator(),
                            pressed,
                            "Key 0 in mailbox " + mailbox.title() + ": to " + scene.words(mailbox.operator()),
                            hears,
                            List.of(Why.held("key 0", "pressed during the greeting")))
                    .speaking();
        }
        Why key = mailbox.operator().isPresent()
                ? Why.not("key 0", "not pressed")
                : Why.not("key 0", "leads nowhere in this mailbox");
        return Decision.of(
                        new Cause.Message(),
                        0,
                        "A message is left in mailbox " + mailbox.title(),
                        greeting(said, scene, greeting),
                        List.of(Why.held("message", "the call has come to a mailbox"), key))
                .speaking();
    }

    private static List<Heard> greeting(Optional<Ref> said, Scene scene, int seconds) {
        return said.filter(prompt -> seconds > 0)
                .map(prompt -> List.of(new Heard(0, seconds, Heard.Sound.SPEECH, scene.words(prompt))))
                .orElse(List.of());
    }
}
