package app.bittern.server.object;

import app.bittern.formats.FieldForm;
import app.bittern.formats.ObjectJson;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.JsonNode;

/// A window on all objects of a kind, filtered and in an order.
///
/// @param find    a part of number, name or key
/// @param order   `key`, `title`, `number` or a field; as the plan has them where absent
/// @param columns fields whose values are given
record ObjectList(
        Kind kind, String find, @Nullable String order, boolean descending, int from, int rows, List<String> columns) {
    static final int MOST = 500;

    ObjectApi.ListView of(Plan plan, long version) {
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        List<PlanObject> found = plan.all(kind)
                .filter(object -> wanted.isEmpty() || words(object).contains(wanted))
                .toList();
        List<PlanObject> sorted = order == null
                ? found
                : found.stream()
                        .sorted(descending ? by(order).reversed() : by(order))
                        .toList();
        Said said = new Said(plan);
        List<FieldForm> forms = columns.stream()
                .flatMap(name -> FieldForm.at(kind, List.of(name)).stream())
                .toList();
        return new ObjectApi.ListView(
                version,
                sorted.size(),
                from,
                sorted.stream()
                        .skip(from)
                        .limit(Math.clamp(rows, 0, MOST))
                        .map(object -> row(plan, object, said, forms))
                        .toList());
    }

    private static ObjectApi.ListRow row(Plan plan, PlanObject object, Said said, List<FieldForm> forms) {
        JsonNode body = ObjectJson.write(object);
        return new ObjectApi.ListRow(
                object.ref().toString(),
                object.ref().key(),
                object.title(),
                FieldController.number(object),
                plan.uses(object.ref()).size(),
                forms.stream()
                        .map(form -> Optional.ofNullable(body.get(form.name()))
                                .map(value -> said.cell(form, value))
                                .or(() -> said.usual(form))
                                .orElse(""))
                        .toList());
    }

    private Comparator<PlanObject> by(String order) {
        return switch (order) {
            case "key" -> Comparator.comparing(object -> object.ref().key());
            case "title" -> Comparator.comparing(object -> object.title().toLowerCase(Locale.ROOT));
            case "number" -> Comparator.comparing(object -> object.number().orElse("~"));
            default -> Comparator.comparing(object -> value(object, order));
        };
    }

    /// What is not given comes last.
    private static String value(PlanObject object, String field) {
        JsonNode value = ObjectJson.write(object).get(field);
        return value == null ? "~" : value.isValueNode() ? value.asString() : value.toString();
    }

    private static String words(PlanObject object) {
        return (object.number().orElse("") + " " + object.title() + " "
                        + object.ref().key())
                .strip()
                .toLowerCase(Locale.ROOT);
    }
}
