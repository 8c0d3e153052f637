package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// What agents see and choose.
///
/// @param pauseReasons why an agent takes no calls
/// @param outcomes     what became of a call
/// @param notes        shown with the calls of an object
public record Desk(Optional<String> note, List<String> pauseReasons, List<CallOutcome> outcomes, List<DeskNote> notes)
        implements Aside {
    /// The key of a site's only desk.
    public static final String KEY = "desk";

    public Desk {
        pauseReasons = List.copyOf(pauseReasons);
        outcomes = List.copyOf(outcomes);
        notes = List.copyOf(notes);
    }

    /// @param queues whose calls can have it; all where none are given
    public record CallOutcome(String name, List<Ref> queues) {
        public CallOutcome {
            queues = List.copyOf(queues);
        }
    }

    /// @param about the object whose calls it is shown with
    public record DeskNote(Ref about, String text) {}

    @Override
    public Optional<String> name() {
        return Optional.empty();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.DESK, KEY);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        for (int index = 0; index < outcomes.size(); index++) {
            links.refs("outcomes/" + index + "/queues", outcomes.get(index).queues());
        }
        for (int index = 0; index < notes.size(); index++) {
            links.ref("notes/" + index + "/for", notes.get(index).about());
        }
        return links.done();
    }
}
