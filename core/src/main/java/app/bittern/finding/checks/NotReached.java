package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// An object that calls can be sent to and that no inbound number reaches.
final class NotReached implements Check {
    private static final About ABOUT = new About(
            "not-reached",
            "Object that no number reaches",
            Severity.HINT,
            "An object that calls can be sent to and that no inbound number reaches.",
            "Nobody outside can get there; it may be for calls inside the house alone. Lead something to it, or take it away.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Set<Ref> rung = new HashSet<>();
        examination
                .reached()
                .objects()
                .forEach(ref -> examination
                        .plan()
                        .find(ref)
                        .ifPresent(object ->
                                object.slots().forEach(slot -> slot.target().ifPresent(rung::add))));
        return examination.plan().objects().stream()
                .filter(object -> object.ref().kind().routable() && object.ref().kind() != Kind.EXTENSION)
                .filter(object -> !examination.reached().comesTo(object.ref()) && !rung.contains(object.ref()))
                .filter(object -> object.number().isEmpty())
                .map(object -> ABOUT.at(object.ref(), Says.the(object) + " is reached from no inbound number."))
                .toList();
    }
}
