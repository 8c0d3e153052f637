package app.bittern.number;

import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// The form in which a trunk delivers called numbers, such as `last 6`.
public sealed interface Delivers {
    /// What is allowed, as a refusal says it.
    String ALLOWED = "e164, national or \"last N\" with N from 2 to 12";

    /// The whole number with its country code.
    record International() implements Delivers {
        @Override
        public String toString() {
            return "e164";
        }
    }

    /// As dialled inside the country.
    record National() implements Delivers {
        @Override
        public String toString() {
            return "national";
        }
    }

    /// The last digits only.
    record Last(int digits) implements Delivers {
        public Last {
            if (digits < FEWEST || digits > MOST) {
                throw new IllegalArgumentException(digits + " digits: " + ALLOWED);
            }
        }

        @Override
        public String toString() {
            return "last " + digits;
        }
    }

    /// The least and the most digits that can be delivered alone.
    int FEWEST = 2;

    int MOST = 12;

    /// Every form there is, the whole number first.
    static List<Delivers> all() {
        return Stream.concat(
                        Stream.<Delivers>of(new International(), new National()),
                        IntStream.rangeClosed(FEWEST, MOST).mapToObj(Last::new))
                .toList();
    }

    /// The digits of a number as a trunk delivers them: `+441632960100`, `01632960100`, `960100`.
    ///
    /// @param country in which the trunk is, ISO 3166
    default String digits(E164 number, String country) {
        return switch (this) {
            case International all -> number.text();
            case National national -> DialledForms.of(number, country).getFirst();
            case Last(int digits) -> {
                String text = number.text();
                yield text.substring(Math.max(1, text.length() - digits));
            }
        };
    }

    /// Reads what `toString` writes.
    static Optional<Delivers> parse(String text) {
        Matcher last = Pattern.compile("last ([0-9]{1,2})").matcher(text);
        if (last.matches()) {
            int digits = Integer.parseInt(last.group(1));
            return digits >= FEWEST && digits <= MOST ? Optional.of(new Last(digits)) : Optional.empty();
        }
        return switch (text) {
            case "e164" -> Optional.of(new International());
            case "national" -> Optional.of(new National());
            default -> Optional.empty();
        };
    }
}
