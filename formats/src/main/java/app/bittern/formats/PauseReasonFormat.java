package app.bittern.formats;

import app.bittern.plan.PauseReason;
import java.util.Optional;

/// Pause reasons.
final class PauseReasonFormat implements KindFormat<PauseReason> {
    @Override
    public Optional<PauseReason> read(String key, Reading fields) {
        return Optional.of(new PauseReason(key, fields.text("name"), fields.text("note")));
    }

    @Override
    public Writing write(PauseReason reason) {
        return new Writing().text("name", reason.name()).text("note", reason.note());
    }
}
