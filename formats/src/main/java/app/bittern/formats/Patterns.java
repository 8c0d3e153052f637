package app.bittern.formats;

import app.bittern.call.Dialling;
import app.bittern.hours.Season;
import app.bittern.hours.WeekRange;
import app.bittern.number.Delivers;
import app.bittern.number.DialPattern;
import app.bittern.number.E164;
import app.bittern.plan.Alarm;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Destination;
import app.bittern.plan.Hears;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Pin;
import app.bittern.plan.Pointer;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The texts that are allowed as regular expressions (ECMA-262) for the schema, by what a refusal says is
/// allowed, so that a reader asks for both at once.
///
/// Each takes at least all that the reader does; what a reader alone can tell (a date that is none, a time
/// zone) is left to it.
final class Patterns {
    private static final String WORDS = "[a-z0-9]+(-[a-z0-9]+)*";
    private static final String SPOKEN = "prompt/" + WORDS + "( in [a-z]{2,3}(-[A-Za-z0-9]{2,8})*)?";
    private static final String NUMBER = "\\+[1-9][0-9]{5,14}";
    private static final String DATE = "[0-9]{4}-[0-9]{2}-[0-9]{2}";
    private static final String OUTSIDE = "outside/" + NUMBER;
    private static final String MONTH_DAY = "(0[1-9]|1[0-2])-(0[1-9]|[12][0-9]|3[01])";
    private static final String CLOCK = "([01][0-9]|2[0-4]):[0-5][0-9]";
    private static final String DURATION = "(?=.)([0-9]{1,5}h)?([0-9]{1,5}m)?([0-9]{1,5}s)?";
    private static final String REFERENCE = "a reference such as ";

    private static final Map<String, String> KNOWN = Map.ofEntries(
            Map.entry(Seconds.ALLOWED, DURATION),
            Map.entry(E164.ALLOWED, NUMBER),
            Map.entry(Ref.ALLOWED_KEY, WORDS),
            Map.entry(Ref.allowedKey(Kind.EXTENSION), "[0-9]{1,15}"),
            Map.entry("the number of an extension in quotes", "[0-9]{1,15}"),
            Map.entry("digits in quotes, such as \"2500\"", "[*#]?[0-9]{1,15}"),
            Map.entry(
                    Destination.ALLOWED,
                    "hang-up|busy|own-mailbox|repeat|back|route|extension-by-last ([1-9]|1[0-5])|" + OUTSIDE + "|"
                            + references(Stream.of(Kind.values()).filter(Kind::routable))),
            Map.entry(
                    Chain.Stage.ALLOWED,
                    OUTSIDE + "|"
                            + references(Stream.of(Kind.EXTENSION, Kind.RING_GROUP, Kind.HUNT_GROUP, Kind.QUEUE))),
            Map.entry(
                    Branch.By.ALLOWED,
                    "caller|language|" + references(Stream.of(Kind.HOURS, Kind.SWITCH, Kind.ASK, Kind.LOOKUP))),
            Map.entry(Ask.LookIn.ALLOWED, "contacts\\.(account|number)|lookup/" + WORDS),
            Map.entry(Spoken.ALLOWED, SPOKEN),
            Map.entry(PromptFormat.ALLOWED_DIGEST, "sha256:[0-9a-f]{64}"),
            Map.entry(SiteFormat.ALLOWED_EMERGENCY, "[0-9]{2,6}"),
            Map.entry(LookupFormat.ALLOWED_WITHIN, DURATION),
            Map.entry(DialExtensionsFormat.ALLOWED, "[0-9]{1,15}"),
            Map.entry(
                    Code.Does.ALLOWED,
                    "messages|pause( pause-reason/" + WORDS + ")?|record prompt/" + WORDS + "|(login |logout )queue/"
                            + WORDS + "|" + references(Stream.of(Kind.ALARM, Kind.SWITCH))),
            Map.entry(Menu.ALLOWED_KEY, "[0-9*#]"),
            Map.entry(Season.ALLOWED, MONTH_DAY + "\\.\\." + MONTH_DAY),
            Map.entry(WeekRange.ALLOWED, " *[A-Za-z, -]+ +" + CLOCK + "-" + CLOCK + " *"),
            Map.entry(Delivers.ALLOWED, "e164|national|last ([2-9]|1[0-2])"),
            Map.entry(DialPattern.ALLOWED, "[+*#]?([0-9x]|\\[[0-9]-[0-9]\\])*(x\\.)?"),
            Map.entry(Dialling.ALLOWED, "\\+?[0-9*#]{1,40}"),
            Map.entry(Pointer.ALLOWED, "(/([^/~]|~[01])*){0,12}"),
            Map.entry(SiteFormat.ALLOWED_LANGUAGE, "[a-z]{2,3}(-[A-Za-z0-9]{2,8})*"),
            Map.entry(QueueFormat.ALLOWED_EVERY, DURATION),
            Map.entry("a country (ISO 3166) such as GB", "[A-Z]{2}"),
            Map.entry("a share in per cent such as 55%", "[0-9]{1,3}(\\.[0-9]{1,3})?%"),
            Map.entry("the name of a state, such as open", WORDS),
            Map.entry(SwitchFormat.ALLOWED_POSITION, WORDS),
            Map.entry(Pin.ALLOWED, "[0-9]{4,12}|pbkdf2:[a-z0-9/-]{1,80}:[0-9a-f]{32}"),
            Map.entry(E164.ALLOWED_BEGINNING, "\\+[1-9][0-9]{0,14}"),
            Map.entry(RouteFormat.ALLOWED_CALLED, NUMBER),
            Map.entry(RouteFormat.ALLOWED_CALLER, "withheld|unavailable|" + NUMBER),
            Map.entry(Hears.ALLOWED, Hears.RINGING + "|music/" + WORDS),
            Map.entry(AlarmFormat.ALLOWED_DIALLED, Alarm.On.Emergency.WORD + "|outbound/" + WORDS),
            Map.entry(Queue.Told.ALLOWED, "wait|prompt/" + WORDS),
            Map.entry(QueueFormat.ALLOWED_SAID, "position|expected-wait|prompt/" + WORDS),
            Map.entry(Queue.ServiceLevel.ALLOWED, "[0-9]{1,3}% in " + DURATION),
            Map.entry(MailboxFormat.ALLOWED_GREETING, SPOKEN),
            Map.entry(AskFormat.ALLOWED_DIGITS, "[0-9]{1,2}(\\.\\.[0-9]{1,2})?"),
            Map.entry(TrapTargetFormat.ALLOWED_ADDRESS, TrapTargetFormat.ADDRESS.pattern()),
            Map.entry(RecipientsFormat.ALLOWED_EMAIL, RecipientsFormat.EMAIL.pattern()),
            Map.entry(RouteFormat.ALLOWED_WHILE, "hours/" + WORDS + " .*"));

