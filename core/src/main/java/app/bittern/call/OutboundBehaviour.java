package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Ref;
import app.bittern.plan.Trunk;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An outbound route sends a call out by the first of its trunks that has a free channel, if the phone may dial so.
final class OutboundBehaviour implements Behaviour<Outbound> {
    private static final String EMERGENCY = "emergency";

    @Override
    public List<Outcome> outcomes(Outbound outbound, Scene scene) {
        if (barred(outbound, scene)) {
            return List.of(Outcome.of(new Cause.Barred(), Window.NOW, scene.ends(Ending.Kind.BARRED, outbound.ref())));
        }
        Onward out = scene.ends(Ending.Kind.OUTSIDE, outbound.ref());
        return Stream.concat(
                        trunks(outbound, scene)
                                .map(trunk -> Outcome.of(new Cause.ByTrunk(trunk.ref()), Window.NOW, out)),
                        Stream.of(Outcome.of(
                                new Cause.NoChannel(), Window.NOW, scene.ends(Ending.Kind.NO_CHANNEL, outbound.ref()))))
                .toList();
    }

    private static boolean barred(Outbound outbound, Scene scene) {
        return !(scene.context().from() instanceof Origin.Inside inside
                && inside.may(scene.plan(), outbound.category()));
    }

    /// A trunk named twice is tried once.
    static Stream<Trunk> trunks(Outbound outbound, Scene scene) {
        return outbound.trunks().stream().distinct().flatMap(ref -> scene.plan().find(ref, Trunk.class).stream());
    }

    @Override
    public Decision decide(Outbound outbound, Scene scene, BenchInHand bench) {
        String digits = bench.bench().called() instanceof Arrival.Inside(String dialled) ? dialled : "";
        Optional<E164> shows = shows(outbound, scene, bench.bench().caller());
        if (barred(outbound, scene)) {
            return refused(
                    new Cause.Barred(), new Account.SentOut(outbound, digits, List.of(), Optional.empty(), shows));
        }
        List<Account.Tried> tried = new ArrayList<>();
        for (Trunk trunk : trunks(outbound, scene).toList()) {
            Found found = bench.arrive(trunk.ref());
            tried.add(new Account.Tried(trunk, found));
            if (found.free()) {
                return Decision.atOnce(
                        new Cause.ByTrunk(trunk.ref()),
                        new Account.SentOut(outbound, digits, tried, Optional.of(outbound.sent(digits)), shows));
            }
        }
        return refused(new Cause.NoChannel(), new Account.SentOut(outbound, digits, tried, Optional.empty(), shows));
    }

    private static Decision refused(Cause cause, Account.SentOut account) {
        return Decision.of(cause, 0, List.of(new Heard(0, 0, Heard.Sound.TONE, "congestion")), account);
    }

    /// The number of the phone or of its queue, else the route's; help must find who called, so for emergencies the
    /// route's.
    private static Optional<E164> shows(Outbound outbound, Scene scene, Caller caller) {
        return Optional.of(caller)
                .filter(one -> !outbound.category().equals(EMERGENCY))
                .flatMap(one -> one instanceof Caller.Inside(String number)
                        ? scene.plan().find(new Ref(Kind.EXTENSION, number), Extension.class)
                        : Optional.empty())
                .flatMap(phone -> Phones.shows(scene.plan(), phone))
                .or(outbound::callerId);
    }
}
