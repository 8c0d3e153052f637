package app.bittern.number;

import java.util.Optional;
import java.util.stream.Stream;

/// Who calls: a number such as `+447700900123`, somebody who withholds it, somebody whose number does not come
/// through, or a phone of the site. Source of the words: ITU-T Q.731.3 and Q.731.4 (calling line identification
/// presentation and restriction).
public sealed interface Caller {
    /// A caller whose number is delivered.
    record Known(E164 number) implements Caller {
        @Override
        public String toString() {
            return number.text();
        }
    }

    /// A caller who withholds the number (CLIR).
    record Withheld() implements Caller {
        @Override
        public String toString() {
            return "withheld";
        }
    }

    /// A caller whose number does not come through: it is not known on the way, or a network on it does not pass
    /// it on.
    record Unavailable() implements Caller {
        @Override
        public String toString() {
            return "unavailable";
        }
    }

    /// A phone of the site itself, by the number of its extension.
    record Inside(String extension) implements Caller {
        private static final String PREFIX = "extension/";

        @Override
        public String toString() {
            return PREFIX + extension;
        }
    }

    /// The number, where it is delivered.
    default Optional<E164> delivered() {
        return this instanceof Known(E164 number) ? Optional.of(number) : Optional.empty();
    }

    /// Reads what `toString` writes.
    static Optional<Caller> parse(String text) {
        return Stream.of(new Withheld(), new Unavailable())
                .filter(one -> one.toString().equals(text))
                .map(Caller.class::cast)
                .findFirst()
                .or(() -> text.matches(Inside.PREFIX + "[0-9]{1,15}")
                        ? Optional.of(new Inside(text.substring(Inside.PREFIX.length())))
                        : Optional.empty())
                .or(() -> E164.parse(text).map(Known::new));
    }
}
