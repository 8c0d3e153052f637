package app.bittern.call;

import app.bittern.plan.Route;
import java.util.List;
import java.util.Optional;

/// A route passes its calls on at once; callers without a number elsewhere where it says so.
final class RouteBehaviour implements Behaviour<Route> {
    @Override
    public List<Outcome> outcomes(Route route, Scene scene) {
        Context taken = scene.context().takenBy(route.ref()).given(route.sets());
        Onward on = scene.onward(route.to(), taken);
        Outcome passed = Outcome.of(new Cause.Passed(), Window.NOW, on).by("to");
        if (route.withheld().isEmpty() || !scene.context().byTrunk()) {
            return List.of(passed);
        }
        Route.From without = new Route.From.Without();
        Onward instead = scene.onward(route.withheld(), taken);
        return List.of(
                passed.given(new Condition.CallerIs(List.of(without), Optional.empty())),
                Outcome.of(new Cause.NoNumber(), Window.NOW, instead)
                        .given(new Condition.CallerIs(List.of(), Optional.of(without)))
                        .by("withheld"));
    }

    @Override
    public Decision decide(Route route, Scene scene, BenchInHand bench) {
        boolean without = route.withheld().isPresent()
                && Callers.is(scene.plan(), bench.bench().caller(), new Route.From.Without());
        return Decision.atOnce(without ? new Cause.NoNumber() : new Cause.Passed(), new Account.Routed(route));
    }
}
