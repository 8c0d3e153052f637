package app.bittern.call;

import app.bittern.plan.Switch;
import java.util.List;

/// A switch whose number is dialled is turned on to its next position, and the call is done.
final class SwitchBehaviour implements Behaviour<Switch> {
    @Override
    public List<Outcome> outcomes(Switch turned, Scene scene) {
        return List.of(Outcome.of(new Cause.Done(), Window.NOW, scene.ends(Ending.Kind.DONE, turned.ref())));
    }

    @Override
    public Decision decide(Switch turned, Scene scene, BenchInHand bench) {
        return Decision.atOnce(
                new Cause.Done(), new Account.Turned(turned, bench.bench().position(turned)));
    }
}
