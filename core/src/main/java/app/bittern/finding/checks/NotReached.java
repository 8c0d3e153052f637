package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/// An object that calls can be sent to and that no number reaches.
final class NotReached implements Check {
    private static final About ABOUT = new About(
            "not-reached",
            "Object that no number reaches",
            Severity.HINT,
            "An object that calls can be sent to and that no number reaches, from outside or inside.",
            "Nobody can get there. Lead something to it, or take it away.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Set<Ref> come = new HashSet<>(Inside.of(plan));
        come.addAll(Inside.from(plan, examination.reached().objects()));
        // Who wants to be rung back keys a number in there, and is in the wait again.
        come.addAll(Inside.from(
                plan,
                plan.all(Queue.class)
                        .filter(queue -> come.contains(queue.ref()))
                        .flatMap(queue -> queue.callback().stream())
                        .flatMap(callback -> callback.ask().stream())
                        .toList()));
        plan.all(Alarm.class)
                .flatMap(alarm -> alarm.page().stream())
                .flatMap(page -> page.over().stream())
                .forEach(come::add);
        return plan.objects().stream()
                .filter(object -> object.ref().kind().routable() && !come.contains(object.ref()))
                .map(object -> ABOUT.at(object.ref(), Says.the(object) + " is reached from no number.")
                        .together("are reached from no number"))
                .toList();
    }
}
