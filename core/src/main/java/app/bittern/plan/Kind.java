package app.bittern.plan;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The kinds of object, each with the word that references use and the section of the plan file.
public enum Kind {
    SITE("site", "site", "site"),
    TRUNK("trunk", "trunks", "trunk"),
    NUMBER("number", "numbers", "inbound number"),
    ROUTE("route", "routes", "route"),
    HOURS("hours", "hours", "hours"),
    SWITCH("switch", "switches", "switch"),
    SPLIT("split", "splits", "split"),
    ANNOUNCEMENT("announcement", "announcements", "announcement"),
    MENU("menu", "menus", "menu"),
    ASK("ask", "asks", "ask"),
    RING_GROUP("ring-group", "ringGroups", "ring group"),
    HUNT_GROUP("hunt-group", "huntGroups", "hunt group"),
    QUEUE("queue", "queues", "queue"),
    EXTENSION("extension", "extensions", "extension"),
    CHAIN("chain", "chains", "chain"),
    MAILBOX("mailbox", "mailboxes", "mailbox"),
    PROMPT("prompt", "prompts", "prompt"),
    MUSIC("music", "music", "music"),
    CONTACT("contact", "contacts", "contact"),
    PERMISSION("permission", "permissions", "permission"),
    OUTBOUND("outbound", "outbound", "outbound route"),
    PAGE("page", "pages", "page"),
    CODE("code", "codes", "code"),
    RECIPIENTS("recipients", "recipients", "recipients"),
    ALARM("alarm", "alarms", "alarm"),
    TRAP_TARGET("trap-target", "trapTargets", "trap target"),
    DESK("desk", "desk", "desk"),
    TRAFFIC("traffic", "traffic", "traffic"),
    TEST_CALL("test-call", "testCalls", "test call"),
    ACCEPTED("accepted", "accepted", "accepted finding");

    private final String word;
    private final String section;
    private final String title;

    Kind(String word, String section, String title) {
        this.word = word;
        this.section = section;
        this.title = title;
    }

    /// The word in a reference: `ring-group`.
    public String word() {
        return word;
    }

    /// The section of the plan file: `ringGroups`.
    public String section() {
        return section;
    }

    /// The trade's name in a sentence: `ring group`.
    public String title() {
        return title;
    }

    /// Whether a call can be sent to an object of this kind.
    public boolean routable() {
        return switch (this) {
            case SPLIT, ANNOUNCEMENT, MENU, ASK, RING_GROUP, HUNT_GROUP, QUEUE, EXTENSION, CHAIN, MAILBOX, PAGE -> true;
            case SITE,
                    TRUNK,
                    NUMBER,
                    ROUTE,
                    HOURS,
                    SWITCH,
                    PROMPT,
                    MUSIC,
                    CONTACT,
                    PERMISSION,
                    OUTBOUND,
                    CODE,
                    RECIPIENTS,
                    ALARM,
                    TRAP_TARGET,
                    DESK,
                    TRAFFIC,
                    TEST_CALL,
                    ACCEPTED -> false;
        };
    }

    /// How a section of the plan file holds the objects of a kind.
    public enum Form {
        /// One object, its fields in the section itself.
        SINGLE,
        /// A map from key to object.
        MAP,
        /// A list of objects that hold what makes their key.
        LIST
    }

    /// How the plan file holds objects of this kind.
    public Form form() {
        return switch (this) {
            case SITE, DESK, TRAFFIC -> Form.SINGLE;
            case CONTACT, TEST_CALL, ACCEPTED -> Form.LIST;
            default -> Form.MAP;
        };
    }

    private static final Map<String, Kind> BY_WORD =
            Stream.of(values()).collect(Collectors.toMap(Kind::word, kind -> kind, (a, b) -> a, TreeMap::new));

    /// The kind of that word.
    public static Optional<Kind> ofWord(String word) {
        return Optional.ofNullable(BY_WORD.get(word));
    }
}
