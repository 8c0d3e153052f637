package app.bittern.plan;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// The kinds of object, each with the word that references use and the section of the plan file.
public enum Kind {
    SITE("site", "site", "site", Form.SINGLE),
    TRUNK("trunk", "trunks", "trunk", Form.MAP),
    NUMBER("number", "numbers", "inbound number", Form.MAP, Keys.E164),
    ROUTE("route", "routes", "route", Form.MAP),
    HOURS("hours", "hours", "hours", Form.MAP),
    SWITCH("switch", "switches", "switch", Form.MAP),
    BRANCH("branch", "branches", "branch"),
    ANNOUNCEMENT("announcement", "announcements", "announcement"),
    MENU("menu", "menus", "menu"),
    ASK("ask", "asks", "ask"),
    LOOKUP("lookup", "lookups", "lookup", Form.MAP),
    RING_GROUP("ring-group", "ringGroups", "ring group"),
    HUNT_GROUP("hunt-group", "huntGroups", "hunt group"),
    QUEUE("queue", "queues", "queue"),
    EXTENSION("extension", "extensions", "extension", Form.MAP, Keys.DIGITS, true),
    CHAIN("chain", "chains", "chain"),
    MAILBOX("mailbox", "mailboxes", "mailbox"),
    PROMPT("prompt", "prompts", "prompt", Form.MAP),
    MUSIC("music", "music", "music", Form.MAP),
    CONTACT("contact", "contacts", "contact", Form.LIST, Keys.E164),
    CLASS_OF_SERVICE("class-of-service", "classesOfService", "class of service", Form.MAP),
    OUTBOUND("outbound", "outbound", "outbound route", Form.MAP),
    PAGE("page", "pages", "page"),
    CODE("code", "codes", "code", Form.MAP),
    RECIPIENTS("recipients", "recipients", "recipients", Form.MAP),
    ALARM("alarm", "alarms", "alarm", Form.MAP),
    TRAP_TARGET("trap-target", "trapTargets", "trap target", Form.MAP),
    PAUSE_REASON("pause-reason", "pauseReasons", "pause reason", Form.LIST),
    CALL_RESULT("call-result", "callResults", "call result", Form.LIST),
    AGENT_NOTE("agent-note", "agentNotes", "note for agents", Form.LIST),
    TRAFFIC("traffic", "traffic", "traffic", Form.SINGLE),
    TEST_CALL("test-call", "testCalls", "test call", Form.LIST),
    PROMISE("promise", "promises", "promise", Form.LIST),
    ACCEPTED("accepted", "accepted", "accepted finding", Form.LIST);

    /// How a section of the plan file holds the objects of a kind.
    public enum Form {
        /// One object, its fields in the section itself.
        SINGLE,
        /// A map from key to object.
        MAP,
        /// A list of objects that hold what makes their key.
        LIST
    }

    /// How the keys of a kind are made.
    public enum Keys {
        /// Lower-case words joined by hyphens.
        WORDS,
        /// The number of an extension.
        DIGITS,
        /// A number in E.164.
        E164
    }

    private final String word;
    private final String section;
    private final String title;
    private final Form form;
    private final Keys keys;
    private final boolean routable;

    /// A kind to which calls can be sent.
    Kind(String word, String section, String title) {
        this(word, section, title, Form.MAP, Keys.WORDS, true);
    }

    Kind(String word, String section, String title, Form form) {
        this(word, section, title, form, Keys.WORDS, false);
    }

    Kind(String word, String section, String title, Form form, Keys keys) {
        this(word, section, title, form, keys, false);
    }

    Kind(String word, String section, String title, Form form, Keys keys, boolean routable) {
        this.word = word;
        this.section = section;
        this.title = title;
        this.form = form;
        this.keys = keys;
        this.routable = routable;
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

    /// The trade's name for several: `ring groups`.
    public String several() {
        return switch (this) {
            case SWITCH -> "switches";
            case BRANCH -> "branches";
            case MAILBOX -> "mailboxes";
            case CLASS_OF_SERVICE -> "classes of service";
            case AGENT_NOTE -> "notes for agents";
            case HOURS, MUSIC, TRAFFIC, RECIPIENTS -> title;
            case SITE,
                    TRUNK,
                    NUMBER,
                    ROUTE,
                    ANNOUNCEMENT,
                    MENU,
                    ASK,
                    LOOKUP,
                    RING_GROUP,
                    HUNT_GROUP,
                    QUEUE,
                    EXTENSION,
                    CHAIN,
                    PROMPT,
                    CONTACT,
                    OUTBOUND,
                    PAGE,
                    CODE,
                    ALARM,
                    TRAP_TARGET,
                    PAUSE_REASON,
                    CALL_RESULT,
                    TEST_CALL,
                    PROMISE,
                    ACCEPTED -> title + "s";
        };
    }

    /// Whether calls are at such an object for a while, or pass it; others are used in those.
    public boolean passed() {
        return routable() || this == ROUTE;
    }

    /// Whether calls come to such an object at all, some of them from phones of the site alone.
    public boolean reached() {
        return passed() || this == CODE || this == SWITCH || this == OUTBOUND;
    }

    /// Whether a call can be sent to an object of this kind.
    public boolean routable() {
        return routable;
    }

    /// How the plan file holds objects of this kind.
    public Form form() {
        return form;
    }

    /// How their keys are made.
    public Keys keys() {
        return keys;
    }

    private static final Map<String, Kind> BY_WORD =
            Stream.of(values()).collect(Collectors.toMap(Kind::word, kind -> kind, (a, b) -> a, TreeMap::new));

    /// The kind of that word.
    public static Optional<Kind> ofWord(String word) {
        return Optional.ofNullable(BY_WORD.get(word));
    }
}
