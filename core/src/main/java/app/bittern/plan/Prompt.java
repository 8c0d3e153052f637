package app.bittern.plan;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/// Something that is said, in each language.
///
/// @param music   whether it is music; else spoken
/// @param scripts the words by BCP 47 tag, in order
/// @param sounds  the recordings by BCP 47 tag
public record Prompt(
        String key,
        Optional<String> name,
        Optional<String> note,
        boolean music,
        Map<String, String> scripts,
        Map<String, Sound> sounds)
        implements Aside {
    public Prompt {
        scripts = Collections.unmodifiableMap(new LinkedHashMap<>(scripts));
        sounds = Collections.unmodifiableMap(new LinkedHashMap<>(sounds));
    }

    /// A prompt of words alone.
    public Prompt(String key, Optional<String> name, Optional<String> note, Map<String, String> scripts) {
        this(key, name, note, false, scripts, Map.of());
    }

    /// A recording.
    ///
    /// @param file    where it is kept
    /// @param seconds how long it is
    /// @param digest  of the file
    /// @param made    how it was made
    /// @param from    the words that it was made from
    public record Sound(
            String file, BigDecimal seconds, Optional<String> digest, Optional<String> made, Optional<String> from) {
        /// One of which no more is known.
        public Sound(String file, BigDecimal seconds) {
            this(file, seconds, Optional.empty(), Optional.empty(), Optional.empty());
        }

        /// @throws IllegalArgumentException where it is not longer than nothing, or longer than an hour
        public Sound {
            if (seconds.signum() <= 0 || seconds.compareTo(BigDecimal.valueOf(3600)) > 0) {
                throw new IllegalArgumentException(seconds + " s: more than 0 and at most 3600 s are allowed");
            }
        }
    }

    /// Whether it can be said or played in a language itself.
    public boolean in(String language) {
        return scripts.containsKey(language) || sounds.containsKey(language);
    }

    /// What is heard of it in a language, in words; what people call it where its words are not written.
    public String words(String language, String otherwise) {
        return script(language, otherwise).orElseGet(this::title);
    }

    /// The script said in a language: its own, else the default language's.
    public Optional<String> script(String language, String defaultLanguage) {
        return Optional.ofNullable(scripts.get(language)).or(() -> Optional.ofNullable(scripts.get(defaultLanguage)));
    }

    /// How long it takes in a language, in seconds: that of its sound, rounded up; without one, words divided by 2.5,
    /// rounded up, at least 1. What is missing in a language is said in the default language.
    public int length(String language, String defaultLanguage) {
        String spoken = in(language) ? language : defaultLanguage;
        Sound sound = sounds.get(spoken);
        if (sound != null) {
            return sound.seconds().setScale(0, RoundingMode.CEILING).intValueExact();
        }
        return Math.max(1, (words(scripts.getOrDefault(spoken, "")) * 2 + 4) / 5);
    }

    /// The words of a script.
    private static int words(String script) {
        int words = 0;
        boolean inWord = false;
        for (int at = 0; at < script.length(); at++) {
            boolean space = Character.isWhitespace(script.charAt(at));
            words += !space && !inWord ? 1 : 0;
            inWord = !space;
        }
        return words;
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.PROMPT, key);
    }

    @Override
    public Prompt over(Places places) {
        return new Prompt(places.key(key), name, note, music, scripts, sounds);
    }
}
