package app.bittern.formats;

import app.bittern.plan.Prompt;
import java.math.BigDecimal;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Prompts: script and sound by language.
///
/// A language has its script as a text, or `{ script: …, sound: welcome-en.wav, seconds: 11.4 }`.
final class PromptFormat implements KindFormat<Prompt> {
    private static final String ALLOWED_SECONDS = "the length of the sound in seconds, 0.001 to 3600";

    static final String ALLOWED_DIGEST = "sha256: and 64 digits from 0 to f";

    /// What is said in one language.
    private record Said(Optional<String> script, Optional<Prompt.Sound> sound) {}

    @Override
    public Optional<Prompt> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        boolean music = fields.usualFlag("music");
        Map<String, String> scripts = new LinkedHashMap<>();
        Map<String, Prompt.Sound> sounds = new LinkedHashMap<>();
        fields.each(SiteFormat::language, SiteFormat.ALLOWED_LANGUAGE + ", name, note or music")
                .forEach((field, language) -> fields.either(
                                field,
                                "the script in quotes, or { script: \"…\", sound: welcome-en.wav, seconds: 11.4 }",
                                text -> Optional.of(new Said(Optional.of(text), Optional.empty())),
                                PromptFormat::said)
                        .ifPresent(said -> {
                            said.script().ifPresent(script -> scripts.put(language, script));
                            said.sound().ifPresent(sound -> sounds.put(language, sound));
                        }));
        return Optional.of(new Prompt(key, name, note, music, scripts, sounds));
    }

    private static Optional<Said> said(Reading fields) {
        Optional<String> script = fields.text("script");
        Optional<String> file = fields.text("sound");
        Optional<BigDecimal> seconds =
                fields.decimal("seconds", ALLOWED_SECONDS, new BigDecimal("0.001"), BigDecimal.valueOf(3600));
        if (file.isPresent() && seconds.isEmpty() && fields.given("seconds").isEmpty()) {
            fields.refusedWhole(ALLOWED_SECONDS + ", beside the sound");
        }
        Optional<String> digest = fields.read(
                "digest",
                ALLOWED_DIGEST,
                text -> text.matches("sha256:[0-9a-f]{64}") ? Optional.of(text) : Optional.empty());
        Optional<String> made = fields.oneOf("made", List.of("spoken", "uploaded", "recorded"));
        Optional<String> from = fields.text("from");
        fields.done();
        return Optional.of(new Said(
                script,
                file.flatMap(name -> seconds.map(length -> new Prompt.Sound(name, length, digest, made, from)))));
    }

    @Override
    public Writing write(Prompt prompt) {
        Writing written = new Writing()
                .text("name", prompt.name())
                .text("note", prompt.note())
                .flag("music", prompt.music(), false);
        Map<String, Boolean> languages = new LinkedHashMap<>();
        prompt.scripts().keySet().forEach(language -> languages.put(language, true));
        prompt.sounds().keySet().forEach(language -> languages.put(language, true));
        languages.keySet().forEach(language -> {
            Optional<String> script = Optional.ofNullable(prompt.scripts().get(language));
            Optional<Prompt.Sound> sound = Optional.ofNullable(prompt.sounds().get(language));
            if (sound.isEmpty()) {
                written.text(language, script);
            } else {
                written.fields(
                        language,
                        new Writing()
                                .text("script", script)
                                .text("sound", sound.get().file())
                                .decimal("seconds", sound.get().seconds())
                                .text("digest", sound.get().digest())
                                .text("made", sound.get().made())
                                .text("from", sound.get().from()));
            }
        });
        return written;
    }
}
