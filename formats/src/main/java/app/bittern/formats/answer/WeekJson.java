package app.bittern.formats.answer;

import app.bittern.paths.WeekMap;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;

/// A week map as JSON: seven lists, Monday to Sunday, of 96 endings (`message`), one for each quarter of an
/// hour.
public final class WeekJson {
    private WeekJson() {}

    public static ArrayNode of(WeekMap week) {
        ArrayNode json = JsonNodeFactory.instance.arrayNode();
        week.days().forEach(day -> {
            ArrayNode quarters = json.addArray();
            day.endings().forEach(ending -> quarters.add(ending.kind().word()));
        });
        return json;
    }
}
