package app.bittern.plan;

import app.bittern.number.Delivers;
import java.util.Optional;

/// A line to the network.
///
/// @param channels calls at the same time
/// @param delivers the form in which called numbers arrive
public record Trunk(String key, Optional<String> name, Optional<String> note, int channels, Delivers delivers)
        implements Aside {
    @Override
    public Ref ref() {
        return new Ref(Kind.TRUNK, key);
    }

    @Override
    public Trunk over(Places places) {
        return new Trunk(places.key(key), name, note, channels, delivers);
    }
}
