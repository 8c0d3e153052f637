package app.bittern.formats;

import app.bittern.field.Field;
import app.bittern.number.E164;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Seconds;
import java.util.LinkedHashMap;
import java.util.Map;

/// The fields of the plan file as tables (Markdown), one a section, made by asking the reader what it reads.
public final class PlanReference {
    /// What is explained above the tables, and only named in them.
    private static final Map<String, String> EXPLAINED = explained();

    private PlanReference() {}

    private static Map<String, String> explained() {
        Map<String, String> all = new LinkedHashMap<>();
        all.put(Destination.ALLOWED, "a destination");
        all.put(Seconds.ALLOWED, "a duration");
        all.put(E164.ALLOWED, "a number in E.164");
        all.put(SiteFormat.ALLOWED_LANGUAGE, "a language tag");
        all.put("text in quotes", "text");
        return all;
    }

    /// The tables, each under a heading that is the name of the section.
    public static String text() {
        StringBuilder text = new StringBuilder();
        for (Kind kind : Kind.values()) {
            text.append("### `").append(kind.section()).append("`\n\n");
            text.append("| field | what it is | allowed | where it is not given |\n");
            text.append("| --- | --- | --- | --- |\n");
            PlanSchema.of(kind)
                    .walk(
                            "",
                            (at, declared, allowed, needed) ->
                                    text.append(row(at, declared.orElseThrow(), allowed, needed)));
            text.append('\n');
        }
        return text.toString();
    }

    private static String row(String at, Field field, String allowed, boolean needed) {
        String named = allowed;
        for (Map.Entry<String, String> one : EXPLAINED.entrySet()) {
            named = named.replace(one.getKey(), one.getValue());
        }
        String usual = field.usual()
                .map(one -> one.value() ? "`" + one.text() + "`" : one.text())
                .orElse(needed ? "needed" : "");
        return "| `" + at + "` | **" + field.title() + "**: " + field.help() + " | " + named.replace("|", "\\|") + " | "
                + usual + " |\n";
    }
}
