package app.bittern.server.plan;

import app.bittern.edit.PlanEdit;
import app.bittern.server.account.Who;
import java.util.Optional;

/// An edit on its way into the journal.
///
/// @param session the browser that it came from
/// @param kind   edit, undo or redo
/// @param says   what it does, in words
/// @param undoes the version whose edit it takes back
public record Change(String account, String session, String kind, String says, PlanEdit edit, Optional<Long> undoes) {
    /// Who makes an edit, and the browser in which that is done: each browser takes back its own edits.
    public record Author(String account, String session) {
        public static Author of(Who who) {
            return new Author(who.name(), who.session());
        }
    }

    public static Change edit(Author author, String says, PlanEdit edit) {
        return new Change(author.account(), author.session(), "edit", says, edit, Optional.empty());
    }
}
