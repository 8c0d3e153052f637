package app.bittern.call;

import app.bittern.hours.Calendar;
import app.bittern.hours.HoursState;
import app.bittern.plan.Hours;
import app.bittern.plan.Ref;
import app.bittern.plan.Split;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A split takes one case, at once.
final class SplitBehaviour implements Behaviour<Split> {
    private static final String MISSING = "missing";

    @Override
    public List<Outcome> outcomes(Split split, Scene scene) {
        return switch (split.by()) {
            case Split.By.OfHours(Ref hours) ->
                scene.plan()
                        .find(hours, Hours.class)
                        .map(found -> byHours(split, scene, found))
                        .orElseGet(() ->
                                List.of(Outcome.of(new Cause.Case(MISSING), Window.NOW, scene.lost(Ending.Lost.HOLE))));
        };
    }

    private static List<Outcome> byHours(Split split, Scene scene, Hours hours) {
        return Stream.concat(split.cases().keySet().stream(), hours.calendar().names().stream())
                .distinct()
                .filter(hours.calendar().names()::contains)
                .map(state -> new Outcome(
                        new Cause.Case(state),
                        Window.NOW,
                        new Condition.HoursIn(hours.ref(), state),
                        scene.onward(split.destination(state))))
                .toList();
    }

    @Override
    public Decision decide(Split split, Scene scene, BenchInHand bench) {
        return switch (split.by()) {
            case Split.By.OfHours(Ref ref) ->
                scene.plan()
                        .find(ref, Hours.class)
                        .map(hours -> decideByHours(split, scene, bench, hours))
                        .orElseGet(() -> Decision.of(
                                new Cause.Case(MISSING),
                                0,
                                split.title() + " asks " + ref + ", which is missing",
                                List.of(),
                                List.of(Why.not(ref.toString(), "there is no such object in the plan"))));
        };
    }

    private static Decision decideByHours(Split split, Scene scene, BenchInHand bench, Hours hours) {
        Calendar calendar = hours.calendar();
        int holds = calendar.indexAt(bench.local());
        String state = calendar.states().get(holds).state();
        List<Why> why = new ArrayList<>();
        for (int index = 0; index < calendar.states().size(); index++) {
            HoursState one = calendar.states().get(index);
            String rule = hours.title() + ": " + one.state() + " (" + one.rulesInWords() + ")";
            if (index == holds) {
                why.add(Why.held(
                        rule, one.unconditional() ? "no state before it holds" : "the first state that holds"));
            } else {
                why.add(Why.not(rule, one.failing(bench.local()).orElse("a state before it holds")));
            }
        }
        return Decision.of(
                new Cause.Case(state),
                0,
                hours.title() + " " + (hours.title().endsWith("s") ? "are " : "is ") + state + ": to "
                        + scene.words(split.destination(state)),
                List.of(),
                why);
    }
}
