package app.bittern.server.site;

import app.bittern.edit.PlanEdit;
import java.util.Optional;

/// An edit on its way into the journal.
///
/// @param kind   edit, undo or redo
/// @param says   what it does, in words
/// @param undoes the version whose edit it takes back
record Change(String account, String kind, String says, PlanEdit edit, Optional<Long> undoes) {
    static Change edit(String account, String says, PlanEdit edit) {
        return new Change(account, "edit", says, edit, Optional.empty());
    }
}
