package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Order;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A setting of a queue that changes no call.
final class NoEffect extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "no-effect",
            "Setting without effect",
            Severity.HINT,
            "A setting of a queue that changes no call: what comes after the longest wait, ranks where the order does not go by them, a callback that is never offered, a notice whose last day is past.",
            "Whoever set it takes it for working. Change what it depends on, or take it away.");

    NoEffect() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        List<Finding> findings = new ArrayList<>();
        String most = ", and callers wait for " + new Seconds(queue.longestWait()).said() + " at most.";
        for (int place = 0; place < queue.meanwhile().size(); place++) {
            Queue.Meanwhile item = queue.meanwhile().get(place);
            if (item.enabled() && item.first() >= queue.longestWait()) {
                Seconds first = new Seconds(item.first());
                findings.add(at(
                        queue,
                        Pointer.of("meanwhile", place),
                        " says or offers something first after " + first.said() + most,
                        first));
            }
        }
        for (int place = 0; place < queue.agents().size(); place++) {
            Queue.Agent agent = queue.agents().get(place);
            String who = examination.plan().title(agent.party());
            if (agent.joinsAfter().value() > 0 && agent.joinsAfter().value() >= queue.longestWait()) {
                findings.add(at(
                        queue,
                        Pointer.of("agents", place, "joinsAfter"),
                        " rings " + who + " only after " + agent.joinsAfter().said() + most,
                        agent.party(),
                        agent.joinsAfter()));
            }
            if (agent.rank() > 1 && queue.order() != Order.BY_RANK) {
                findings.add(at(
                        queue,
                        Pointer.of("agents", place, "rank"),
                        " gives " + who + " rank " + agent.rank() + ", and its order ("
                                + queue.order().word() + ") does not go by ranks.",
                        agent.party(),
                        agent.rank()));
            }
        }
        queue.needs()
                .flatMap(Queue.Needs::relaxAfter)
                .filter(after -> after.value() >= queue.longestWait())
                .ifPresent(after -> findings.add(at(
                        queue,
                        Pointer.of("needs", "relaxAfter"),
                        " rings others too after " + after.said() + most,
                        after)));
        if (queue.callback().isPresent() && !offersCallback(queue)) {
            findings.add(
                    at(queue, Pointer.of("callback"), " says how callers are rung back, and offers it to nobody."));
        }
        queue.notice()
                .filter(Queue.Notice::on)
                .flatMap(Queue.Notice::until)
                .filter(until -> until.isBefore(examination.horizon().from()))
                .ifPresent(until -> findings.add(at(
                        queue, Pointer.of("notice"), " has a notice whose last day is past (" + until + ").", until)));
        return findings.stream();
    }

    private static boolean offersCallback(Queue queue) {
        return queue.meanwhile().stream()
                .filter(item -> item.enabled() && item.first() < queue.longestWait())
                .flatMap(item -> item.keys().values().stream())
                .anyMatch(Queue.Offer.CallsBack.class::isInstance);
    }

    private static Finding at(Queue queue, Pointer field, String says, Object... values) {
        return ABOUT.at(queue.ref(), field, Says.the(queue) + says).of(values);
    }
}
