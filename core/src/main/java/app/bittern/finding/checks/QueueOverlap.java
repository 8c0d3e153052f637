package app.bittern.finding.checks;

import app.bittern.call.Context;
import app.bittern.call.QueueCourse;
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
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
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

    private record Said(int from, int to, int item) {}

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
        List<Said> all = new ArrayList<>();
        for (QueueCourse.Item item : course.items()) {
            int length = item.said().length(ref -> plan.seconds(ref, language));
            if (length > 0) {
                item.said()
                        .seconds(queue.longestWait())
                        .forEach(second -> all.add(new Said(second, second + length, item.place())));
            }
        }
        all.sort(Comparator.comparingInt(Said::from));
        for (int index = 0; index + 1 < all.size(); index++) {
            Said one = all.get(index);
            Said next = all.get(index + 1);
            if (next.from() < one.to()) {
                return Optional.of(ABOUT.at(
                                queue.ref(),
                                Pointer.of("meanwhile", next.item()),
                                Says.the(queue) + " says " + words(plan, queue, one) + " and "
                                        + words(plan, queue, next) + " at once, " + new Seconds(next.from()).said()
                                        + " into the wait.")
                        .of(words(plan, queue, one), words(plan, queue, next), new Seconds(next.from())));
            }
        }
        return Optional.empty();
    }

    private static String words(Plan plan, Queue queue, Said said) {
        return queue.meanwhile()
                .get(said.item())
                .say()
                .map(what -> switch (what) {
                    case Queue.Said.Words(Ref ref) -> "prompt " + plan.title(ref);
                    case Queue.Said.Position position -> "the place in the line";
                    case Queue.Said.ExpectedWait expected -> "the expected wait";
                })
                .orElse("");
    }
}
