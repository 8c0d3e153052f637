package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// The kinds of object, each with the word that references use and the section of the plan file.
public enum Kind {
    SITE("site", "site", "site"),
    TRUNK("trunk", "trunks", "trunk"),
    NUMBER("number", "numbers", "inbound number"),
    ROUTE("route", "routes", "route"),
    HOURS("hours", "hours", "hours"),
    SPLIT("split", "splits", "split"),
    ANNOUNCEMENT("announcement", "announcements", "announcement"),
    MENU("menu", "menus", "menu"),
    RING_GROUP("ring-group", "ringGroups", "ring group"),
    EXTENSION("extension", "extensions", "extension"),
    MAILBOX("mailbox", "mailboxes", "mailbox"),
    PROMPT("prompt", "prompts", "prompt");

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
            case SPLIT, ANNOUNCEMENT, MENU, RING_GROUP, EXTENSION, MAILBOX -> true;
            case SITE, TRUNK, NUMBER, ROUTE, HOURS, PROMPT -> false;
        };
    }

    /// The kind of that word.
    public static Optional<Kind> ofWord(String word) {
        return List.of(values()).stream().filter(kind -> kind.word.equals(word)).findFirst();
    }
}
