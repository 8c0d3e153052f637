package app.bittern.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// Nothing reads the day on which it runs but the two programs, where they begin: everything else, tests too,
/// is handed a clock. What passes today passes next week.
class NoTodayTest {
    private static final Pattern TODAY =
            Pattern.compile("\\b(Local\\w+|Instant|Zoned\\w+|Offset\\w+|Year\\w*)\\.now\\(\\)"
                    + "|currentTimeMillis\\(|Clock\\.system|new Date\\(\\)|\\bDate\\.now\\(");

    private static final List<String> BEGIN = List.of("Bittern.java", "BitternServer.java", "NoTodayTest.java");

    @Test
    void onlyTheProgramsReadTheClockOfTheMachine() throws IOException {
        List<Path> reads;
        try (Stream<Path> files = Files.walk(Path.of(".."))) {
            reads = files.filter(file -> file.toString().matches(".*/src/.*\\.(java|ts|svelte)"))
                    .filter(file -> !file.toString().contains("node_modules"))
                    .filter(file -> !BEGIN.contains(file.getFileName().toString()))
                    .filter(NoTodayTest::readsToday)
                    .toList();
        }
        assertThat(reads).isEmpty();
    }

    private static boolean readsToday(Path file) {
        try {
            return TODAY.matcher(Files.readString(file)).find();
        } catch (IOException unreadable) {
            throw new java.io.UncheckedIOException(unreadable);
        }
    }
}
