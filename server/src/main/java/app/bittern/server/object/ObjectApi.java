package app.bittern.server.object;

import app.bittern.formats.FieldForm;
import app.bittern.plan.Kind;
import app.bittern.proof.BenchText;
import app.bittern.server.finding.FindingApi;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/// What the endpoints of objects give.
public final class ObjectApi {
    private ObjectApi() {}

    /// A kind of object and its fields.
    ///
    /// @param section where the plan file has it
    /// @param title   of one, `several` of more
    /// @param key     what is allowed as a key, in words
    /// @param keys    how keys are made: words, digits or e164
    /// @param single  whether there is one in a plan, or none
    /// @param passed  whether calls are at such an object, or pass it; others are used in those
    /// @param each    what stands under any other name, a prompt's words by language
    public record KindView(
            String kind,
            String section,
            String title,
            String several,
            String key,
            Kind.Keys keys,
            boolean single,
            boolean passed,
            List<FieldView> fields,
            Optional<FieldView> each) {}

    /// A field as a sheet shows it and takes a value for it.
    ///
    /// @param name    as in the plan file; `*` for each item of a list and for what stands under any name
    /// @param help    one sentence
    /// @param types   what its value may be written as
    /// @param allowed in words
    /// @param chosen  whether its text can be chosen: choices are asked for
    /// @param strict  whether nothing else but one of the choices, or what is typed like the
    ///                example, can stand there
    /// @param typed   an example of what else can be typed
    /// @param makes   the kinds of object that can be made in its place
    /// @param byKey   whether objects stand there by their keys alone
    /// @param usual   what counts where it is not given: a value as in the plan file where `value`, else words
    /// @param needed  whether the object is refused without it
    /// @param alone   the one of its fields that is written in place of a map where no other is given
    /// @param secret  whether neither it nor its hash is shown
    public record FieldView(
            String name,
            String title,
            String help,
            List<FieldForm.Type> types,
            String allowed,
            boolean chosen,
            boolean strict,
            Optional<String> typed,
            List<String> makes,
            boolean byKey,
            Optional<String> usual,
            boolean value,
            Optional<String> unit,
            Optional<Integer> least,
            Optional<Integer> most,
            boolean needed,
            List<FieldView> fields,
            Optional<FieldView> each,
            Optional<String> alone,
            boolean secret) {}

    /// A window on a list.
    ///
    /// @param total  rows that are found in all
    /// @param from   the place of the first row given, from 0
    public record ListView(long version, int total, int from, List<ListRow> rows) {}

    /// @param cells of the columns asked for, as people read them
    public record ListRow(
            String object, String key, String title, Optional<String> number, int uses, List<String> cells) {}

    /// An object with what belongs on its sheet.
    ///
    /// @param object  kind and key
    /// @param kind    what its kind is called
    /// @param body    as in the plan file
    /// @param shown   the values in it as people read them, where that is not how they are written
    /// @param slots   the places in it that name, or could name, another object
    /// @param version of the draft, whose fields these are
    /// @param uses    where it is named
    /// @param current whether the findings are those of this very version; if not, of an earlier one
    public record ObjectView(
            String object,
            String kind,
            String key,
            String title,
            Optional<String> number,
            long version,
            JsonNode body,
            List<Shown> shown,
            List<SlotView> slots,
            List<UseView> uses,
            boolean current,
            List<FindingApi.FindingView> findings) {}

    /// @param at     the place, `/members/0/extension`
    /// @param text   as people read it
    /// @param object what is named there, where that is an object
    public record Shown(String at, String text, Optional<String> object) {}

    /// @param at      the place
    /// @param role    what it is for: "leads to"
    /// @param missing whether something must stand there and does not
    public record SlotView(String at, String role, boolean missing) {}

    /// @param field the place, as `at` says it: "key 3, leads to"
    public record UseView(String object, String title, String kind, String field, String at) {}

    /// Who reaches an object, and a call that does.
    public record ReachedView(long version, List<ReachedBy> numbers, Optional<BenchText> bench) {}

    /// @param number   in E.164
    /// @param when     at which times, in words
    /// @param earliest second at which a call can be there
    /// @param latest   absent where calls can go round before for as long as they like
    public record ReachedBy(
            String number, String shown, String title, String when, long earliest, Optional<Long> latest) {}

    /// What can stand in a field.
    ///
    /// @param value as in the plan file
    /// @param title as people read it
    /// @param kind  what it is: "queue"; empty for a word
    public record Choice(String value, String title, String kind, Optional<String> number) {}

    /// What a new object can begin as.
    ///
    /// @param key  a free one; empty where it must be given
    /// @param asks the places where something must stand, and the fields that are needed
    public record FreshView(String kind, String key, JsonNode body, List<String> asks) {}
}
