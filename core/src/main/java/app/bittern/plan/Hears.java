package app.bittern.plan;

import java.util.Optional;

/// What a caller hears while a phone rings or an agent is waited for: `music/sea-songs` or `ringing`.
public sealed interface Hears {
    /// What is allowed, as a refusal says it.
    String ALLOWED = "music/key or ringing";

    /// How the ringing tone is written.
    String RINGING = "ringing";

    /// Music; without tracks it is silence.
    record OfMusic(Ref music) implements Hears {
        @Override
        public String toString() {
            return music.toString();
        }
    }

    /// The ringing tone.
    record Ringing() implements Hears {
        @Override
        public String toString() {
            return RINGING;
        }
    }

    /// Whether something is heard.
    default boolean sounds(Plan plan) {
        return switch (this) {
            case OfMusic(Ref music) -> Music.sounds(plan, music);
            case Ringing ringing -> true;
        };
    }

    /// What is heard, as people call it.
    default String title(Plan plan) {
        return switch (this) {
            case OfMusic(Ref music) -> plan.title(music);
            case Ringing ringing -> "the ringing tone";
        };
    }

    static Optional<Hears> over(Optional<Hears> hears, Places places, String field) {
        if (hears.isPresent() && hears.get() instanceof Ringing) {
            return hears;
        }
        Optional<Ref> music =
                hears.flatMap(one -> one instanceof OfMusic(Ref ref) ? Optional.of(ref) : Optional.empty());
        return places.ref(field, Role.PLAYS, music, Kind.MUSIC).map(OfMusic::new);
    }

    /// Reads what `toString` writes.
    static Optional<Hears> parse(String text) {
        return text.equals(RINGING)
                ? Optional.of(new Ringing())
                : Ref.parse(text).filter(ref -> ref.kind() == Kind.MUSIC).map(OfMusic::new);
    }
}
