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
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        for (int index = 0; index < prompts.size(); index++) {
            links.ref("prompts/" + index, prompts.get(index));
        }
        return links.needs("to", to).done();
    }
}
