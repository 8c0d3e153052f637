package app.bittern.call;

import app.bittern.number.E164;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A chain rings the target of each stage for its time; every stage is a state of its own.
final class ChainBehaviour implements Behaviour<Chain> {
    @Override
    public List<Outcome> outcomes(Chain chain, Scene scene) {
        int stage = scene.state().stage();
        if (stage >= chain.stages().size()) {
            return List.of(Outcome.of(new Cause.Passed(), Window.NOW, scene.onward(chain.then()))
                    .by("then"));
        }
        Chain.Stage now = chain.stages().get(stage);
        int time = now.time().value();
        Onward next = next(chain, scene);
        Ending answered = Ending.of(Ending.Kind.ANSWERED, chain.ref()).by(now.ring());
        return List.of(
                Outcome.of(new Cause.Answered(), new Window(0, time), new Onward.Ends(answered)),
                Outcome.of(new Cause.NoAnswer(), Window.at(time), next).by("then"),
                Outcome.of(new Cause.Busy(), Window.NOW, next).by("then"),
                Outcome.of(new Cause.Unreachable(), Window.NOW, next).by("then"));
    }

    private static Onward next(Chain chain, Scene scene) {
        int stage = scene.state().stage() + 1;
        return stage < chain.stages().size()
                ? new Onward.Next(new State(chain.ref(), stage, scene.context()))
                : scene.onward(chain.then());
    }

    @Override
    public Decision decide(Chain chain, Scene scene, BenchInHand bench) {
        int stage = scene.state().stage();
        if (stage >= chain.stages().size()) {
            return Decision.of(
                    new Cause.Passed(),
                    0,
                    chain.title() + " has no stages: to " + scene.words(chain.then()),
                    List.of(),
                    List.of(Why.held("then", "there is nothing to ring")));
        }
        Chain.Stage now = chain.stages().get(stage);
        List<Rung> phones = phones(now, scene, bench.bench());
        List<Why> why = new ArrayList<>(phones.stream().map(Rung::why).toList());
        String where = chain.title() + ", stage " + (stage + 1) + " of "
                + chain.stages().size();
        String next = stage + 1 < chain.stages().size() ? "stage " + (stage + 2) : scene.words(chain.then());
        if (phones.stream().noneMatch(Rung::rings)) {
            boolean busy = phones.stream().anyMatch(Rung::busy);
            why.add(Why.held(busy ? "busy" : "unreachable", "on at once, as nothing rings"));
            return Decision.of(
                    busy ? new Cause.Busy() : new Cause.Unreachable(),
                    0,
                    where + " finds its target " + (busy ? "busy" : "off") + ": to " + next,
                    List.of(),
                    why);
        }
        int time = now.time().value();
        Rung first = phones.stream()
                .filter(phone -> phone.answersAt() >= 0)
                .reduce((one, other) -> other.answersAt() < one.answersAt() ? other : one)
                .orElse(phones.getFirst());
        int end = first.answersAt() >= 0 ? first.answersAt() : time;
        List<Heard> hears = end == 0
                ? List.of()
                : List.of(new Heard(0, end, Heard.Sound.RINGING, scene.words(Optional.of(now.ring()))));
        if (first.answersAt() >= 0) {
            return Decision.of(
                            new Cause.Answered(),
                            end,
                            first.who() + " answers in " + where + " after " + end + " s",
                            hears,
                            why)
                    .answeredBy(first.reference());
        }
        why.add(Why.held("no answer", "nobody took the call within " + now.time()));
        return Decision.of(
                new Cause.NoAnswer(),
                end,
                where + " rang for " + end + " s and nobody answered: to " + next,
                hears,
                why);
    }

    /// The phones that a stage rings; a target that is missing rings none.
    private static List<Rung> phones(Chain.Stage stage, Scene scene, Bench bench) {
        int stops = stage.time().value();
        return switch (stage.ring()) {
            case Destination.Outside(E164 number) ->
                List.of(Rung.of(member(new Party.Outside(number)), false, stops, scene, bench));
            case Destination.To(Ref ref) ->
                scene.plan()
                        .find(ref, RingGroup.class)
                        .map(group -> group.members().stream()
                                .map(member -> Rung.of(member, group.followForwarding(), stops, scene, bench))
                                .toList())
                        .orElseGet(() -> List.of(Rung.of(member(new Party.Inside(ref)), false, stops, scene, bench)));
            default -> throw new IllegalStateException(stage.ring() + " cannot be rung");
        };
    }

    private static Member member(Party party) {
        return new Member(party, new Seconds(0), false);
    }
}
