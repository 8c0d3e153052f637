package app.bittern.server.event;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import org.junit.jupiter.api.Test;

class PeopleTest {
    private static final long SECOND = Duration.ofSeconds(1).toNanos();

    private final People people = new People(Duration.ofSeconds(45));

    @Test
    void thoseOfAllServersAreNamedOnce() {
        assertThat(people.said("quay", "one", List.of("ade", "kari"), 0)).isEqualTo(new People.Heard(true, true));
        people.said("quay", "two", List.of("kari", "lea"), 0);
        people.said("pier", "two", List.of("noor"), 0);
        assertThat(people.with("quay", List.of("jonas", "kari"))).containsExactly("ade", "jonas", "kari", "lea");
        assertThat(people.with("shed", List.of("jonas"))).containsExactly("jonas");
    }

    @Test
    void sayingTheSameAgainChangesNothing() {
        people.said("quay", "one", List.of("ade"), 0);
        assertThat(people.said("quay", "one", List.of("ade"), SECOND)).isEqualTo(new People.Heard(false, false));
        assertThat(people.said("quay", "one", List.of(), SECOND)).isEqualTo(new People.Heard(false, true));
        assertThat(people.said("quay", "one", List.of(), SECOND)).isEqualTo(new People.Heard(false, false));
        assertThat(people.with("quay", List.of())).isEmpty();
    }

    @Test
    void aServerThatSaysNothingForAWhileIsGone() {
        people.said("quay", "one", List.of("ade"), 0);
        people.said("quay", "two", List.of("lea"), 30 * SECOND);
        assertThat(people.forgetSilent(40 * SECOND)).isEmpty();
        assertThat(people.forgetSilent(46 * SECOND)).containsExactly("quay");
        assertThat(people.with("quay", List.of())).containsExactly("lea");
    }
}
