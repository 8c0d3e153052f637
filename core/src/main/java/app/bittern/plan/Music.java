package app.bittern.plan;

import java.util.List;
import java.util.Optional;

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

    @Override
    public Ref ref() {
        return new Ref(Kind.MUSIC, key);
    }

    @Override
    public Music over(Places places) {
        return new Music(places.key(key), name, note, places.refs("tracks", Role.PLAYS, tracks, Kind.PROMPT));
    }
}
