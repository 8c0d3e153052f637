package app.bittern.cli;

import static app.bittern.cli.Said.say;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.TextCase;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What the commands print, as a person reads it.
///
/// The transcripts stand in text files: a title, sections of a plan, and then commands behind `$ `, each with
/// what it prints; what is said on standard error stands behind `! `, and a status other than 0 behind `= `.
/// `-Dbittern.write-transcripts=true` writes what is printed anew, to be read.
class TranscriptsTest {
    private static final Path FOLDER = Path.of("src/test/resources/transcripts");
    private static final Pattern WORD = Pattern.compile("\"([^\"]*)\"|(\\S+)");
    private static final String USUAL = """
            site: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB, nb-NO] }
            numbers: { "+441632960100": { name: Main } }
            hours: { office: { name: Office hours, states: [ { state: holiday, on: [12-25] }, { state: open, weekly: ["Mon-Fri 08:30-17:00"] }, { state: closed } ] } }
            prompts: { ten: { en-GB: { sound: ten.wav, seconds: 10 } }, three: { en-GB: "A few words said slowly to callers." } }
            """;

    @TempDir
    private Path folder = Path.of("");

    static Stream<TextCase> cases() throws IOException {
        List<TextCase> all = new ArrayList<>();
        for (Path file : files()) {
            all.addAll(TextCase.read(file));
        }
        return all.stream();
    }

    private static List<Path> files() throws IOException {
        try (Stream<Path> files = Files.list(FOLDER)) {
            return files.sorted().toList();
        }
    }

    /// The plan and the commands of a transcript, with what they print.
    private List<String> said(TextCase one) throws IOException {
        List<String> lines = one.lines(0);
        int first = 0;
        while (!lines.get(first).startsWith("$")) {
            first++;
        }
        Path plan = folder.resolve("plan.yaml");
        Files.writeString(plan, plan(lines.subList(0, first)));
        List<String> said = new ArrayList<>(lines.subList(0, first));
        for (String line : lines.subList(first, lines.size())) {
            if (line.startsWith("$")) {
                said.add(line);
                said.addAll(said(line.substring(1).strip(), plan));
            }
        }
        return said;
    }

    private List<String> said(String command, Path plan) {
        List<String> words = new ArrayList<>(
                WORD.matcher(command).results().map(TranscriptsTest::word).toList());
        if (!words.getFirst().equals("erlang")) {
            words.add(1, plan.toString());
        }
        Said said = say(words.toArray(String[]::new));
        List<String> lines = new ArrayList<>();
        said.out().lines().map(TranscriptsTest::visible).forEach(lines::add);
        said.err()
                .lines()
                .map(line -> "! " + line.replace(folder.toString(), "…"))
                .forEach(lines::add);
        if (said.status() != 0) {
            lines.add("= " + said.status());
        }
        return lines;
    }

    private static String word(MatchResult result) {
        return result.group(1) == null ? result.group(2) : result.group(1);
    }

    /// Lines that would be read as commands or titles stand behind a space.
    private static String visible(String line) {
        return line.startsWith("$") || line.startsWith("=== ") || line.startsWith("--- ") ? " " + line : line;
    }

    /// The usual sections, with others in their place.
    private static String plan(List<String> own) {
        Map<String, String> sections = new LinkedHashMap<>(Map.of("bittern", " 2"));
        Stream.concat(USUAL.lines(), own.stream()).forEach(line -> {
            String[] parts = line.split(":", 2);
            sections.put(parts[0], parts[1]);
        });
        StringBuilder text = new StringBuilder();
        sections.forEach(
                (name, section) -> text.append(name).append(':').append(section).append('\n'));
        return text.toString();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void commandsPrintWhatIsWritten(TextCase one) throws IOException {
        assertThat(said(one)).isEqualTo(one.lines(0));
    }

    @Test
    @EnabledIfSystemProperty(named = "bittern.write-transcripts", matches = "true")
    void writesWhatIsPrintedAnew() throws IOException {
        for (Path file : files()) {
            List<TextCase> written = new ArrayList<>();
            for (TextCase one : TextCase.read(file)) {
                written.add(one.with(0, said(one)));
            }
            TextCase.write(file, written.stream());
        }
    }
}
