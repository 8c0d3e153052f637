package app.bittern.call;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import java.util.List;
import org.junit.jupiter.api.Test;

class ScheduleCollisionsTest {
    /// Where nothing collides everything is said when it is due; where something does, something is said late.
    @Test
    void whatCollidesIsWhatIsSaidLate() {
        int together = 0;
        int apart = 0;
        for (int seed = 0; seed < 400; seed++) {
            Plan plan = RandomPlans.plan(Seeds.random(seed));
            String language = plan.site().defaultLanguage();
            for (Queue queue : plan.all(Queue.class).toList()) {
                for (QueueCourse course : QueueCourse.all(queue, plan, new State(queue.ref(), Context.in(language)))) {
                    int wait = Math.min(queue.longestWait(), 600);
                    List<Schedule.Collision> collisions =
                            Schedule.collisions(course, ref -> plan.seconds(ref, language), wait);
                    boolean late = Schedule.all(course, ref -> plan.seconds(ref, language), wait).stream()
                            // What says nothing has no length that could collide with anything.
                            .filter(said -> said.end() > said.start())
                            .anyMatch(said -> said.item().said().seconds(wait).noneMatch(due -> due == said.start()));
                    if (collisions.isEmpty()) {
                        apart++;
                        assertThat(late).as("seed %d, %s", seed, queue.ref()).isFalse();
                    } else {
                        together++;
                    }
                    assertThat(collisions)
                            .allSatisfy(two ->
                                    assertThat(two.next().said().seconds(wait)).contains(two.second()));
                }
            }
        }
        assertThat(together).isGreaterThanOrEqualTo(Seeds.met(1));
        assertThat(apart).isGreaterThanOrEqualTo(Seeds.met(1));
    }
}
