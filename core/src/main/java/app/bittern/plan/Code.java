package app.bittern.plan;

import java.util.Optional;

/// A number that does something when it is dialled (feature code), such as `*55`.
///
/// @param pin     asked for first
/// @param enabled whether it does anything at all
public record Code(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<Pin> pin,
        Optional<Does> does,
        boolean enabled)
        implements PlanObject {
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

        /// Gone over; a code that works on an object may work on any other that codes do.
        private static Optional<Does> over(Optional<Does> does, Places places) {
            if (does.isEmpty()) {
                return at(places, Optional.empty()).map(Does::on);
            }
            return switch (does.get()) {
                case Messages messages -> does;
                case SetOff(Ref alarm) -> at(places, Optional.of(alarm)).map(Does::on);
                case Turn(Ref turned) -> at(places, Optional.of(turned)).map(Does::on);
                case LogIn(Ref queue) -> at(places, Optional.of(queue)).map(Does::on);
                case LogOut(Ref queue) ->
                    at(places, Optional.of(queue)).map(ref -> ref.kind() == Kind.QUEUE ? new LogOut(ref) : on(ref));
            };
        }

        private static Optional<Ref> at(Places places, Optional<Ref> holds) {
            return places.needs("does", Role.WORKS_ON, holds, Kind.ALARM, Kind.SWITCH, Kind.QUEUE);
        }

        /// What a code does with an object where nothing else is said.
        private static Does on(Ref ref) {
            return ref.kind() == Kind.ALARM
                    ? new SetOff(ref)
                    : ref.kind() == Kind.SWITCH ? new Turn(ref) : new LogIn(ref);
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
            Optional<Ref> ref = Ref.parse(text.substring(space + 1));
            if (verb.isEmpty()) {
                return ref.filter(on -> on.kind() == Kind.ALARM || on.kind() == Kind.SWITCH)
                        .map(Does::on);
            }
            Optional<Ref> queue = ref.filter(on -> on.kind() == Kind.QUEUE);
            return verb.equals("login")
                    ? queue.map(LogIn::new)
                    : verb.equals("logout") ? queue.map(LogOut::new) : Optional.empty();
        }
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.CODE, key);
    }

    @Override
    public Code over(Places places) {
        return new Code(places.key(key), name, note, number, pin, Does.over(does, places), enabled);
    }
}
