package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A route passes its calls on at once; callers without a number elsewhere where it says so.
final class RouteBehaviour implements Behaviour<Route> {
    @Override
    public List<Outcome> outcomes(Route route, Scene scene) {
        Onward on =
                scene.onward(route.to(), scene.context().speaking(route.dress().language()));
        Outcome passed = Outcome.of(new Cause.Passed(), Window.NOW, on).by("to");
        if (route.withheld().isEmpty()) {
            return List.of(passed);
        }
        Route.From without = new Route.From.Withheld();
        Onward instead = scene.onward(
                route.withheld(), scene.context().speaking(route.dress().language()));
        return List.of(
                passed.given(new Condition.CallerIs(List.of(without), Optional.empty())),
                Outcome.of(new Cause.NoNumber(), Window.NOW, instead)
                        .given(new Condition.CallerIs(List.of(), Optional.of(without)))
                        .by("withheld"));
    }

    @Override
    public Decision decide(Route route, Scene scene, BenchInHand bench) {
        boolean without = bench.bench().caller() instanceof Caller.Withheld
                && route.withheld().isPresent();
        String what = "Route " + route.title() + " takes the call, "
                + (without
                        ? "which comes without a number: to " + scene.words(route.withheld())
                        : "to " + scene.words(route.to()));
        return Decision.of(
                without ? new Cause.NoNumber() : new Cause.Passed(), 0, what, List.of(), ranking(scene, bench));
    }

    /// Every route with its rank, or with the condition that does not hold.
    private static List<Why> ranking(Scene scene, BenchInHand bench) {
        if (!bench.reasons()) {
            return List.of();
        }
        List<Why> why = new ArrayList<>();
        List<RouteChoice.Ranked> ranked = RouteChoice.ranked(
                scene.plan(), bench.bench().called(), bench.bench().caller(), bench.local());
        int place = 0;
        for (RouteChoice.Ranked one : ranked) {
            String rule = one.route().ref().toString();
            Optional<String> failed = one.failed();
            if (failed.isPresent()) {
                why.add(Why.not(rule, failed.get()));
            } else if (place++ == 0) {
                why.add(Why.held(rule, "rank 1: " + one.rankInWords()));
            } else {
                why.add(Why.not(rule, "its conditions hold too, but it is rank " + place + ": " + one.rankInWords()));
            }
        }
        return why;
    }
}
