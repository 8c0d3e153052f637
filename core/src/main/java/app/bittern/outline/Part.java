package app.bittern.outline;

import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.Optional;

/// A piece of a sentence.
///
/// @param style  how it is set
/// @param text   the words
/// @param edit   what can be changed by it
public record Part(Style style, String text, Optional<Edit> edit) {
    /// How a part is set.
    public enum Style {
        PLAIN,
        STRONG,
        MUTED,
        DIGITS,
        KEY,
        ANSWERED,
        MESSAGE,
        OUTSIDE,
        ENDED,
        LOST
    }

    /// A field that a token changes.
    ///
    /// @param object the object it is in
    /// @param field  the place in the object
    /// @param value  what it holds now, as the plan file writes it; empty where nothing is given
    public record Edit(Ref object, Pointer field, String value) {}

    static Part plain(String text) {
        return new Part(Style.PLAIN, text, Optional.empty());
    }

    static Part strong(String text) {
        return new Part(Style.STRONG, text, Optional.empty());
    }

    static Part muted(String text) {
        return new Part(Style.MUTED, text, Optional.empty());
    }

    static Part digits(String text) {
        return new Part(Style.DIGITS, text, Optional.empty());
    }

    static Part key(String text) {
        return new Part(Style.KEY, text, Optional.empty());
    }

    static Part end(Style style, String text) {
        return new Part(style, text, Optional.empty());
    }

    static Part token(Style style, String text, Edit edit) {
        return new Part(style, text, Optional.of(edit));
    }
}
