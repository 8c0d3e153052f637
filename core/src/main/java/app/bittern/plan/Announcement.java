package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Says prompts one after another and sends the call on.
public record Announcement(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        List<Ref> prompts,
        Optional<Destination> to)
        implements PlanObject {
    public Announcement {
        prompts = List.copyOf(prompts);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.ANNOUNCEMENT, key);
    }

    @Override
    public Announcement over(Places places) {
        return new Announcement(
                places.key(key),
                name,
                note,
                number,
                places.refs("prompts", Role.SAYS, prompts, Kind.PROMPT),
                places.needs("to", to));
    }
}
