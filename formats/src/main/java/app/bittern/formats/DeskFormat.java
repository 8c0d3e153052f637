package app.bittern.formats;

import app.bittern.plan.Desk;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.Optional;

/// What agents see and choose.
final class DeskFormat implements KindFormat<Desk> {
    @Override
    public Optional<Desk> read(String key, Reading fields) {
        return Optional.of(new Desk(
                fields.text("note"),
                fields.texts("pauseReasons"),
                fields.list("outcomes", DeskFormat::outcome),
                fields.list("notes", DeskFormat::note)));
    }

    private static Optional<Desk.CallOutcome> outcome(Reading fields) {
        Desk.CallOutcome outcome = new Desk.CallOutcome(
                fields.needed("name", fields.text("name"), "a name such as Booking made", ""),
                fields.keys("queues", Kind.QUEUE));
        fields.done();
        return Optional.of(outcome);
    }

    private static Optional<Desk.DeskNote> note(Reading fields) {
        String allowed = "a reference such as queue/bookings";
        Optional<Ref> about = fields.read("for", allowed, Ref::parse);
        fields.needed("for", about, allowed, new Ref(Kind.QUEUE, "none"));
        String text = fields.needed("text", fields.text("text"), "text in quotes", "");
        fields.done();
        return about.map(ref -> new Desk.DeskNote(ref, text));
    }

    @Override
    public Writing write(Desk desk) {
        return new Writing()
                .text("note", desk.note())
                .texts("pauseReasons", desk.pauseReasons())
                .items(
                        "outcomes",
                        desk.outcomes().stream()
                                .map(outcome -> new Writing()
                                        .text("name", outcome.name())
                                        .texts(
                                                "queues",
                                                outcome.queues().stream()
                                                        .map(Ref::key)
                                                        .toList())
                                        .done())
                                .toList())
                .items(
                        "notes",
                        desk.notes().stream()
                                .map(note -> new Writing()
                                        .text("for", note.about())
                                        .text("text", note.text())
                                        .done())
                                .toList());
    }
}
