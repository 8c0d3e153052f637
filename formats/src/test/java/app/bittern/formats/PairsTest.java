package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.compare.Comparison;
import app.bittern.compare.Difference;
import app.bittern.effect.Effects;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Each change of one field of the demo and the samples that a call can feel is noticed by the comparison, and
/// each call that it shows does otherwise; what no call feels is noticed by nobody. The pairs stand in `pairs.txt`.
class PairsTest {
    /// Whether all of them are: `./bittern verify --long`. Every day each third is.
    private static final boolean ALL = Boolean.getBoolean("bittern.all-plans");

    private static final int EACH = 3;
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);

    /// @param file in which it is changed
    /// @param felt whether a call feels it
    record Pair(String file, String from, String to, boolean felt) {
        @Override
        public String toString() {
            return file + ": " + from + " to " + to;
        }
    }

    static Stream<Pair> pairs() throws IOException {
        List<Pair> all = new ArrayList<>();
        String file = "";
        boolean felt = true;
        for (String line : Files.readAllLines(Path.of("src/test/resources/pairs.txt"))) {
            if (line.startsWith("=== ")) {
                file = line.substring(4);
                felt = true;
            } else if (line.equals("--- nobody")) {
                felt = false;
            } else if (!line.startsWith("#")) {
                String[] sides = line.replace("\\n", "\n").split(" \\| ", -1);
                all.add(new Pair(file, sides[0], sides[1], felt));
            }
        }
        return IntStream.range(0, all.size())
                .filter(index -> ALL || index % EACH == 0)
                .mapToObj(all::get);
    }

    private static Plan plan(String text) {
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void oneChangedFieldIsNoticedWhereACallFeelsIt(Pair pair) throws IOException {
        String text = Files.readString(Path.of("..").resolve(pair.file()));
        assertThat(text.split(Pattern.quote(pair.from()), -1))
                .as("stands there once")
                .hasSize(2);
        Plan before = plan(text);
        Plan after = plan(text.replace(pair.from(), pair.to()));
        Comparison comparison = Comparison.of(
                before, after, Horizon.around(MONDAY, before.site().timeZone()));
        boolean noticed = !comparison.noticed().isEmpty()
                || !comparison.dialled().isEmpty()
                || !comparison.shown().isEmpty();
        assertThat(noticed).as("%s", comparison.unnoticed()).isEqualTo(pair.felt());
        if (pair.felt()) {
            assertThat(comparison.unnoticed()).isEmpty();
        }
        // What a trace does not tell, as through which phones a page is heard, the difference itself does.
        for (Difference one : comparison.noticed()) {
            boolean says =
                    one.notice() == Difference.Notice.SETS_OFF && !one.before().equals(one.after());
            one.witness()
                    .filter(bench -> !says)
                    .ifPresent(bench -> assertThat(met(before, bench)).isNotEqualTo(met(after, bench)));
        }
    }

    private static List<Object> met(Plan plan, Bench bench) {
        Trace trace = Tracer.trace(plan, bench);
        return List.of(trace, Effects.of(plan, bench, trace));
    }
}
