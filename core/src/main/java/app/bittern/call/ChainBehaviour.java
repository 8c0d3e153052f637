package app.bittern.call;

import app.bittern.plan.Chain;
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
        Ringing ringing = Ringing.of(now, scene.plan());
        int time = now.time().value();
        Onward next = next(chain, scene);
        List<Outcome> outcomes = new ArrayList<>();
        Ending answered = Ending.of(Ending.Kind.ANSWERED, chain.ref()).by(now.ring());
        ringing.answered(time)
                .ifPresent(window -> outcomes.add(Outcome.of(new Cause.Answered(), window, new Onward.Ends(answered))));
        ringing.unanswered(time)
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
            return Decision.atOnce(new Cause.Passed(), new Account.AtStage(chain, stage, List.of()));
        }
        Chain.Stage now = chain.stages().get(stage);
        int time = now.time().value();
        List<Rung> phones = Rung.together(Ringing.of(now, scene.plan()), time, bench);
        Account account = new Account.AtStage(chain, stage, phones);
        if (phones.stream().noneMatch(Rung::reachable)) {
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
