package app.bittern.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What promises and test calls name that a call sets off: `alarm/medical`, `text alarm/medical`, `recorded`,
/// `switch/timetable reduced`.
public final class SetOffBy {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED =
            "alarm/key, switch/key with or without a position, mail, text, page, trap, login,"
                    + " logout or record and a reference, pause, or recorded";

    private SetOffBy() {}

    /// Reads the reference in it.
    private static Optional<Ref> ref(String id) {
        int space = id.indexOf(' ');
        return Ref.parse(id.startsWith("switch/") && space > 0 ? id.substring(0, space) : id.substring(space + 1));
    }

    /// Whether a text is one.
    public static boolean sound(String id) {
        int space = id.indexOf(' ');
        String verb = space < 0 ? id : id.substring(0, space);
        return switch (verb) {
            case "recorded" -> space < 0;
            case "pause" ->
                space < 0
                        || ref(id).filter(ref -> ref.kind() == Kind.PAUSE_REASON)
                                .isPresent();
            case "mail", "text" ->
                ref(id).filter(ref -> ref.kind() == Kind.ALARM || ref.kind() == Kind.MAILBOX)
                        .isPresent();
            case "page" -> ref(id).filter(ref -> ref.kind() == Kind.PAGE).isPresent();
            case "trap" -> ref(id).filter(ref -> ref.kind() == Kind.TRAP_TARGET).isPresent();
            case "login", "logout" ->
                ref(id).filter(ref -> ref.kind() == Kind.QUEUE).isPresent();
            case "record" -> ref(id).filter(ref -> ref.kind() == Kind.PROMPT).isPresent();
            case String other ->
                Ref.parse(other)
                        .filter(ref -> ref.kind() == Kind.SWITCH || (ref.kind() == Kind.ALARM && space < 0))
                        .isPresent();
        };
    }

    /// The switches on whose position it depends whether a call sets it off: one that is turned on to its next
    /// position, and those that alarms listen to which do it.
    public static List<Ref> switches(Plan plan, String id) {
        Optional<Ref> named = ref(id);
        if (named.filter(ref -> ref.kind() == Kind.SWITCH).isPresent()) {
            return named.stream().toList();
        }
        boolean byAlarm = named.filter(
                        ref -> ref.kind() == Kind.ALARM || ref.kind() == Kind.PAGE || ref.kind() == Kind.TRAP_TARGET)
                .isPresent();
        return !byAlarm
                ? List.of()
                : plan.all(Alarm.class)
                        .filter(alarm ->
                                named.get().kind() != Kind.ALARM || named.get().equals(alarm.ref()))
                        .flatMap(alarm -> alarm.on().stream())
                        .flatMap(on -> on instanceof Alarm.On.OfSwitch turned
                                ? Stream.of(turned.turned())
                                : Stream.<Ref>empty())
                        .distinct()
                        .toList();
    }

    /// Gone over: renamed with what it names, and gone with it.
    static Optional<String> over(String id, Places places, String field) {
        Optional<Ref> named = ref(id);
        if (named.isEmpty()) {
            return Optional.of(id);
        }
        Ref ref = named.get();
        return places.ref(field, Role.ABOUT, named, ref.kind())
                .map(kept -> id.replace(ref.toString(), kept.toString()));
    }
}
