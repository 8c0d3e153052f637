package app.bittern.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.TextCase;
import app.bittern.compare.Comparison;
import app.bittern.formats.PlanFile;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import java.io.IOException;
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

    static List<TextCase> cases() throws IOException {
        return TextCase.read(FILE);
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

    private static List<String> told(TextCase one) {
        Plan before = plan(one.parts().get(0));
        Plan after = plan(one.parts().get(0), one.parts().get(1));
        return CompareText.of(Comparison.of(before, after, HORIZON), before, after)
                .lines()
                .toList();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void tellsWhatCallersNotice(TextCase one) {
        assertThat(told(one)).isEqualTo(one.lines(2));
    }

    @Test
    @EnabledIfSystemProperty(named = "bittern.write-changes", matches = "true")
    void writesWhatIsToldAnew() throws IOException {
        TextCase.write(FILE, cases().stream().map(one -> one.with(2, told(one))));
    }
}
