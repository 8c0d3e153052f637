package app.bittern.server.edit;

import app.bittern.server.Refusal;
import app.bittern.server.difference.DifferenceApi;
import app.bittern.server.site.SiteApi;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/// What the endpoints that change a draft take and give.
public final class EditApi {
    private EditApi() {}

    /// One change wished for: exactly one of the six is given.
    public record Wish(
            @Nullable SetField set,
            @Nullable CreateObject create,
            @Nullable RenameObject rename,
            @Nullable RemoveObject remove,
            @Nullable ApplyFix fix,
            @Nullable SetMember member) {}

    /// @param value in the shape of the plan file; nothing takes the field away
    public record SetField(
            String object, String field, @Nullable JsonNode value) {
        public SetField {
            needed("set.object", object);
            needed("set.field", field);
        }
    }

    public record CreateObject(String object, JsonNode body) {
        public CreateObject {
            needed("create.object", object);
            needed("create.body", body);
        }
    }

    /// @param key the new one; whatever names the object names it by that
    public record RenameObject(String object, String key) {
        public RenameObject {
            needed("rename.object", object);
            needed("rename.key", key);
        }
    }

    /// @param instead what is put in its place wherever it is used; nothing leaves holes
    public record RemoveObject(String object, @Nullable String instead) {
        public RemoveObject {
            needed("remove.object", object);
        }
    }

    /// How an extension is to be in a group, a queue or a page.
    ///
    /// @param object    the group, queue or page
    /// @param extension by its number
    /// @param cell      `in`, `2 phone 40s`; empty is out
    public record SetMember(String object, String extension, String cell) {
        public SetMember {
            needed("member.object", object);
            needed("member.extension", extension);
            needed("member.cell", cell);
        }
    }

    public record ApplyFix(String code, String object, String field, String title) {
        public ApplyFix {
            needed("fix.code", code);
            needed("fix.object", object);
            needed("fix.field", field);
            needed("fix.title", title);
        }
    }

    /// Lines of a spreadsheet, as what each asks for.
    public record Lines(List<Wish> wishes) {
        /// So many are looked at in one go.
        private static final int MOST = 5000;

        @SuppressWarnings("NullAway") // what arrives may lack anything
        public Lines {
            wishes = needed("wishes", wishes);
            if (wishes.size() > MOST) {
                throw Refusal.unusable("wishes: found " + wishes.size() + "; allowed are " + MOST + " at once.");
            }
        }
    }

    /// @param version of the draft that they were made from; the draft as it is now where absent
    /// @param holes   whether what is set or made may lead to what is not there
    /// @param once    what the browser calls this edit: sent again, as after a lost answer, it is the same
    public record Wishes(
            List<Wish> wishes,
            @Nullable Long version,
            @Nullable Boolean holes,
            @Nullable String once) {
        /// So many are one edit.
        private static final int MOST = 200;

        @SuppressWarnings("NullAway") // what arrives may lack anything
        public Wishes {
            wishes = needed("wishes", wishes);
            if (wishes.size() > MOST) {
                throw Refusal.unusable("wishes: found " + wishes.size() + "; allowed are " + MOST + " in one edit.");
            }
        }
    }

    /// A part that a request must have.
    private static <T> T needed(String name, @Nullable T value) {
        if (value == null) {
            throw Refusal.unusable(name + ": found nothing; it is needed.");
        }
        return value;
    }

    /// A field that somebody else has changed since the version that a wish was made from.
    ///
    /// @param title  what the object is called
    /// @param where  the field as people call it
    /// @param was    before both, as people read it, as the other two; absent where there was nothing
    /// @param yours  as it was wished for
    /// @param theirs as it is now
    /// @param account who changed it, and `at` which instant
    public record ClashView(
            String object,
            String title,
            String field,
            String where,
            Optional<String> was,
            Optional<String> yours,
            Optional<String> theirs,
            String account,
            String at) {}

    /// What speaks against wishes.
    ///
    /// @param against for each wish the sentences that refuse it; none where it can be
    public record Tried(List<List<String>> against) {
        public Tried {
            against = List.copyOf(against);
        }
    }

    /// What wishes would do.
    ///
    /// @param says    what they are, in words
    /// @param noticed by callers
    public record Preview(String says, DifferenceApi.Noticed noticed) {}

    /// What has been kept.
    ///
    /// @param plan the draft with it, so that nobody has to ask again what it is by now; absent where there was no
    /// time for it
    public record Edited(long version, String says, Optional<SiteApi.SiteView> plan) {}
}
