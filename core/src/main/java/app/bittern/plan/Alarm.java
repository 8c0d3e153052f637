package app.bittern.plan;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Tells people and systems that something has happened.
///
/// @param severity    as ITU-T X.733 has them
/// @param on          what sets it off
/// @param holdsWhile  hours and the state they must be in
/// @param traps       the targets that get a trap
/// @param notAgainFor how long it is not set off again
/// @param untilAcknowledged whether it is told again until somebody acknowledges it
/// @param again       how long after each other it is told again
/// @param enabled     whether it is set off at all
public record Alarm(
        String key,
        Optional<String> name,
        Optional<String> note,
        Severity severity,
        Optional<On> on,
        Optional<Route.While> holdsWhile,
        Optional<Email> email,
        Optional<Text> text,
        Optional<PageOut> page,
        List<Ref> traps,
        Optional<Seconds> notAgainFor,
        boolean untilAcknowledged,
        Optional<Seconds> again,
        boolean enabled)
        implements Aside {
    public Alarm {
        traps = List.copyOf(traps);
    }

    /// How long after each other it is told again until it is acknowledged, where nothing else is said.
    public static final Seconds AGAIN = new Seconds(300);

    /// Perceived severity. Source: ITU-T X.733 (02/92), 8.1.2.3.
    public enum Severity {
        CRITICAL,
        MAJOR,
        MINOR,
        WARNING,
        CLEARED;

        /// As the plan file writes it.
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /// What sets an alarm off.
    public sealed interface On {
        /// A call by an outbound route.
        record Dialled(Ref outbound) implements On {}

        /// An emergency number is dialled by a phone of the site, whatever becomes of the call.
        record Emergency() implements On {
            /// How it is written in place of an outbound route.
            public static final String WORD = "emergency";
        }

        /// A call that comes in by a route.
        record Called(Ref route) implements On {}

        record ByCode(Ref code) implements On {}

        /// @param events any of [#EVENTS]
        record Equipment(List<String> events) implements On {
            /// What equipment reports.
            public static final List<String> EVENTS =
                    List.of("trunk-down", "trunk-up", "phone-unreachable", "phone-reachable");

            public Equipment {
                events = List.copyOf(events);
            }
        }

        /// A queue without agents, or with somebody waiting, for so long.
        record OfQueue(Ref queue, Optional<Seconds> noAgentsFor, Optional<Seconds> waitingFor) implements On {}

        /// A switch that has been away from a position for so long; at once where absent.
        record OfSwitch(Ref turned, String awayFrom, Optional<Seconds> since) implements On {}

        /// Gone over; nothing where what it listens to is taken out.
        private Optional<On> over(Places places) {
            return switch (this) {
                case Dialled(Ref outbound) ->
                    places.entry("dialled", Role.LISTENS_TO, outbound, Kind.OUTBOUND)
                            .map(Dialled::new);
                case Emergency emergency -> Optional.of(emergency);
                case Called(Ref route) ->
                    places.entry("route", Role.LISTENS_TO, route, Kind.ROUTE).map(Called::new);
                case ByCode(Ref code) ->
                    places.entry("code", Role.LISTENS_TO, code, Kind.CODE).map(ByCode::new);
                case Equipment equipment -> Optional.of(equipment);
                case OfQueue(Ref queue, Optional<Seconds> none, Optional<Seconds> waiting) ->
                    places.entry("queue", Role.LISTENS_TO, queue, Kind.QUEUE)
                            .map(ref -> new OfQueue(ref, none, waiting));
                case OfSwitch(Ref turned, String awayFrom, Optional<Seconds> since) ->
                    places.entry("switch", Role.LISTENS_TO, turned, Kind.SWITCH)
                            .map(ref -> new OfSwitch(ref, awayFrom, since));
            };
        }
    }

    /// @param to      recipients
    /// @param subject with variables such as `{caller}`
    public record Email(List<Ref> to, Optional<String> subject, Optional<String> body) {
        public Email {
            to = List.copyOf(to);
        }

        Email over(Places places) {
            return new Email(places.refs("to", Role.TELLS, to, Kind.RECIPIENTS), subject, body);
        }
    }

    public record Text(List<Ref> to, Optional<String> body) {
        public Text {
            to = List.copyOf(to);
        }

        Text over(Places places) {
            return new Text(places.refs("to", Role.TELLS, to, Kind.RECIPIENTS), body);
        }
    }

    /// A page.
    ///
    /// @param say   what is said
    /// @param over  where
    /// @param times how often, 1 to 10
    public record PageOut(Optional<Ref> say, Optional<Ref> over, int times) {
        PageOut over(Places places) {
            return new PageOut(
                    places.ref("say", Role.SAYS, say, Kind.PROMPT),
                    places.ref("over", Role.TELLS, over, Kind.PAGE),
                    times);
        }
    }

    /// The object that it listens to.
    public Optional<Ref> listensTo() {
        return slots().stream()
                .filter(slot -> slot.role() == Role.LISTENS_TO)
                .flatMap(slot -> slot.target().stream())
                .findFirst();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.ALARM, key);
    }

    @Override
    public Alarm over(Places places) {
        return new Alarm(
                places.key(key),
                name,
                note,
                severity,
                on.flatMap(what -> what.over(places.in("on"))),
                holdsWhile.flatMap(hours -> hours.over(places, "while")),
                email.map(mail -> mail.over(places.in("email"))),
                text.map(message -> message.over(places.in("text"))),
                page.map(out -> out.over(places.in("page"))),
                places.refs("traps", Role.TELLS, traps, Kind.TRAP_TARGET),
                notAgainFor,
                untilAcknowledged,
                again,
                enabled);
    }
}
