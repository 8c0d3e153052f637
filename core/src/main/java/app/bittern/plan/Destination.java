package app.bittern.plan;

import app.bittern.number.E164;
import java.util.Optional;

/// Where a call is sent: to an object (`queue/bookings`), outside, or to one of a few fixed ends.
public sealed interface Destination extends Filling {
    /// What is allowed, as a refusal says it.
    String ALLOWED = "a reference such as ring-group/reception, outside/+441632960100, own-mailbox, hang-up or busy"
            + " (in a menu also repeat and back, in an ask route, in a route extension-by-last 3)";

    /// An object of the plan, whether it exists or not.
    record To(Ref ref) implements Destination {
        public To {
            if (!ref.kind().routable()) {
                throw new IllegalArgumentException("a call cannot be sent to " + ref + ": " + ALLOWED);
            }
        }

        @Override
        public String toString() {
            return ref.toString();
        }
    }

    /// A number outside the site.
    record Outside(E164 number) implements Destination {
        @Override
        public String toString() {
            return "outside/" + number;
        }
    }

    /// The mailbox of the extension that was called first.
    record OwnMailbox() implements Destination {
        @Override
        public String toString() {
            return "own-mailbox";
        }
    }

    /// This menu again, from its beginning.
    record Repeat() implements Destination {
        @Override
        public String toString() {
            return "repeat";
        }
    }

    /// The menu before this one.
    record Back() implements Destination {
        @Override
        public String toString() {
            return "back";
        }
    }

    /// The end of the call, as wanted.
    record HangUp() implements Destination {
        @Override
        public String toString() {
            return "hang-up";
        }
    }

    /// The busy tone.
    record Busy() implements Destination {
        @Override
        public String toString() {
            return "busy";
        }
    }

    /// On to where the route leads that took the call.
    record AsRouted() implements Destination {
        @Override
        public String toString() {
            return "route";
        }
    }

    /// The extension whose number is the last digits of the one called.
    ///
    /// @param digits how many, 1 to 15
    record ByLast(int digits) implements Destination {
        private static final String WORD = "extension-by-last ";

        /// @throws IllegalArgumentException where it is no number of digits
        public ByLast {
            if (digits < 1 || digits > 15) {
                throw new IllegalArgumentException(digits + " last digits: 1 to 15 are allowed");
            }
        }

        /// The extension that is meant for a number.
        public Optional<Ref> extension(E164 called) {
            String all = called.text().substring(1);
            return all.length() < digits
                    ? Optional.empty()
                    : Optional.of(new Ref(Kind.EXTENSION, all.substring(all.length() - digits)));
        }

        private static Optional<Destination> parse(String text) {
            return text.matches(WORD + "([1-9]|1[0-5])")
                    ? Optional.of(new ByLast(Integer.parseInt(text.substring(WORD.length()))))
                    : Optional.empty();
        }

        @Override
        public String toString() {
            return WORD + digits;
        }
    }

    /// The object it leads to, where it leads to one.
    @Override
    default Optional<Ref> target() {
        return this instanceof To(Ref ref) ? Optional.of(ref) : Optional.empty();
    }

    /// Reads what `toString` writes.
    static Optional<Destination> parse(String text) {
        return switch (text) {
            case "own-mailbox" -> Optional.of(new OwnMailbox());
            case "repeat" -> Optional.of(new Repeat());
            case "back" -> Optional.of(new Back());
            case "hang-up" -> Optional.of(new HangUp());
            case "busy" -> Optional.of(new Busy());
            case "route" -> Optional.of(new AsRouted());
            default -> text.startsWith(ByLast.WORD) ? ByLast.parse(text) : elsewhere(text);
        };
    }

    private static Optional<Destination> elsewhere(String text) {
        return text.startsWith("outside/")
                ? E164.parse(text.substring("outside/".length())).map(Outside::new)
                : Ref.parse(text).filter(ref -> ref.kind().routable()).map(To::new);
    }
}
