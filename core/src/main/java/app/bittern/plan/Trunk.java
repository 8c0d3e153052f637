package app.bittern.plan;

import app.bittern.number.Delivers;
import java.util.Locale;
import java.util.Optional;

/// A line to the network.
///
/// @param channels calls at the same time
/// @param delivers the form in which called numbers arrive
/// @param deliversCaller the form in which the numbers of callers do
public record Trunk(
        String key,
        Optional<String> name,
        Optional<String> note,
        int channels,
        Delivers delivers,
        DeliversCaller deliversCaller)
        implements Aside {
    /// The form in which the numbers of callers arrive.
    public enum DeliversCaller {
        /// The whole number with its country code.
        E164,
        /// As dialled inside the country.
        NATIONAL,
        /// Not at all: whoever calls, the number is unavailable.
        NONE;

        /// As the plan file writes it.
        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    /// One that delivers the whole numbers of callers.
    public Trunk(String key, Optional<String> name, Optional<String> note, int channels, Delivers delivers) {
        this(key, name, note, channels, delivers, DeliversCaller.E164);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.TRUNK, key);
    }

    @Override
    public Trunk over(Places places) {
        return new Trunk(places.key(key), name, note, channels, delivers, deliversCaller);
    }
}
