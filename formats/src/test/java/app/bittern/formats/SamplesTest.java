package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import app.bittern.plan.Plan;
import app.bittern.plan.Promise;
import app.bittern.plan.TestCall;
import app.bittern.proof.Proof;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// The sites that a new one can be started from.
class SamplesTest {
    private static final Path SAMPLES = Path.of("../samples");
    private static final LocalDate DAY = LocalDate.of(2026, 11, 23);

    static Stream<Path> samples() throws IOException {
        try (Stream<Path> files = Files.list(SAMPLES)) {
            return files.filter(file -> file.toString().endsWith(".yaml")).sorted().toList().stream();
        }
    }

    private static Plan plan(Path file) throws IOException {
        PlanFile.Result result = PlanFile.read(Files.readString(file));
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    /// Nothing is found in it that somebody would have to look at.
    @ParameterizedTest
    @MethodSource("samples")
    void nothingIsFoundInASample(Path file) throws IOException {
        assertThat(Catalogue.examine(plan(file), DAY).stream()
                        .filter(finding -> finding.accepted().isEmpty())
                        .map(Finding::toString))
                .isEmpty();
    }

    /// Each shows what it is for: its test calls come true, and its promises are kept.
    @ParameterizedTest
    @MethodSource("samples")
    void whatASampleSaysOfItselfIsTrue(Path file) throws IOException {
        Plan plan = plan(file);
        assertThat(plan.all(TestCall.class)).hasSizeGreaterThanOrEqualTo(3);
        assertThat(plan.all(Promise.class)).isNotEmpty();
        assertThat(Proof.all(plan))
                .allSatisfy(proof -> assertThat(proof.passed()).as("%s", proof).isTrue());
    }

    @Test
    void thereAreFive() throws IOException {
        assertThat(samples().map(file -> file.getFileName().toString()).toList())
                .isEqualTo(List.of(
                        "brook-lane-clinic.yaml",
                        "hollin-cycles.yaml",
                        "larkfield-baths.yaml",
                        "marram-hotel.yaml",
                        "northgate-coaches.yaml"));
    }
}
