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

    /// A text as a sentence repeats it: shortened, and with signs for what cannot be shown.
    public static String shown(String text) {
        StringBuilder shown = new StringBuilder();
        for (int at = 0; at < text.length(); at++) {
            if (at == REPEATED) {
                return shown.append("...").toString();
            }
            char sign = text.charAt(at);
            boolean half = Character.isSurrogate(sign)
                    && !(Character.isHighSurrogate(sign)
                            && at + 1 < text.length()
                            && Character.isLowSurrogate(text.charAt(at + 1)))
                    && !(Character.isLowSurrogate(sign) && at > 0 && Character.isHighSurrogate(text.charAt(at - 1)));
            shown.append(
                    half || Character.isISOControl(sign) ? String.format("\\u%04x", (int) sign) : String.valueOf(sign));
        }
        return shown.toString();
    }
}
