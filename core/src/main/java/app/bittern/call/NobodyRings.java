package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.Group;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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

    static Decision decide(Group group, Scene scene, List<Rung> members) {
        return decide(
                group,
                scene,
                members.stream().anyMatch(Rung::busy),
                members.stream().map(Rung::why).toList());
    }

    static Decision decide(Group group, Scene scene, boolean busy, List<Why> members) {
        String says =
                group.members().isEmpty() ? " has no members" : busy ? " has nobody free" : " has every phone off";
        Optional<Destination> to = busy ? group.onBusy() : group.onUnreachable();
        List<Why> why = new ArrayList<>(members);
        why.add(Why.held(busy ? "busy" : "unreachable", group.title() + says));
        return Decision.of(
                busy ? new Cause.Busy() : new Cause.Unreachable(),
                0,
                group.title() + says + ": to " + scene.words(to),
                List.of(),
                why);
    }
}