    /// By how the sentence begins; the first that fits.
    private static final Map<String, String> BEGINNINGS = beginnings();

    private static Map<String, String> beginnings() {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("a date and time such as ", DATE + "T.+");
        all.put("a date such as ", DATE);
        all.put("the key of an extension", "[0-9]{1,15}");
        all.put("the key of an inbound number", NUMBER);
        all.put("the key of a ", WORDS);
        all.put(REFERENCE + "queue/bookings", references(Stream.of(Kind.values())));
        return all;
    }

    private Patterns() {}

    private static String references(Stream<Kind> kinds) {
        return kinds.map(kind -> kind.word() + "/" + key(kind)).collect(Collectors.joining("|"));
    }

    private static String key(Kind kind) {
        return switch (kind.keys()) {
            case WORDS -> WORDS;
            case DIGITS -> "[0-9]{1,15}";
            case E164 -> NUMBER;
        };
    }

    /// The expression for the keys of a kind.
    static String ofKeys(Kind kind) {
        return whole(key(kind));
    }

    /// The expression for what a refusal says is allowed, where there is one.
    static Optional<String> of(String allowed) {
        if (allowed.startsWith(REFERENCE)) {
            List<String> words = List.of(allowed.substring(REFERENCE.length()).split("/", -1));
            Optional<Kind> kind = words.size() == 2 && words.getLast().equals("key")
                    ? Kind.ofWord(words.getFirst())
                    : Optional.empty();
            if (kind.isPresent()) {
                return Optional.of(whole(kind.get().word() + "/" + key(kind.get())));
            }
        }
        return Optional.ofNullable(KNOWN.get(allowed))
                .or(() -> BEGINNINGS.entrySet().stream()
                        .filter(one -> allowed.startsWith(one.getKey()))
                        .map(Map.Entry::getValue)
                        .findFirst())
                .or(() -> words(allowed))
                .map(Patterns::whole);
    }

    /// Words of which one is allowed: `one of internal, emergency`.
    private static Optional<String> words(String allowed) {
        return allowed.matches("one of [a-z0-9-]+(, [a-z0-9-]+)*")
                ? Optional.of(allowed.substring("one of ".length()).replace(", ", "|"))
                : Optional.empty();
    }

    private static String whole(String expression) {
        return "^(" + expression + ")$";
    }
}
