package app.bittern.formats.answer;

import app.bittern.paths.DialMatrix;
import app.bittern.plan.Ref;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// What phones may dial, as JSON.
///
/// `{"classes": [{"classOfService": "class-of-service/staff" | null, "phones": ["extension/2001"]}], "dialled":
/// [{"digits", "to": "outbound/national" | null, "alike", "waits", "may": [true]}]}`; `may` has one entry for each
/// class, `to` is null where the digits mean nothing.
public final class DialJson {
    private DialJson() {}

    public static ObjectNode of(DialMatrix matrix) {
        ObjectNode json = JsonNodeFactory.instance.objectNode();
        ArrayNode classes = json.putArray("classes");
        matrix.columns().forEach(column -> {
            ObjectNode one = classes.addObject();
            one.put("classOfService", column.service().map(Ref::toString).orElse(null));
            ArrayNode phones = one.putArray("phones");
            column.phones().forEach(phone -> phones.add(phone.toString()));
        });
        ArrayNode dialled = json.putArray("dialled");
        matrix.rows().forEach(row -> {
            ObjectNode one = dialled.addObject();
            one.put("digits", row.dialled());
            one.put("to", row.to().map(Ref::toString).orElse(null));
            one.put("alike", row.alike());
            one.put("waits", row.waits());
            ArrayNode may = one.putArray("may");
            row.may().forEach(may::add);
        });
        return json;
    }
}
