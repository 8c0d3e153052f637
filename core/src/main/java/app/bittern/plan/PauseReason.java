package app.bittern.plan;

import java.util.Optional;

/// Why an agent takes no calls for a while, such as `Lunch`.
public record PauseReason(String key, Optional<String> name, Optional<String> note) implements Aside {
    @Override
    public Ref ref() {
        return new Ref(Kind.PAUSE_REASON, key);
    }

    @Override
    public PauseReason over(Places places) {
        return new PauseReason(places.key(key), name, note);
    }
}
