package app.bittern.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.compare.Comparison;
import app.bittern.formats.PlanFile;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What is told of a change, as a person reads it.
///
/// The changes stand in `changes.txt`: a title, sections of a plan, behind `--- after` those that are other
/// ones, and behind `--- tells` what `compare` says. `-Dbittern.write-changes=true` writes that anew, to be
/// read.
class ChangesTest {
    private static final Path FILE = Path.of("src/test/resources/changes.txt");
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));
    private static final String USUAL = """
            site: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB] }
            numbers: { "+441632960100": { name: Main } }
            hours: { office: { states: [ { state: open, weekly: ["Mon-Fri 08:30-17:00"] }, { state: closed } ] } }
            extensions: { "2001": { mailbox: mailbox/m }, "2002": {} }
            mailboxes: { m: { greeting: prompt/hello } }
            prompts: { hello: { en-GB: "Hello." }, bye: { en-GB: "Goodbye." } }
            contacts: [ { number: "+447700900001", tags: [vip] } ]
            """;

    record Case(String title, String before, String after, List<String> tells) {
        @Override
        public String toString() {
            return title;
        }
    }

    static Stream<Case> cases() throws IOException {
        return Stream.of(Files.readString(FILE).split("(?m)^=== ", -1)).skip(1).map(text -> {
            String[] parts = text.split("(?m)^--- [a-z]+\\n", -1);
            String[] head = parts[0].split("\n", 2);
            return new Case(
                    head[0],
                    head[1],
                    parts[1],
                    parts.length > 2 ? parts[2].lines().toList() : List.of());
        });
    }

    /// The usual sections, with others in their place.
    private static Plan plan(String... others) {
        Map<String, String> sections = new LinkedHashMap<>(Map.of("bittern", "2"));
        Stream.concat(Stream.of(USUAL), Stream.of(others))
                .flatMap(String::lines)
                .forEach(line -> {
                    String[] parts = line.split(":", 2);
                    sections.put(parts[0], parts[1]);
                });
        StringBuilder text = new StringBuilder();
        sections.forEach((name, section) ->
                text.append(name).append(": ").append(section).append('\n'));
        PlanFile.Result result = PlanFile.read(text.toString());
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    private static List<String> told(Case one) {
        Plan before = plan(one.before());
        Plan after = plan(one.before(), one.after());
        return CompareText.of(Comparison.of(before, after, HORIZON), before, after)
                .lines()
                .toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void tellsWhatCallersNotice(Case one) {
        assertThat(told(one)).isEqualTo(one.tells());
    }

    @Test
    @EnabledIfSystemProperty(named = "bittern.write-changes", matches = "true")
    void writesWhatIsToldAnew() throws IOException {
        StringBuilder written = new StringBuilder();
        for (Case one : cases().toList()) {
            written.append("=== ").append(one.title()).append('\n').append(one.before());
            written.append("--- after\n").append(one.after()).append("--- tells\n");
            told(one).forEach(line -> written.append(line).append('\n'));
        }
        Files.writeString(FILE, written);
    }
}
