package app.bittern.formats;

import app.bittern.plan.Problem;
import app.bittern.plan.Signs;
import java.util.Map;

/// What texts may hold, wherever they stand: characters that can be stored and shown, and not too many of them.
final class Texts {
    /// The longest text, in UTF-16 code units.
    static final int LONGEST = 10_000;

    private Texts() {}

    /// Reports every text and every name in a node that is too long or holds what no text may.
    static void check(Node node, String where, Problems problems) {
        switch (node) {
            case Node.Scalar(String text, Node.Type type, Node.Place place) -> check(text, place, where, problems);
            case Node.Items items -> {
                for (int index = 0; index < items.nodes().size(); index++) {
                    check(items.nodes().get(index), within(where, String.valueOf(index)), problems);
                }
            }
            case Node.Fields fields -> {
                for (Map.Entry<String, Node> field : fields.nodes().entrySet()) {
                    String name = field.getKey();
                    check(name, fields.keys().getOrDefault(name, fields.place()), where, problems);
                    check(field.getValue(), within(where, Problem.shown(name)), problems);
                }
            }
            case Node.Noted noted -> {}
        }
    }

    private static String within(String where, String name) {
        return where.isEmpty() ? name : where + "/" + name;
    }

    private static void check(String text, Node.Place place, String where, Problems problems) {
        if (text.length() > LONGEST) {
            problems.add(place, where, "a text of " + text.length() + " characters", LONGEST + " characters at most");
        }
        int bad = Signs.unfit(text);
        if (bad >= 0) {
            problems.add(
                    place,
                    where,
                    String.format("the character U+%04X", (int) text.charAt(bad)),
                    "letters, digits, signs, tabs and line breaks, but no other control characters, none that turns the direction of writing, and no half of a pair");
        }
    }
}
