package app.bittern.plan;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

/// Hold music: prompts played one after another, round and round.
public record Music(String key, Optional<String> name, Optional<String> note, List<Ref> tracks) implements Aside {
    public Music {
        tracks = List.copyOf(tracks);
    }

    /// Whether something is heard: music without tracks, or that is not there, is silence.
    public static boolean sounds(Plan plan, Ref music) {
        return plan.find(music, Music.class)
                .filter(one -> !one.tracks().isEmpty())
                .isPresent();
    }

    /// What is heard of it, in words: "Harbour (Slow tune, Fast tune)", its tracks by name.
    public static String words(Plan plan, Ref music) {
        List<Ref> tracks = plan.find(music, Music.class).map(Music::tracks).orElse(List.of());
        return plan.title(music) + tracks.stream().map(plan::title).collect(Collectors.joining(", ", " (", ")"));
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.MUSIC, key);
    }

    @Override
    public Music over(Places places) {
        return new Music(places.key(key), name, note, places.refs("tracks", Role.PLAYS, tracks, Kind.PROMPT));
    }
}
