package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Party;
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
                                Ending.of(Ending.Kind.ANSWERED, extension.ref()).by(extension.ref()), scene.context())),
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
        if (extension.forward().always().isPresent()) {
            return Decision.atOnce(new Cause.Forwarded(), new Account.Forwarded(extension));
        }
        Party own = new Party.Inside(extension.ref());
        Reaction phone =
                Rung.react(Ringing.alone(own, false, scene.plan()).phones().getFirst(), bench);
        Account account = new Account.Called(extension, phone);
        int rings = extension.ringFor().value();
        int answers = answers(phone);
        if (!Reaction.reachable(phone)) {
            return NobodyRings.decide(phone instanceof Reaction.Busy, account);
        }
        return answers <= rings
                ? Decision.of(new Cause.Answered(), answers, ringing(extension, bench, answers), account)
                        .answeredBy(own)
                : Decision.of(new Cause.NoAnswer(), rings, ringing(extension, bench, rings), account);
    }

    /// After how many seconds of ringing it is answered; beyond every ring time where it is not.
    private static int answers(Reaction phone) {
        return switch (phone) {
            case Reaction.Answers(int after) -> after;
            case Reaction.Machine(int after) -> after;
            case Reaction.Silent silent -> Integer.MAX_VALUE;
            case Reaction.Declines declines -> Integer.MAX_VALUE;
            case Reaction.Busy busy -> Integer.MAX_VALUE;
            case Reaction.Off off -> Integer.MAX_VALUE;
        };
    }

    private static List<Heard> ringing(Extension extension, BenchInHand bench, int seconds) {
        return seconds == 0
                ? List.of()
                : List.of(bench.waiting(0, seconds, Optional.empty(), Heard.Sound.RINGING, extension.title()));
    }
}
