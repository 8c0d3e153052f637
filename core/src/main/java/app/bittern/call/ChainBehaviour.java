package app.bittern.call;

import app.bittern.plan.Chain;
import app.bittern.plan.HuntGroup;
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
        Onward answered =
                new Onward.Ends(Ending.of(Ending.Kind.ANSWERED, chain.ref()).by(now.ring()), scene.context());
        return QueueStage.of(now, scene)
                .map(queue -> queue.outcomes(answered, next))
                .orElseGet(() -> rung(
                        Ringing.of(now, scene.plan()), now.rung(scene.plan(), HuntGroup.class), time, answered, next));
    }

    private static List<Outcome> rung(
            Ringing ringing, Optional<HuntGroup> hunts, int time, Onward answered, Onward next) {
        List<Outcome> outcomes = new ArrayList<>();
        hunts.map(group -> hunted(group, ringing, time))
                .orElseGet(() -> ringing.answered(time))
                .ifPresent(window -> outcomes.add(Outcome.of(new Cause.Answered(), window, answered)));
        hunts.map(group -> unanswered(group, ringing, time))
                .orElseGet(() -> ringing.unanswered(time))
                .ifPresent(window -> outcomes.add(
                        Outcome.of(new Cause.NoAnswer(), window, next).by("then")));
        if (ringing.canBeBusy()) {
            outcomes.add(Outcome.of(new Cause.Busy(), Window.NOW, next).by("then"));
        }
        if (ringing.canBeOff()) {
            outcomes.add(Outcome.of(new Cause.Unreachable(), Window.NOW, next).by("then"));
        }
        return outcomes;
    }

    /// When a hunt group can be answered in so many seconds.
    private static Optional<Window> hunted(HuntGroup group, Ringing ringing, int time) {
        return Optional.of(ringing.able())
                .filter(able -> !able.isEmpty())
                .map(able -> new Window(0, Math.min(time, HuntGroupBehaviour.longest(group, able))));
    }

    /// When it has hunted to no avail, or is given up.
    private static Optional<Window> unanswered(HuntGroup hunts, Ringing ringing, int time) {
        boolean declines = ringing.able().stream().anyMatch(Ringing.Phone::keyToTake);
        int soonest = declines ? 0 : Math.min(time, hunts.ringEach().value());
        return hunted(hunts, ringing, time).map(window -> new Window(soonest, window.latest()));
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
            return Decision.atOnce(new Cause.Passed(), new Account.AtStage(chain, stage, List.of(), Optional.empty()));
        }
        Chain.Stage now = chain.stages().get(stage);
        int time = now.time().value();
        Optional<QueueStage> queue = QueueStage.of(now, scene);
        if (queue.isPresent()) {
            return queue.get().decide(chain, stage, bench);
        }
        Optional<HuntGroup> hunts = now.rung(scene.plan(), HuntGroup.class);
        if (hunts.isPresent()) {
            Decision hunted = HuntGroupBehaviour.decide(hunts.get(), scene, bench, time);
            return hunted.told(new Account.AtStage(chain, stage, List.of(), Optional.of(hunted.account())));
        }
        List<Rung> phones = Rung.together(Ringing.of(now, scene.plan()), time, bench);
        Account account = new Account.AtStage(chain, stage, phones, Optional.empty());
        if (Rung.nobodyRings(phones)) {
            return NobodyRings.decide(phones.stream().anyMatch(Rung::busy), account);
        }
        Optional<Rung> first = Rung.first(phones);
        int end = first.map(Rung::answersAt).orElseGet(() -> Rung.ends(phones, time));
        List<Heard> hears = end == 0
                ? List.of()
                : List.of(bench.waiting(0, end, Optional.empty(), Heard.Sound.RINGING, scene.title(now.ring())));
        return first.map(one ->
                        Decision.of(new Cause.Answered(), end, hears, account).answeredBy(one.party()))
                .orElseGet(() -> Decision.of(new Cause.NoAnswer(), end, hears, account));
    }
}
