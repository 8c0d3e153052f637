package app.bittern.paths;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Ending;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// All numbers together are the sum of each by itself: the paths, how they end, and when.
class AllNumbersTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    /// Ways to an ending, first and last second.
    private record Sum(BigInteger paths, Span span) {
        private Sum and(Sum other) {
            return new Sum(paths.add(other.paths), span.union(other.span));
        }
    }

    private static InboundNumber number(String text) {
        return new InboundNumber(
                new E164(text),
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                InboundNumber.Status.ACTIVE,
                Optional.empty(),
                Optional.empty());
    }

    @Test
    void areTheSumOfEachByItself() {
        Random random = Seeds.random(29);
        for (int plans = 0; plans < 28; plans++) {
            Plan plan = RandomPlans.plan(random).with(number("+441632960101")).with(number("+4790000001"));
            Paths paths = Paths.of(plan, HORIZON);
            AllNumbers all = paths.all();
            Map<Ending, Sum> expected = new HashMap<>();
            BigInteger count = BigInteger.ZERO;
            for (NumberPaths number : paths.each()) {
                count = count.add(number.count());
                assertThat(all.numbers()).containsEntry(number.called(), number.count());
                number.endings()
                        .forEach(ends -> expected.merge(ends.ending(), new Sum(ends.paths(), ends.span()), Sum::and));
            }
            assertThat(all.count()).isEqualTo(count);
            Map<Ending, Sum> found = new HashMap<>();
            all.endings().forEach(ends -> found.merge(ends.ending(), new Sum(ends.paths(), ends.span()), Sum::and));
            assertThat(found).as("plan %d", plans).isEqualTo(expected);
        }
    }
}
