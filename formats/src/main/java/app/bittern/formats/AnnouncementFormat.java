package app.bittern.formats;

import app.bittern.plan.Announcement;
import app.bittern.plan.Kind;
import java.util.Optional;

/// Announcements.
final class AnnouncementFormat implements KindFormat<Announcement> {
    @Override
    public Optional<Announcement> read(String key, Reading fields) {
        return Optional.of(new Announcement(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.refs("prompts", Kind.PROMPT),
                fields.destination("to", false)));
    }

    @Override
    public Writing write(Announcement announcement) {
        return new Writing()
                .text("name", announcement.name())
                .text("note", announcement.note())
                .text("number", announcement.number())
                .texts("prompts", announcement.prompts())
                .text("to", announcement.to());
    }
}
