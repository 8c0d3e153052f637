package app.bittern.number;

import java.util.Optional;

/// Who calls: a number such as `+447700900123`, or somebody who withholds it.
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

    /// The number, where it is delivered.
    default Optional<E164> delivered() {
        return this instanceof Known(E164 number) ? Optional.of(number) : Optional.empty();
    }

    /// Reads what `toString` writes.
    static Optional<Caller> parse(String text) {
        return text.equals("withheld")
                ? Optional.of(new Withheld())
                : E164.parse(text).map(Known::new);
    }
}
