package app.bittern.plan;

import app.bittern.number.E164;
import java.util.Optional;

/// Where a call is sent: to an object (`queue/bookings`), outside, or to one of a few fixed ends.
public sealed interface Destination extends Filling {
    /// What is allowed, as a refusal says it.
    String ALLOWED = "a reference such as ring-group/reception, outside/+441632960100, own-mailbox, hang-up or busy"
            + " (in a menu also repeat and back)";

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

    /// The object it leads to, where it leads to one.
    @Override
    default Optional<Ref> target() {
        return this instanceof To(Ref ref) ? Optional.of(ref) : Optional.empty();
    }

    /// Whether it is meant for menus alone.
    default boolean menusOnly() {
        return this instanceof Repeat || this instanceof Back;
    }

    /// Reads what `toString` writes.
    static Optional<Destination> parse(String text) {
        return switch (text) {
            case "own-mailbox" -> Optional.of(new OwnMailbox());
            case "repeat" -> Optional.of(new Repeat());
            case "back" -> Optional.of(new Back());
            case "hang-up" -> Optional.of(new HangUp());
            case "busy" -> Optional.of(new Busy());
            default ->
                text.startsWith("outside/")
                        ? E164.parse(text.substring("outside/".length())).map(Outside::new)
                        : Ref.parse(text).filter(ref -> ref.kind().routable()).map(To::new);
        };
    }
}
