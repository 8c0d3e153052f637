package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A route passes its calls on at once, or turns away callers who withhold their number.
///
/// Callers who are asked to key their number first (`withheld: ask`) are taken as having keyed it; no time is
/// counted for that.
final class RouteBehaviour implements Behaviour<Route> {
    @Override
    public List<Outcome> outcomes(Route route, Scene scene) {
        Onward on =
                scene.onward(route.to(), scene.context().speaking(route.dress().language()));
        if (route.withheld() != Route.WithheldCallers.REJECT) {
            return List.of(Outcome.of(new Cause.Passed(), Window.NOW, on));
        }
        return List.of(
                new Outcome(
                        new Cause.Passed(),
                        Window.NOW,
                        new Condition.CallerIs(List.of(new Route.From.Withheld()), Optional.empty()),
                        on),
                new Outcome(
                        new Cause.Rejected(),
                        Window.NOW,
                        new Condition.CallerIs(List.of(), Optional.of(new Route.From.Withheld())),
                        scene.ends(Ending.Kind.HUNG_UP, scene.at())));
    }

    @Override
    public Decision decide(Route route, Scene scene, BenchInHand bench) {
        boolean withheld = bench.bench().caller() instanceof Caller.Withheld;
        boolean rejected = withheld && route.withheld() == Route.WithheldCallers.REJECT;
        String to = scene.words(route.to());
        String what = rejected
                ? "Route " + route.title() + " turns the call away: the caller's number is withheld"
                : "Route " + route.title() + " takes the call, to " + to
                        + (withheld && route.withheld() == Route.WithheldCallers.ASK
                                ? "; the caller is asked to key a number first, taken as done at once"
                                : "");
        return Decision.of(
                rejected ? new Cause.Rejected() : new Cause.Passed(), 0, what, List.of(), ranking(scene, bench));
    }

    /// Every route with its rank, or with the condition that does not hold.
    private static List<Why> ranking(Scene scene, BenchInHand bench) {
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
