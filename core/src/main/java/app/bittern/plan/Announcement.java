package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Says prompts one after another and sends the call on.
///
/// @param sets what the call is given when they have been said
public record Announcement(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        List<Spoken> prompts,
        Sets sets,
        Optional<Destination> to)
        implements PlanObject {
    public Announcement {
        prompts = List.copyOf(prompts);
    }

    @Override
    public List<Sets> gives() {
        return List.of(sets);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.ANNOUNCEMENT, key);
    }

    @Override
    public Announcement over(Places places) {
        return new Announcement(
                places.key(key), name, note, number, places.spoken("prompts", prompts), sets, places.needs("to", to));
    }
}
