package app.bittern.server.plan;

import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import app.bittern.server.account.Who;
import java.util.Optional;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/// An edit on its way into the journal.
///
/// @param session the browser that it came from
/// @param kind   edit, undo or redo
/// @param says   what it does, in words
/// @param undoes the version whose edit it takes back
/// @param once   what its browser calls it: sent again it is the same edit
/// @param applied what it makes of the plan that it was made of, where that is known by now
public record Change(
        String account,
        String session,
        String kind,
        String says,
        PlanEdit edit,
        Optional<Long> undoes,
        Optional<String> once,
        Optional<Edits.Result.Applied> applied) {
    /// Whose edits a name of one is looked for among.
    public record Once(String account, Optional<String> name) {
        private static final Pattern ALLOWED = Pattern.compile("[A-Za-z0-9-]{8,64}");

        /// Nobody will send it again.
        public static Once nameless(Author author) {
            return new Once(author.account(), Optional.empty());
        }

        /// @throws Refusal where it is no such name
        public static Once given(Author author, @Nullable String name) {
            if (name != null && !ALLOWED.matcher(name).matches()) {
                throw Refusal.unusable("once: found '" + Problem.shown(name)
                        + "'; allowed are 8 to 64 letters, digits and hyphens, others for each edit.");
            }
            return new Once(author.account(), Optional.ofNullable(name));
        }
    }

    /// Who makes an edit, and the browser in which that is done: each browser takes back its own edits.
    public record Author(String account, String session) {
        public static Author of(Who who) {
            return new Author(who.name(), who.session());
        }
    }

    public static Change edit(Author author, String says, PlanEdit edit) {
        return new Change(
                author.account(),
                author.session(),
                "edit",
                says,
                edit,
                Optional.empty(),
                Optional.empty(),
                Optional.empty());
    }

    /// The same, with what it makes of the plan.
    public Change making(Edits.Result.Applied made) {
        return new Change(account, session, kind, says, edit, undoes, once, Optional.of(made));
    }

    /// The same, by the name that its browser has for it.
    Change called(Once name) {
        return new Change(account, session, kind, says, edit, undoes, name.name(), applied);
    }
}
