package app.bittern.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads numbers as people write them down, a line each: `01632 960100 Main line`, `+44 1632 960144`, `Freight:
/// (01632) 960-170`, a block `01632 960200-209` or `01632 960200 to 01632 960209`.
public final class TypedNumbers {
    /// A block is read up to so many numbers.
    public static final int MOST = 1000;

    /// A text is read up to so many lines, each of so many characters, and so many numbers in all.
    public static final int LINES = 20_000;

    private static final int LONGEST = 200;
    private static final int NUMBERS = 5000;

    private static final Pattern NUMBER = Pattern.compile("\\+?[0-9(][0-9 ().\u00a0/-]{4,40}[0-9]");
    private static final Pattern BLOCK = Pattern.compile(
            "(\\+?[0-9(][0-9 ().\u00a0]{4,40}[0-9])\\s*(?:-|–|—|to|bis|\\.\\.)\\s*(\\+?[0-9(][0-9 ().\u00a0]{0,40})");

    private TypedNumbers() {}

    /// A line that was read.
    ///
    /// @param line    from 1
    /// @param numbers those that it means; none where it cannot be read
    /// @param name    what else is in it
    /// @param wrong   why it cannot be read
    public record Line(int line, List<E164> numbers, String name, Optional<String> wrong) {
        public Line {
            numbers = List.copyOf(numbers);
        }
    }

    /// Reads all lines that are not empty.
    ///
    /// @param country in which they are dialled, ISO 3166
    public static List<Line> read(String text, String country) {
        List<Line> lines = new ArrayList<>();
        int place = 0;
        int numbers = 0;
        for (String line : text.split("\r?\n", LINES + 1)) {
            place++;
            if (place > LINES) {
                lines.add(new Line(place, List.of(), "", Optional.of("more than " + LINES + " lines at once")));
                break;
            }
            if (line.isBlank()) {
                continue;
            }
            Line read = line.length() > LONGEST
                    ? new Line(
                            place,
                            List.of(),
                            line.substring(0, LONGEST),
                            Optional.of(line.length() + " characters long: " + LONGEST + " are allowed"))
                    : line(place, line.strip(), country);
            numbers += read.numbers().size();
            if (numbers > NUMBERS) {
                lines.add(new Line(
                        place,
                        List.of(),
                        read.name(),
                        Optional.of("more than " + NUMBERS
                                + " numbers at once: this line and those after it are not read")));
                break;
            }
            lines.add(read);
        }
        return lines;
    }

    private static Line line(int place, String text, String country) {
        Matcher block = BLOCK.matcher(text);
        if (block.find()) {
            Optional<Line> read = block(place, text, block, country);
            if (read.isPresent()) {
                return read.get();
            }
        }
        Matcher number = NUMBER.matcher(text);
        if (!number.find()) {
            return new Line(place, List.of(), text, Optional.of("there is no number in it"));
        }
        String rest = name(text.substring(0, number.start()) + " " + text.substring(number.end()));
        return E164.typed(number.group(), country)
                .map(read -> new Line(place, List.of(read), rest, Optional.empty()))
                .orElseGet(() -> new Line(
                        place,
                        List.of(),
                        text,
                        Optional.of("'" + number.group() + "' is no number that is dialled in " + country
                                + ", and none in E.164")));
    }

    /// The last number of a block may be its last digits alone.
    private static Optional<Line> block(int place, String text, Matcher block, String country) {
        Optional<E164> first = E164.typed(block.group(1), country);
        String digits = block.group(2).replaceAll("[^0-9+]", "");
        Optional<E164> last = first.flatMap(from -> digits.length() <= 7
                ? E164.parse(from.text().substring(0, Math.max(1, from.text().length() - digits.length())) + digits)
                : E164.typed(block.group(2), country));
        if (first.isEmpty()
                || last.isEmpty()
                || first.get().text().length() != last.get().text().length()) {
            return Optional.empty();
        }
        long from = Long.parseLong(first.get().text().substring(1));
        long to = Long.parseLong(last.get().text().substring(1));
        if (to <= from) {
            return Optional.empty();
        }
        String rest = name(text.substring(0, block.start()) + " " + text.substring(block.end()));
        if (to - from >= MOST) {
            return Optional.of(new Line(
                    place,
                    List.of(),
                    rest,
                    Optional.of("a block of " + (to - from + 1) + " numbers: " + MOST + " at once are allowed")));
        }
        List<E164> numbers = new ArrayList<>();
        for (long number = from; number <= to; number++) {
            numbers.add(new E164("+" + number));
        }
        return Optional.of(new Line(place, numbers, rest, Optional.empty()));
    }

    private static String name(String rest) {
        return rest.replaceAll("[\\t;,|]+", " ")
                .replaceAll("^[\\s:–—-]+|[\\s:–—-]+$", "")
                .replaceAll("\\s+", " ");
    }
}
