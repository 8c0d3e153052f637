package app.bittern.plan;

import java.util.Optional;
import java.util.regex.Pattern;

/// What names an object everywhere: its kind and its key, `ring-group/reception`.
///
/// @param key lower-case words with hyphens; digits for an extension, E.164 for an inbound number
public record Ref(Kind kind, String key) {
    /// What is allowed as a key, as a refusal says it.
    public static final String ALLOWED_KEY =
            "lower-case letters and digits in words joined by hyphens, such as front-desk";

    private static final Pattern WORDS = Pattern.compile("[a-z0-9]+(-[a-z0-9]+)*");
    private static final Pattern DIGITS = Pattern.compile("[0-9]{1,15}");
    private static final Pattern NUMBER = Pattern.compile("\\+[1-9][0-9]{5,14}");

    /// @throws IllegalArgumentException where the key is not one for that kind
    public Ref {
        if (!sound(kind, key)) {
            throw new IllegalArgumentException("'" + key + "' as a key of " + kind.word() + ": " + ALLOWED_KEY);
        }
    }

    /// Whether a text can be the key of an object of that kind.
    public static boolean sound(Kind kind, String key) {
        return switch (kind) {
            case NUMBER -> NUMBER.matcher(key).matches();
            case EXTENSION -> DIGITS.matcher(key).matches();
            case SITE, TRUNK, ROUTE, HOURS, SPLIT, ANNOUNCEMENT, MENU, RING_GROUP, MAILBOX, PROMPT ->
                key.length() <= 63 && WORDS.matcher(key).matches();
        };
    }

    /// Reads what [#toString()] writes.
    public static Optional<Ref> parse(String text) {
        int slash = text.indexOf('/');
        if (slash < 0) {
            return Optional.empty();
        }
        String key = text.substring(slash + 1);
        return Kind.ofWord(text.substring(0, slash))
                .filter(kind -> sound(kind, key))
                .map(kind -> new Ref(kind, key));
    }

    @Override
    public String toString() {
        return kind.word() + "/" + key;
    }
}
