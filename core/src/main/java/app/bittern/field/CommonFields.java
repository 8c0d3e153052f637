package app.bittern.field;

/// Fields that several kinds have.
final class CommonFields {
    static final Field NAME = Field.of("name", "Name", "What people call it; its key where there is none.");
    static final Field NOTE = Field.of("note", "Note", "Anything worth knowing; callers never meet it.")
            .inSentences();
    static final Field NUMBER =
            Field.of("number", "Number", "What a phone in the site dials for it; no other object may have the same.");
    static final Field KEY =
            Field.of("key", "Key", "Names it among those of its kind.").otherwise("made of its place");
    static final Field LANGUAGE = Field.each("Language", "One of the site's languages (BCP 47).");
    static final Field TO = Field.of("to", "Leads to", "Where the call goes.");

    private CommonFields() {}

    static final Field SETS = Field.of("sets", "Sets", "What the call is given.")
            .with(
                    Field.of("language", "Language", "In which the caller is spoken to from then on."),
                    Field.of("tags", "Tags", "What branches ahead can ask for.").with(Field.each("Tag", "A word.")));

    /// What is said where a caller keys nothing, or something that is not asked for.
    static Field said(String name, String title, String help) {
        return Field.of(name, title, help)
                .with(
                        Field.of("prompt", "Says", "What is said before the next try."),
                        Field.of("to", "Last leads to", "Where the last such try leads.")
                                .otherwise("where callers are given up"));
    }

    static Field[] waits() {
        return new Field[] {
            Field.of("keyWait", "Waits for a key", "How long a key is waited for when the prompts have ended.")
                    .usual("5s"),
            Field.of("tries", "Tries", "How often callers are asked in all.")
                    .usual("3")
                    .between(1, 10, "tries"),
            said("noKey", "No key", "What callers hear who key nothing."),
            said("wrongKey", "Wrong key", "What callers hear who key what is not asked for.")
        };
    }

    static Field enabled(String help) {
        return Field.of("enabled", "Enabled", help).usual("true");
    }

    static Field number(String what) {
        return Field.of("number", "Number", "What a phone in the site dials for " + what + ".");
    }
}
