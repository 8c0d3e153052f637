package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

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
import java.time.ZoneId;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// Each change of one field of the demo that a call can feel is noticed by the comparison, and each call that it shows
/// does otherwise; what no call feels is noticed by nobody. The pairs stand in `pairs.txt`.
class PairsTest {
    private static final Path DEMO = Path.of("../demo/saltreach.yaml");
    private static final Horizon HORIZON = Horizon.around(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    /// @param felt whether a call feels it
    record Pair(String from, String to, boolean felt) {
        @Override
        public String toString() {
            return from + " to " + to;
        }
    }

    static Stream<Pair> pairs() throws IOException {
        List<String> lines = Files.readAllLines(Path.of("src/test/resources/pairs.txt")).stream()
                .filter(line -> !line.startsWith("#"))
                .toList();
        int nobody = lines.indexOf("--- nobody");
        return Stream.iterate(0, line -> line < lines.size(), line -> line + 1)
                .filter(line -> line != nobody)
                .map(line -> {
                    String[] sides = lines.get(line).replace("\\n", "\n").split(" \\| ", -1);
                    return new Pair(sides[0], sides[1], line < nobody);
                });
    }

    private static Plan plan(String text) {
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    @ParameterizedTest
    @MethodSource("pairs")
    void oneChangedFieldIsNoticedWhereACallFeelsIt(Pair pair) throws IOException {
        String demo = Files.readString(DEMO);
        assertThat(demo.split(Pattern.quote(pair.from()), -1))
                .as("stands there once")
                .hasSize(2);
        Plan before = plan(demo);
        Plan after = plan(demo.replace(pair.from(), pair.to()));
        Comparison comparison = Comparison.of(before, after, HORIZON);
        boolean noticed = !comparison.noticed().isEmpty()
                || !comparison.dialled().isEmpty()
                || !comparison.shown().isEmpty();
        assertThat(noticed).as("%s", comparison.unnoticed()).isEqualTo(pair.felt());
        if (pair.felt()) {
            assertThat(comparison.unnoticed()).isEmpty();
        }
        for (Difference one : comparison.noticed()) {
            one.witness()
                    .ifPresent(bench -> assertThat(List.of(
                                    Tracer.trace(before, bench),
                                    Effects.of(before, bench, Tracer.trace(before, bench))))
                            .isNotEqualTo(List.of(
                                    Tracer.trace(after, bench), Effects.of(after, bench, Tracer.trace(after, bench)))));
        }
    }
}
