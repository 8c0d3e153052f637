package app.bittern.plan;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Tells people and systems that something has happened.
///
/// @param severity    as ITU-T X.733 has them
/// @param on          what sets it off
/// @param during      hours and the state they must be in
/// @param traps       the targets that get a trap
/// @param notAgainFor how long it is not set off again
public record Alarm(
        String key,
        Optional<String> name,
        Optional<String> note,
        Severity severity,
        Optional<On> on,
        Optional<Route.During> during,
        Optional<Email> email,
        Optional<Text> text,
        Optional<PageOut> page,
        List<Ref> traps,
        Optional<Seconds> notAgainFor)
        implements Aside {
    public Alarm {
        traps = List.copyOf(traps);
    }

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

        /// The object it listens to.
        default Optional<Ref> target() {
            return switch (this) {
                case Dialled(Ref outbound) -> Optional.of(outbound);
                case Called(Ref route) -> Optional.of(route);
                case ByCode(Ref code) -> Optional.of(code);
                case Equipment equipment -> Optional.empty();
                case OfQueue(Ref queue, Optional<Seconds> none, Optional<Seconds> waiting) -> Optional.of(queue);
            };
        }

        /// The field that names it.
        default String field() {
            return switch (this) {
                case Dialled dialled -> "dialled";
                case Called called -> "route";
                case ByCode code -> "code";
                case Equipment equipment -> "equipment";
                case OfQueue queue -> "queue";
            };
        }
    }

    /// @param to      recipients
    /// @param subject with variables such as `{caller}`
    public record Email(List<Ref> to, Optional<String> subject, Optional<String> body) {
        public Email {
            to = List.copyOf(to);
        }
    }

    public record Text(List<Ref> to, Optional<String> body) {
        public Text {
            to = List.copyOf(to);
        }
    }

    /// A page.
    ///
    /// @param say   what is said
    /// @param over  where
    /// @param as    the extension in whose name it is sent, which needs the permission to page
    /// @param times how often, 1 to 10
    public record PageOut(Optional<Ref> say, Optional<Ref> over, Optional<Ref> as, int times) {}

    @Override
    public Ref ref() {
        return new Ref(Kind.ALARM, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        on.ifPresent(what -> links.ref("on/" + what.field(), what.target()));
        links.ref("during", during.map(Route.During::hours));
        email.ifPresent(mail -> links.refs("email/to", mail.to()));
        text.ifPresent(message -> links.refs("text/to", message.to()));
        page.ifPresent(out ->
                links.ref("page/say", out.say()).ref("page/over", out.over()).ref("page/as", out.as()));
        return links.refs("traps", traps).done();
    }
}
