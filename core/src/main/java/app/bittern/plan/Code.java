package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// A number that does something when it is dialled (feature code), such as `*55`.
///
/// @param pin asked for first
public record Code(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<Pin> pin,
        Optional<Does> does)
        implements Aside {
    /// What a code does.
    public sealed interface Does {
        /// What is allowed, as a refusal says it.
        String ALLOWED = "what it does: alarm/key, switch/key, login queue/key, logout queue/key or messages";

        record SetOff(Ref alarm) implements Does {
            @Override
            public String toString() {
                return alarm.toString();
            }
        }

        record Turn(Ref turned) implements Does {
            @Override
            public String toString() {
                return turned.toString();
            }
        }

        record LogIn(Ref queue) implements Does {
            @Override
            public String toString() {
                return "login " + queue;
            }
        }

        record LogOut(Ref queue) implements Does {
            @Override
            public String toString() {
                return "logout " + queue;
            }
        }

        record Messages() implements Does {
            @Override
            public String toString() {
                return "messages";
            }
        }

        /// The object it works on.
        default Optional<Ref> target() {
            return switch (this) {
                case SetOff(Ref alarm) -> Optional.of(alarm);
                case Turn(Ref turned) -> Optional.of(turned);
                case LogIn(Ref queue) -> Optional.of(queue);
                case LogOut(Ref queue) -> Optional.of(queue);
                case Messages none -> Optional.empty();
            };
        }

        /// Reads what `toString` writes.
        static Optional<Does> parse(String text) {
            if (text.equals("messages")) {
                return Optional.of(new Messages());
            }
            int space = text.indexOf(' ');
            String verb = space < 0 ? "" : text.substring(0, space);
            return Ref.parse(text.substring(space + 1)).flatMap(ref -> switch (ref.kind()) {
                case ALARM -> verb.isEmpty() ? Optional.<Does>of(new SetOff(ref)) : Optional.<Does>empty();
                case SWITCH -> verb.isEmpty() ? Optional.<Does>of(new Turn(ref)) : Optional.<Does>empty();
                case QUEUE ->
                    verb.equals("login")
                            ? Optional.<Does>of(new LogIn(ref))
                            : verb.equals("logout") ? Optional.<Does>of(new LogOut(ref)) : Optional.<Does>empty();
                default -> Optional.<Does>empty();
            });
        }
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.CODE, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        return does.flatMap(Does::target)
                .map(target -> links.ref("does", target))
                .orElseGet(() -> does.isPresent() ? links : links.missing("does"))
                .done();
    }
}
