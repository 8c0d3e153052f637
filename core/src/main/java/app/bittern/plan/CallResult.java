package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// What became of a call, as the agent notes it: `Booking made`.
///
/// @param queues whose calls can have it; all where none are given
public record CallResult(String key, Optional<String> name, Optional<String> note, List<Ref> queues) implements Aside {
    public CallResult {
        queues = List.copyOf(queues);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.CALL_RESULT, key);
    }

    @Override
    public CallResult over(Places places) {
        return new CallResult(places.key(key), name, note, places.refs("queues", Role.BELONGS_TO, queues, Kind.QUEUE));
    }
}
