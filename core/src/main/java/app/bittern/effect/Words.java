package app.bittern.effect;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Fills in the variables of a text: `Emergency call from {caller}`.
public final class Words {
    /// The variables of what alarms send.
    public static final List<String> ALARM =
            List.of("dialled", "caller", "callerName", "place", "time", "trunk", "queue", "wait", "site");

    /// The variables of what phones show.
    public static final List<String> SHOWN = List.of("caller", "callerName", "number", "group", "wait");

    private static final Pattern VARIABLE = Pattern.compile("\\{([A-Za-z]+)}");

    private Words() {}

    /// The variables that a text names, in order.
    public static List<String> named(String text) {
        return VARIABLE.matcher(text)
                .results()
                .map(one -> one.group(1))
                .distinct()
                .toList();
    }

    /// With each variable filled in; one that is not known stays as it is.
    static String filled(String text, Map<String, String> values) {
        Map<String, String> known = new LinkedHashMap<>(values);
        return VARIABLE.matcher(text)
                .replaceAll(found -> Matcher.quoteReplacement(known.getOrDefault(found.group(1), found.group())));
    }

    /// What a phone shows: a text without a variable stands before the caller's name.
    static String shown(String text, Map<String, String> values) {
        return named(text).isEmpty() ? text + " " + values.getOrDefault("callerName", "") : filled(text, values);
    }
}
