package app.bittern;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

/// An example that stands in a text file, to be read by people: a title behind `=== `, some lines, and then
/// sections, each behind a line such as `--- tells`.
///
/// What is computed can be written anew, to be read once more before it is kept.
///
/// @param title what is special in it
/// @param parts the lines before the first section, and then those of each, every one with its line's end
/// @param names of the sections
public record TextCase(String title, List<String> parts, List<String> names) {
    /// The examples of a file, in order.
    public static List<TextCase> read(Path file) throws IOException {
        return Arrays.stream(Files.readString(file).split("(?m)^=== ", -1))
                .skip(1)
                .map(TextCase::one)
                .toList();
    }

    private static TextCase one(String text) {
        int line = text.indexOf('\n');
        List<String> parts = List.of(text.substring(line + 1).split("(?m)^--- [a-z]+\\n", -1));
        List<String> names = text.lines()
                .filter(one -> one.startsWith("--- "))
                .map(one -> one.substring(4))
                .toList();
        return new TextCase(text.substring(0, line), parts, names);
    }

    /// The lines of a part; none where it is not there.
    public List<String> lines(int part) {
        return part < parts.size() ? parts.get(part).lines().toList() : List.of();
    }

    /// The same with other lines in one part.
    public TextCase with(int part, List<String> lines) {
        List<String> all = new ArrayList<>(parts);
        all.set(part, lines.isEmpty() ? "" : String.join("\n", lines) + "\n");
        return new TextCase(title, all, names);
    }

    /// Writes examples as they are read.
    public static void write(Path file, Stream<TextCase> cases) throws IOException {
        StringBuilder written = new StringBuilder();
        cases.forEach(one -> {
            written.append("=== ").append(one.title).append('\n').append(one.parts.getFirst());
            for (int section = 0; section < one.names.size(); section++) {
                written.append("--- ").append(one.names.get(section)).append('\n');
                written.append(one.parts.get(section + 1));
            }
        });
        Files.writeString(file, written);
    }

    @Override
    public String toString() {
        return title;
    }
}
