package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Prompt;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// The same recording for other words: one sound, by its digest, beside two different scripts.
final class SoundTwice implements Check {
    private static final About ABOUT = new About(
            "sound-twice",
            "One sound for other words",
            Severity.WARNING,
            "A sound that stands beside two different scripts.",
            "One of the two says something else than is written. Make or upload the right sound.");

    @Override
    public About about() {
        return ABOUT;
    }

    /// A sound where it stands.
    private record Stands(Prompt prompt, String language, String digest, String script) {}

    @Override
    public List<Finding> examine(Examination examination) {
        Map<String, Stands> first = new LinkedHashMap<>();
        return examination
                .plan()
                .all(Prompt.class)
                .flatMap(SoundTwice::sounds)
                .flatMap(sound -> {
                    Stands known = first.putIfAbsent(sound.digest(), sound);
                    return known == null || known.script().equals(sound.script())
                            ? Stream.<Finding>empty()
                            : Stream.of(ABOUT.at(
                                            sound.prompt().ref(),
                                            Pointer.of(sound.language(), "digest"),
                                            Says.the(sound.prompt()) + " has the same sound in " + sound.language()
                                                    + " as " + known.prompt().title() + " in " + known.language()
                                                    + ", beside other words.")
                                    .of(sound.language(), known.prompt().ref(), known.language()));
                })
                .toList();
    }

    /// Those of which both the digest and the words are known.
    private static Stream<Stands> sounds(Prompt prompt) {
        return prompt.sounds().entrySet().stream()
                .flatMap(sound -> sound
                        .getValue()
                        .digest()
                        .flatMap(digest -> Optional.ofNullable(prompt.scripts().get(sound.getKey()))
                                .map(script -> new Stands(prompt, sound.getKey(), digest, script.strip())))
                        .stream());
    }
}
