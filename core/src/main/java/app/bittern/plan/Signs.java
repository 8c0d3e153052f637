package app.bittern.plan;

/// Signs that no text may hold, because they cannot be shown, or make it read otherwise than it is written.
public final class Signs {
    private Signs() {}

    /// Where the first such sign of a text stands, -1 where there is none: a control character that breaks no line, one
    /// that turns the direction of writing (Unicode TR36, 2.3; UAX 9, 2.1 to 2.5), half of a surrogate pair, or no
    /// character at all (Unicode 23.7; XML 1.0 forbids it).
    public static int unfit(String text) {
        for (int at = 0; at < text.length(); at++) {
            char sign = text.charAt(at);
            boolean breaks = sign == '\n' || sign == '\t' || sign == '\r';
            if ((isControl(sign) && !breaks) || isTurning(sign) || isNone(sign) || isHalf(text, at)) {
                return at;
            }
        }
        return -1;
    }

    private static boolean isControl(char sign) {
        return sign < ' ' || sign == 0x7F;
    }

    static boolean isNone(char sign) {
        return sign >= 0xFFFE || (sign >= 0xFDD0 && sign <= 0xFDEF);
    }

    static boolean isTurning(char sign) {
        return (sign >= 0x202A && sign <= 0x202E) || (sign >= 0x2066 && sign <= 0x2069);
    }

    static boolean isHalf(String text, int at) {
        char sign = text.charAt(at);
        boolean before = at > 0 && Character.isSurrogatePair(text.charAt(at - 1), sign);
        boolean after = at + 1 < text.length() && Character.isSurrogatePair(sign, text.charAt(at + 1));
        return Character.isSurrogate(sign) && !before && !after;
    }
}
