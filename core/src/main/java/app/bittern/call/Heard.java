package app.bittern.call;

import java.util.Locale;

/// A stretch of what the caller hears, or a key that is pressed.
///
/// @param from second from the beginning of the call
/// @param to   second at which it ends; the same for a key
/// @param text the words spoken, who is rung, or the key
public record Heard(int from, int to, Sound sound, String text) {
    /// What kind of sound it is.
    public enum Sound {
        SPEECH,
        RINGING,
        MUSIC,
        SILENCE,
        KEY,
        TONE;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    Heard later(int seconds) {
        return new Heard(from + seconds, to + seconds, sound, text);
    }
}
