package app.bittern.server.site;

import app.bittern.formats.answer.TraceJson;
import app.bittern.proof.BenchText;
import app.bittern.server.Refusal;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/// What the site's part of the API takes and gives; the front end's types are generated from these records.
final class Api {
    private Api() {}

    public record SiteName(String key, String name) {}

    /// @param version  the number of the last edit
    /// @param changes  edits that stand
    /// @param undo     what taking back the last edit would take back
    /// @param redo     what making it again would make again
    /// @param now      the site's clock now, `2026-11-23T10:15`
    public record SiteView(
            String key,
            String name,
            String country,
            String timeZone,
            List<String> languages,
            long version,
            long changes,
            Optional<String> undo,
            Optional<String> redo,
            String now,
            int ringSeconds,
            List<NumberView> numbers,
            List<Section> sections,
            List<FindingView> findings,
            List<JournalView> journal) {}

    /// @param shown as people in the country read it
    /// @param due   when its status is expected to change
    public record NumberView(
            String number, String shown, String name, String status, Optional<String> due, Optional<String> trunk) {}

    /// How far a kind of object has been set up.
    public record Section(String kind, String title, int count) {}

    public record JournalView(long version, String account, String at, String kind, String says) {}

    public record FindingView(
            String code,
            String title,
            String severity,
            String object,
            Optional<String> field,
            String says,
            String advice,
            List<String> calls,
            Optional<BenchText> witness,
            List<String> fixes) {}

    /// A number and what a call to it does on the bench.
    public record NumberCall(NumberView number, TraceJson.Ending ending, String inWords) {}

    public record OutlineView(long version, String number, List<RowView> rows) {}

    /// @param earliest  second
    /// @param latest    second
    /// @param arrivals  the exits that lead here, `object#outcome`
    /// @param asRow     the row at which the object is drawn
    /// @param object    the object drawn or linked here
    /// @param field     the field in which the row's destination is given: object and field
    /// @param opens     whether rows under this one belong to it
    public record RowView(
            int number,
            int depth,
            int earliest,
            int latest,
            List<PartView> parts,
            List<String> arrivals,
            Optional<String> object,
            Optional<Integer> asRow,
            int uses,
            Optional<PlaceView> field,
            boolean opens,
            int findings) {}

    public record PlaceView(String object, String field) {}

    public record PartView(String style, String text, Optional<TokenView> edit) {}

    public record TokenView(String object, String field, String type, String value, String help) {}

    /// A trace and the call in one sentence.
    ///
    /// @param caller as people in the country read it
    /// @param titles what the object of each step is called
    public record CallView(long version, TraceJson trace, String caller, String inWords, List<String> titles) {}

    /// Something that a destination can lead to, or that can be gone to.
    public record Target(String value, String title, String kind, Optional<String> number) {}

    public record UseView(String object, String title, String field) {}

    /// One change wished for: exactly one of the four is given.
    public record Wish(
            @Nullable SetField set,
            @Nullable CreateObject create,
            @Nullable RemoveObject remove,
            @Nullable ApplyFix fix) {}

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

    /// @param instead what is put in its place wherever it is used; nothing leaves holes
    public record RemoveObject(String object, @Nullable String instead) {
        public RemoveObject {
            needed("remove.object", object);
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

    /// @param version of the draft that they were made from; the draft as it is now where absent
    /// @param holes   whether what is set or made may lead to what is not there
    public record Wishes(
            List<Wish> wishes,
            @Nullable Long version,
            @Nullable Boolean holes) {
        @SuppressWarnings("NullAway") // what arrives may lack anything
        public Wishes {
            wishes = needed("wishes", wishes);
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
    /// @param was    before both; as JSON, as the other two; absent where there was nothing
    /// @param yours  as it was wished for
    /// @param theirs as it is now
    /// @param account who changed it, and `at` which instant
    public record ClashView(
            String object,
            String title,
            String field,
            Optional<String> was,
            Optional<String> yours,
            Optional<String> theirs,
            String account,
            String at) {}

    public record Edited(long version, String says) {}
}
