package app.bittern.finding.checks;

import app.bittern.call.Context;
import app.bittern.call.QueueCourse;
import app.bittern.call.Schedule;
import app.bittern.call.State;
import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.Optional;
import java.util.stream.Stream;

/// Two things said to waiting callers at the same time.
final class QueueOverlap extends PerObject<Queue> {
    private static final About ABOUT = new About(
            "queue-overlap",
            "Announcements that overlap",
            Severity.WARNING,
            "Two things said to waiting callers at the same time.",
            "One of the two is said late or not at all. Move one of them.");

    QueueOverlap() {
        super(ABOUT, Queue.class);
    }

    @Override
    Stream<Finding> look(Queue queue, Examination examination) {
        Plan plan = examination.plan();
        return overlaps(plan, queue);
    }

    private static Stream<Finding> overlaps(Plan plan, Queue queue) {
        return QueueCourse.all(
                        queue,
                        plan,
                        new State(queue.ref(), Context.in(plan.site().defaultLanguage())))
                .stream()
                .flatMap(course -> overlap(plan, queue, course).stream())
                .limit(1);
    }

    private static Optional<Finding> overlap(Plan plan, Queue queue, QueueCourse course) {
        String language = queue.language().orElse(plan.site().defaultLanguage());
        return Schedule.collisions(course, ref -> plan.seconds(ref, language), queue.longestWait()).stream()
                .findFirst()
                .map(two -> {
                    String one = words(plan, two.one());
                    String next = words(plan, two.next());
                    return ABOUT.at(
                                    queue.ref(),
                                    Pointer.of("meanwhile", two.next().place()),
                                    Says.the(queue) + " says " + one + " and " + next + " at once, "
                                            + new Seconds(two.second()).said() + " into the wait.")
                            .of(one, next, new Seconds(two.second()));
                });
    }

    private static String words(Plan plan, QueueCourse.Item item) {
        return item.said()
                .say()
                .map(what -> switch (what) {
                    case Queue.Said.Words(Ref ref) -> "prompt " + plan.title(ref);
                    case Queue.Said.Position position -> "the place in the line";
                    case Queue.Said.ExpectedWait expected -> "the expected wait";
                })
                .orElse("");
    }
}
