package app.bittern;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// A new kind, cause or destination must not compile until somebody has said what it does everywhere. So a switch over
/// types or over enumerations has no `default`; only texts and numbers have one.
class NoDefaultTest {
    private static final Pattern SWITCH = Pattern.compile("switch \\([^{]*\\) \\{");
    private static final Pattern TYPES =
            Pattern.compile("case ([A-Z][A-Za-z]*\\.)*[A-Z][A-Za-z]*[ (,]|case [A-Z_]{2,}[ ,]");

    /// Switches over types of libraries and of the JDK, which are not ours to close, and over numbers.
    private static final List<String> FOREIGN =
            List.of("DateRule.java", "DayWords.java", "YamlNodes.java", "E164.java", "CallSpace.java");

    @Test
    void noSwitchOverTypesHasADefault() throws IOException {
        List<String> found = new ArrayList<>();
        for (String room : List.of(".", "../formats", "../cli")) {
            try (Stream<Path> files = Files.walk(Path.of(room, "src/main/java"))) {
                for (Path file :
                        files.filter(one -> one.toString().endsWith(".java")).toList()) {
                    for (String block : switches(Files.readString(file))) {
                        if (!FOREIGN.contains(file.getFileName().toString())
                                && block.contains("default ->")
                                && TYPES.matcher(block).find()) {
                            found.add(file.getFileName() + ": "
                                    + block.lines().limit(2).toList());
                        }
                    }
                }
            }
        }
        assertThat(found).isEmpty();
    }

    /// What stands between the braces of each switch, without the blocks within.
    private static List<String> switches(String text) {
        List<String> blocks = new ArrayList<>();
        Matcher matcher = SWITCH.matcher(text);
        while (matcher.find()) {
            StringBuilder block = new StringBuilder();
            int depth = 1;
            for (int at = matcher.end(); depth > 0 && at < text.length(); at++) {
                char sign = text.charAt(at);
                depth += sign == '{' ? 1 : sign == '}' ? -1 : 0;
                if (depth == 1) {
                    block.append(sign);
                }
            }
            blocks.add(block.toString());
        }
        return blocks;
    }
}
