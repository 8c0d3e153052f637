package app.bittern.plan;

import app.bittern.number.E164;
import java.util.Optional;

/// What names an object everywhere: its kind and its key, `ring-group/reception`.
///
/// @param key lower-case words with hyphens; digits for an extension, E.164 for an inbound number
public record Ref(Kind kind, String key) implements Filling {
    /// What is allowed as a key, as a refusal says it.
    public static final String ALLOWED_KEY =
            "lower-case letters and digits in words joined by hyphens, such as front-desk";

    private static final int LONGEST = 63;
    private static final int MOST_DIGITS = 15;

    /// @throws IllegalArgumentException where the key is not one for that kind
    public Ref {
        if (!sound(kind, key)) {
            throw new IllegalArgumentException("'" + key + "' as a key of " + kind.word() + ": " + ALLOWED_KEY);
        }
    }

    /// What is allowed as the key of an object of that kind.
    public static String allowedKey(Kind kind) {
        return switch (kind.keys()) {
            case E164 -> E164.ALLOWED;
            case DIGITS -> "the number of an extension, 1 to 15 digits";
            case WORDS -> ALLOWED_KEY;
        };
    }

    /// Whether a text can be the key of an object of that kind.
    public static boolean sound(Kind kind, String key) {
        return switch (kind.keys()) {
            case E164 -> E164.parse(key).isPresent();
            case DIGITS -> !key.isEmpty() && key.length() <= MOST_DIGITS && digits(key);
            case WORDS -> key.length() <= LONGEST && words(key);
        };
    }

    private static boolean digits(String key) {
        for (int at = 0; at < key.length(); at++) {
            if (key.charAt(at) < '0' || key.charAt(at) > '9') {
                return false;
            }
        }
        return true;
    }

    /// Words of letters and digits joined by single hyphens; by hand, as references are made all the time.
    private static boolean words(String key) {
        boolean inWord = false;
        for (int at = 0; at < key.length(); at++) {
            char sign = key.charAt(at);
            boolean letter = (sign >= 'a' && sign <= 'z') || (sign >= '0' && sign <= '9');
            if (!letter && !(sign == '-' && inWord)) {
                return false;
            }
            inWord = letter;
        }
        return inWord;
    }

    /// Itself.
    @Override
    public Optional<Ref> target() {
        return Optional.of(this);
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
