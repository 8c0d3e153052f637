package app.bittern.formats;

import app.bittern.field.Field;
import app.bittern.field.KindFields;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.node.ObjectNode;

/// The JSON Schema (2020-12) of the plan file, made by asking the reader what it reads.
public final class PlanSchema {
    private PlanSchema() {}

    /// The schema as JSON text.
    public static String json() {
        Shape file = new Shape().is("object");
        file.field("bittern").between(PlanFile.VERSIONS);
        file.needs("bittern");
        file.needs(Kind.SITE.section());
        for (Kind kind : Kind.values()) {
            Shape section = file.field(kind.section());
            switch (kind.form()) {
                case SINGLE -> asked(kind, section);
                case MAP -> asked(kind, section.named(Patterns.ofKeys(kind)).other());
                case LIST -> asked(kind, section.item());
            }
        }
        file.close();
        ObjectNode json = file.json();
        ObjectNode schema = json.objectNode();
        schema.put("$schema", "https://json-schema.org/draft/2020-12/schema");
        schema.put("title", "Bittern plan file");
        schema.setAll(json);
        return JsonNodes.MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(schema) + "\n";
    }

    /// What an object of a kind may be.
    static Shape of(Kind kind) {
        Shape shape = new Shape();
        asked(kind, shape);
        return shape;
    }

    private static void asked(Kind kind, Shape shape) {
        List<Field> declared = KindFields.of(kind);
        Reading noting = Reading.noting(shape).declared(new Declared(declared));
        if (kind == Kind.PAUSE_REASON) {
            shape.is("string");
        }
        if (kind == Kind.SITE || (kind.form() == Kind.Form.LIST && kind != Kind.CONTACT)) {
            noting.plain("key", Ref.allowedKey(kind), Optional::of);
        }
        if (kind == Kind.SITE) {
            shape.needs("key");
        }
        if (kind == Kind.CONTACT) {
            noting.e164("number");
            shape.needs("number");
        }
        Formats.of(kind).read(sample(kind), noting);
        noting.done();
        shape.tell(declared);
    }

    /// A key that an object of a kind can have.
    public static String sample(Kind kind) {
        return switch (kind.keys()) {
            case E164 -> "+441632960100";
            case DIGITS -> "2001";
            case WORDS -> "x";
        };
    }
}
