package app.bittern.plan;

import java.util.Optional;

/// A prompt that is said in the call's language, or always in one of its own: `prompt/welcome in nb-NO`, for a greeting
/// in several.
///
/// @param language BCP 47; that of the call where absent
public record Spoken(Ref prompt, Optional<String> language) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "a reference such as prompt/key, or with its language: prompt/key in nb-NO";

    private static final String IN = " in ";

    /// Said in the call's language.
    public static Spoken of(Ref prompt) {
        return new Spoken(prompt, Optional.empty());
    }

    /// Reads what `toString` writes.
    public static Optional<Spoken> parse(String text) {
        int in = text.indexOf(IN);
        Optional<String> language = in < 0 ? Optional.empty() : Optional.of(text.substring(in + IN.length()));
        return Ref.parse(in < 0 ? text : text.substring(0, in))
                .filter(ref -> ref.kind() == Kind.PROMPT)
                .map(ref -> new Spoken(ref, language));
    }

    /// The language it is said in by a call.
    public String in(String calls) {
        return language.orElse(calls);
    }

    @Override
    public String toString() {
        return prompt + language.map(IN::concat).orElse("");
    }
}
