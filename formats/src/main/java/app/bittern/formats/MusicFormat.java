package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Music;
import java.util.Optional;

/// Hold music.
final class MusicFormat implements KindFormat<Music> {
    @Override
    public Optional<Music> read(String key, Reading fields) {
        return Optional.of(
                new Music(key, fields.text("name"), fields.text("note"), fields.refs("tracks", Kind.PROMPT)));
    }

    @Override
    public Writing write(Music music) {
        return new Writing()
                .text("name", music.name())
                .text("note", music.note())
                .texts("tracks", music.tracks());
    }
}
