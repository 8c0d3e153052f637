package app.bittern.plan;

import java.util.Optional;
import java.util.stream.Stream;

/// Shown to agents with the calls of an object.
///
/// @param about the object whose calls it is shown with
public record AgentNote(String key, Optional<String> note, Ref about, String text) implements Aside {
    private static final Kind[] ROUTED = Stream.concat(
                    Stream.of(Kind.ROUTE), Stream.of(Kind.values()).filter(Kind::routable))
            .toArray(Kind[]::new);

    @Override
    public Optional<String> name() {
        return Optional.empty();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.AGENT_NOTE, key);
    }

    @Override
    public AgentNote over(Places places) {
        return new AgentNote(places.key(key), note, places.whole("for", Role.ABOUT, about, Kind.NUMBER, ROUTED), text);
    }
}
