package app.bittern.call;

import app.bittern.plan.Group;
import java.util.ArrayList;
import java.util.List;

/// What groups have in common where no phone rings.
final class NobodyRings {
    private NobodyRings() {}

    /// The ways out besides answering and not answering, at once; a group without members has only one, and is lost
    /// where nothing comes after.
    static List<Outcome> outcomes(Group group, Ringing ringing, Scene scene) {
        if (group.members().isEmpty()) {
            Onward empty = group.onUnreachable().isPresent()
                    ? scene.onward(group.onUnreachable())
                    : scene.lost(Ending.Lost.NOBODY);
            return List.of(
                    Outcome.of(new Cause.Unreachable(), Window.NOW, empty).by(unreachable(group)));
        }
        List<Outcome> outcomes = new ArrayList<>();
        if (ringing.canBeBusy()) {
            outcomes.add(Outcome.of(new Cause.Busy(), Window.NOW, scene.onward(group.onBusy()))
                    .by(busy(group)));
        }
        if (ringing.canBeOff()) {
            outcomes.add(Outcome.of(new Cause.Unreachable(), Window.NOW, scene.onward(group.onUnreachable()))
                    .by(unreachable(group)));
        }
        return outcomes;
    }

    private static String busy(Group group) {
        return group.busy().isPresent() ? "busy" : "noAnswer";
    }

    private static String unreachable(Group group) {
        return group.unreachable().isPresent() ? "unreachable" : busy(group);
    }

    static Decision decide(boolean busy, Account account) {
        return Decision.atOnce(busy ? new Cause.Busy() : new Cause.Unreachable(), account);
    }
}
