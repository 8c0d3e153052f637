package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;

/// Two things said to waiting callers at the same time.
final class QueueOverlap implements Check {
    private static final About ABOUT = new About(
            "queue-overlap",
            "Announcements that overlap",
            Severity.WARNING,
            "Two things said to waiting callers at the same time.",
            "One of the two is said late or not at all. Move one of them.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int FIGURE = 3;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Queue.class).flatMap(queue -> overlaps(plan, queue)).toList();
    }

    private record Said(int from, int to, int item) {}

    private static Stream<Finding> overlaps(Plan plan, Queue queue) {
        List<Said> all = new ArrayList<>();
        for (int item = 0; item < queue.during().size(); item++) {
            Queue.During during = queue.during().get(item);
            int length = length(plan, during);
            int every = during.every().map(Seconds::value).orElse(0);
            for (int second = during.first(); length > 0 && second < queue.longestWait(); second += every) {
                all.add(new Said(second, second + length, item));
                if (every == 0) {
                    break;
                }
            }
        }
        all.sort(Comparator.comparingInt(Said::from));
        for (int index = 0; index + 1 < all.size(); index++) {
            Said one = all.get(index);
            Said next = all.get(index + 1);
            if (next.from() < one.to()) {
                return Stream.of(ABOUT.at(
                        queue.ref(),
                        "during/" + next.item(),
                        Says.the(queue) + " says two things " + new Seconds(next.from()) + " into the wait (during/"
                                + one.item() + " and during/" + next.item() + ")."));
            }
        }
        return Stream.empty();
    }

    private static int length(Plan plan, Queue.During during) {
        return during.say()
                .map(said -> said instanceof Queue.Said.Words(Ref ref)
                        ? plan.find(ref, Prompt.class)
                                .map(prompt -> prompt.length(
                                        plan.site().defaultLanguage(),
                                        plan.site().defaultLanguage()))
                                .orElse(0)
                        : FIGURE)
                .orElse(0);
    }
}
