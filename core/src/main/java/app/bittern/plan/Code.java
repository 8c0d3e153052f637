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
        String ALLOWED = "what it does: alarm/key, switch/key, login queue/key, logout queue/key, pause,"
                + " pause pause-reason/key, record prompt/key or messages";

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

        /// Takes no calls for a while, for a reason.
        record Pause(Optional<Ref> reason) implements Does {
            @Override
            public String toString() {
                return "pause" + reason.map(why -> " " + why).orElse("");
            }
        }

        /// Speaks a prompt anew.
        record Speak(Ref prompt) implements Does {
            @Override
            public String toString() {
                return "record " + prompt;
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
                case Pause(Optional<Ref> reason) ->
                    Optional.of(new Pause(places.ref("does", Role.WORKS_ON, reason, Kind.PAUSE_REASON)));
                case Speak(Ref prompt) ->
                    places.needs("does", Role.WORKS_ON, Optional.of(prompt), Kind.PROMPT)
                            .map(Speak::new);
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
                case Pause(Optional<Ref> reason) -> reason;
                case Speak(Ref prompt) -> Optional.of(prompt);
            };
        }

        /// Reads what `toString` writes.
        static Optional<Does> parse(String text) {
            if (text.equals("messages")) {
                return Optional.of(new Messages());
            }
            if (text.equals("pause")) {
                return Optional.of(new Pause(Optional.empty()));
            }
            int space = text.indexOf(' ');
            String verb = space < 0 ? "" : text.substring(0, space);
            Optional<Ref> ref = Ref.parse(text.substring(space + 1));
            if (verb.isEmpty()) {
                return ref.filter(on -> on.kind() == Kind.ALARM || on.kind() == Kind.SWITCH)
                        .map(Does::on);
            }
            return switch (verb) {
                case "login" -> ref.filter(on -> on.kind() == Kind.QUEUE).map(LogIn::new);
                case "logout" -> ref.filter(on -> on.kind() == Kind.QUEUE).map(LogOut::new);
                case "pause" ->
                    ref.filter(on -> on.kind() == Kind.PAUSE_REASON).map(why -> new Pause(Optional.of(why)));
                case "record" -> ref.filter(on -> on.kind() == Kind.PROMPT).map(Speak::new);
                case String other -> Optional.empty();
            };
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
