package app.bittern.formats;

import app.bittern.plan.AgentNote;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.Optional;

/// Notes for agents.
final class AgentNoteFormat implements KindFormat<AgentNote> {
    private static final String ALLOWED_ABOUT = "a reference such as queue/bookings";

    @Override
    public Optional<AgentNote> read(String key, Reading fields) {
        Optional<String> note = fields.text("note");
        Optional<Ref> about = fields.choose("for", Choosing.ANYTHING).read("for", ALLOWED_ABOUT, Ref::parse);
        fields.needed("for", about, ALLOWED_ABOUT, new Ref(Kind.QUEUE, "none"));
        String text = fields.needed("text", fields.text("text"), "text in quotes", "");
        return about.map(ref -> new AgentNote(key, note, ref, text));
    }

    @Override
    public Writing write(AgentNote shown) {
        return new Writing()
                .text("note", shown.note())
                .text("for", shown.about())
                .text("text", shown.text());
    }
}
