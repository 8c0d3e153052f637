package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Party;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// An extension rings its phones, or sends its calls on as its forwarding says; without forwarding to its
/// mailbox.
final class ExtensionBehaviour implements Behaviour<Extension> {
    @Override
    public List<Outcome> outcomes(Extension extension, Scene scene) {
        if (extension.forward().always().isPresent()) {
            return List.of(Outcome.of(
                            new Cause.Forwarded(),
                            Window.NOW,
                            scene.onward(extension.forward().always()))
                    .by("forward", "always"));
        }
        Outcome busy = unanswered(
                new Cause.Busy(), Window.NOW, "busy", extension.forward().busy(), extension, scene, Ending.Kind.BUSY);
        if (extension.doNotDisturb()) {
            return List.of(busy);
        }
        Outcome unreachable = unanswered(
                new Cause.Unreachable(),
                Window.NOW,
                "unreachable",
                extension.forward().unreachable(),
                extension,
                scene,
                Ending.Kind.HUNG_UP);
        if (extension.phones().isEmpty()) {
            return List.of(unreachable);
        }
        int rings = extension.ringFor().value();
        List<Outcome> outcomes = new ArrayList<>(List.of(
                Outcome.of(
                        new Cause.Answered(),
                        new Window(0, rings),
                        new Onward.Ends(
                                Ending.of(Ending.Kind.ANSWERED, extension.ref()).by(extension.ref()))),
                unanswered(
                        new Cause.NoAnswer(),
                        Window.at(rings),
                        "noAnswer",
                        extension.forward().noAnswer(),
                        extension,
                        scene,
                        Ending.Kind.HUNG_UP)));
        if (!extension.callWaiting()) {
            outcomes.add(busy);
        }
        outcomes.add(unreachable);
        return outcomes;
    }

    /// Where a call goes that is not taken: as forwarded for that, else to the mailbox, else it ends.
    private static Outcome unanswered(
            Cause cause,
            Window window,
            String condition,
            Optional<Destination> forward,
            Extension extension,
            Scene scene,
            Ending.Kind otherwise) {
        Optional<Destination> to = forward.or(() -> mailbox(extension));
        Outcome outcome =
                Outcome.of(cause, window, to.isPresent() ? scene.onward(to) : scene.ends(otherwise, extension.ref()));
        return forward.isEmpty() && to.isPresent() ? outcome.by("mailbox") : outcome.by("forward", condition);
    }

    private static Optional<Destination> mailbox(Extension extension) {
        return extension.mailbox().map(Destination.To::new);
    }

    @Override
    public Decision decide(Extension extension, Scene scene, BenchInHand bench) {
        Optional<Destination> always = extension.forward().always();
        if (always.isPresent()) {
            return Decision.of(
                    new Cause.Forwarded(),
                    0,
                    extension.title() + " forwards all calls to " + scene.words(always),
                    List.of(),
                    List.of(Why.held("forward always", "it is set to " + scene.words(always))));
        }
        Ringing.Phone own = Ringing.alone(new Party.Inside(extension.ref()), false, scene.plan())
                .phones()
                .getFirst();
        Reaction phone = Rung.react(own, bench);
        return switch (phone) {
            case Reaction.Busy busy ->
                unanswered(
                        extension,
                        scene,
                        bench,
                        new Cause.Busy(),
                        0,
                        extension.doNotDisturb() ? "set to do not disturb" : "busy",
                        extension.forward().busy(),
                        "busy tone");
            case Reaction.Off off ->
                unanswered(
                        extension,
                        scene,
                        bench,
                        new Cause.Unreachable(),
                        0,
                        "not reachable",
                        extension.forward().unreachable(),
                        "hang-up");
            case Reaction.Answers(int after) -> answered(extension, scene, bench, after, "the phone is answered");
            case Reaction.Machine(int after) ->
                answered(extension, scene, bench, after, "its own voicemail takes the call");
            case Reaction.Declines declines -> noAnswer(extension, scene, bench);
            case Reaction.Silent silent -> noAnswer(extension, scene, bench);
        };
    }

    private static Decision answered(Extension extension, Scene scene, BenchInHand bench, int after, String how) {
        return after > extension.ringFor().value()
                ? noAnswer(extension, scene, bench)
                : Decision.of(
                                new Cause.Answered(),
                                after,
                                extension.title() + " answers after " + after + " s",
                                ringing(extension, bench, after),
                                List.of(Why.held(
                                        "answered", how + " after " + after + " s, within " + extension.ringFor())))
                        .answeredBy(extension.ref().toString());
    }

    private static Decision noAnswer(Extension extension, Scene scene, BenchInHand bench) {
        return unanswered(
                extension,
                scene,
                bench,
                new Cause.NoAnswer(),
                extension.ringFor().value(),
                "not answered within " + extension.ringFor(),
                extension.forward().noAnswer(),
                "hang-up");
    }

    private static Decision unanswered(
            Extension extension,
            Scene scene,
            BenchInHand bench,
            Cause cause,
            int after,
            String reason,
            Optional<Destination> forward,
            String otherwise) {
        Optional<Ref> mailbox = extension.mailbox();
        String to = forward.isPresent()
                ? scene.words(forward)
                : mailbox.map(scene::title).orElse(otherwise);
        List<Why> why = new ArrayList<>();
        why.add(Why.not("forward always", "not set"));
        for (Cause one : List.of(new Cause.NoAnswer(), new Cause.Busy(), new Cause.Unreachable())) {
            String rule = one.id().replace('-', ' ');
            why.add(
                    one.equals(cause)
                            ? Why.held(rule, "the phone is " + reason + "; " + way(forward, mailbox, to))
                            : Why.not(rule, "the phone is " + reason));
        }
        return Decision.of(
                cause,
                after,
                extension.title() + " is " + reason + ": to " + to,
                ringing(extension, bench, after),
                why);
    }

    private static String way(Optional<Destination> forward, Optional<Ref> mailbox, String to) {
        return forward.isPresent()
                ? "its forwarding for that is " + to
                : mailbox.isPresent()
                        ? "no forwarding for that, so its mailbox " + to
                        : "no forwarding and no mailbox, so " + to;
    }

    private static List<Heard> ringing(Extension extension, BenchInHand bench, int seconds) {
        return seconds == 0
                ? List.of()
                : List.of(bench.waiting(0, seconds, Optional.empty(), Heard.Sound.RINGING, extension.title()));
    }
}
