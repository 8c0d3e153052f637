package app.bittern.formats;

import app.bittern.plan.Announcement;
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
                fields.spoken("prompts"),
                SetsFormat.read(fields),
                fields.destination("to")));
    }

    @Override
    public Writing write(Announcement announcement) {
        Writing written = new Writing()
                .text("name", announcement.name())
                .text("note", announcement.note())
                .text("number", announcement.number())
                .texts("prompts", announcement.prompts());
        return SetsFormat.write(written, announcement.sets()).text("to", announcement.to());
    }
}
