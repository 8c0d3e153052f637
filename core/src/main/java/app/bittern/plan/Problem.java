package app.bittern.plan;

/// Something in a file that cannot be used.
///
/// @param line    from 1; 0 where there is no file
/// @param column  from 1; 0 where there is no file
/// @param where   the place in the plan: `ringGroups/reception/ringFor`
/// @param found   what was found
/// @param allowed what is allowed
public record Problem(int line, int column, String where, String found, String allowed) {
    private static final int REPEATED = 60;

    /// One sentence for people, without the line.
    public String says() {
        return (where.isEmpty() ? "" : where + ": ") + "found " + found + "; allowed is " + allowed + ".";
    }

    @Override
    public String toString() {
        return line == 0 ? says() : "line " + line + ", column " + column + ": " + says();
    }

    /// A text as a sentence repeats it: shortened, and with its code for a sign that cannot be shown.
    public static String shown(String text) {
        return shown(text, REPEATED);
    }

    /// @param most characters, after which it is shortened
    public static String shown(String text, int most) {
        StringBuilder shown = new StringBuilder();
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            // A sign of two characters is shown whole or not at all.
            boolean whole = at < most - 1 || !Character.isHighSurrogate(sign) || Signs.isHalf(text, at);
            if (at == most || !whole) {
                return shown.append("...").toString();
            }
            boolean hidden = Character.isISOControl(sign)
                    || Signs.isTurning(sign)
                    || Signs.isNone(sign)
                    || Signs.isHalf(text, at);
            shown.append(hidden ? String.format("\\u%04x", (int) sign) : String.valueOf(sign));
        }
        return shown.toString();
    }
}
