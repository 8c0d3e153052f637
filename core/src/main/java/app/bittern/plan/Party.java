package app.bittern.plan;

import app.bittern.number.E164;

/// A phone that can be rung: `extension/2001` or `outside/+447700900321`.
public sealed interface Party {
    /// An extension of the site.
    record Inside(Ref extension) implements Party {
        @Override
        public String toString() {
            return extension.toString();
        }
    }

    /// A number outside the site.
    record Outside(E164 number) implements Party {
        @Override
        public String toString() {
            return "outside/" + number;
        }
    }

    /// How a bench names the phone: `2001`, `+447700900321`.
    default String phone() {
        return switch (this) {
            case Inside(Ref extension) -> extension.key();
            case Outside(E164 number) -> number.text();
        };
    }
}
