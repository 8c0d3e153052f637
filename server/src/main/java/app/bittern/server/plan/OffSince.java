package app.bittern.server.plan;

import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.springframework.stereotype.Component;

/// Since when objects of a draft are off: since they were changed last, or longer.
@Component
public class OffSince {
    private final ObjectRows objects;

    OffSince(ObjectRows objects) {
        this.objects = objects;
    }

    /// A row that is off, or of which something is.
    record Off(String kind, String key, Instant at) {}

    /// When each object was changed last that is off, as far as the journal tells.
    public Map<Ref, Instant> of(String site) {
        Map<Ref, Instant> all = new LinkedHashMap<>();
        List<Off> rows = objects.off(site, "\"enabled\":false");
        for (Off row : rows) {
            Optional<Kind> kind = Kind.ofWord(row.kind());
            kind.ifPresent(one -> all.put(new Ref(one, row.key()), row.at()));
        }
        return all;
    }
}
