package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// What an extension may dial (class of service).
///
/// @param may categories, each one of [#CATEGORIES]
public record ClassOfService(String key, Optional<String> name, Optional<String> note, List<String> may)
        implements Aside {
    /// The categories of calls.
    public static final List<String> CATEGORIES =
            List.of("internal", "emergency", "local", "national", "mobile", "international", "premium", "page");

    public ClassOfService {
        may = List.copyOf(may);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.CLASS_OF_SERVICE, key);
    }

    @Override
    public ClassOfService over(Places places) {
        return new ClassOfService(places.key(key), name, note, may);
    }
}
