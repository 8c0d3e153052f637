package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.finding.Catalogue;
import app.bittern.plan.Plan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// What is found in six plans as technicians write them, in an hour and without reading anything: each finding stands
/// in
/// `worth.txt`, marked by hand: `+` worth the technician's time, `-` not. What is found anew has to be marked there.
class WorthTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);
    private static final Path FOLDER = Path.of("src/test/resources/worth");
    private static final Path MARKED = Path.of("src/test/resources/worth.txt");
    private static final Path MEASURED = Path.of("../docs/measured.md");
    private static final List<String> PLANS = List.of("garage", "joinery", "letting", "school", "surgery", "taxis");
    private static final int WANTED_PERCENT = 85;

    private static List<String> found(String name) throws IOException {
        PlanFile.Result result = PlanFile.read(Files.readString(FOLDER.resolve(name + ".yaml")));
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        Plan plan = ((PlanFile.Result.Read) result).plan();
        List<String> lines = new ArrayList<>(List.of("=== " + name));
        Catalogue.examine(plan, MONDAY)
                .forEach(
                        finding -> lines.add(finding.severity().word() + " " + finding.code() + ": " + finding.says()));
        return lines;
    }

    private static String unmarked(String line) {
        return line.startsWith("+ ") || line.startsWith("- ") ? line.substring(2) : line;
    }

    @Test
    void mostFindingsAreWorthATechniciansTime() throws IOException {
        List<String> found = new ArrayList<>();
        for (String name : PLANS) {
            found.addAll(found(name));
        }
        List<String> marked = Files.readAllLines(MARKED);
        assertThat(marked.stream().map(WorthTest::unmarked).toList()).isEqualTo(found);

        Map<String, List<String>> byCheck = new TreeMap<>(marked.stream()
                .filter(line -> !line.startsWith("==="))
                .collect(Collectors.groupingBy(line -> line.split(" ", 4)[2].replace(":", ""))));
        List<String> rows = byCheck.entrySet().stream()
                .map(check -> "`" + check.getKey() + "` " + worth(check.getValue()) + "/"
                        + check.getValue().size())
                .toList();
        List<String> all = byCheck.values().stream().flatMap(List::stream).toList();
        assertThat(100 * worth(all)).isGreaterThanOrEqualTo((long) WANTED_PERCENT * all.size());
        assertThat(Files.readString(MEASURED))
                .as("docs/measured.md says it")
                .contains(worth(all) + " of " + all.size())
                .contains(String.join(", ", rows));
    }

    private static long worth(List<String> lines) {
        return lines.stream().filter(line -> line.startsWith("+")).count();
    }
}
