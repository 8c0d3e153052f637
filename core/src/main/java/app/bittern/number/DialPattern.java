package app.bittern.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which dialled digits are meant: `0[1-3]........` or `00*`.
///
/// Literal digits, `.` for any digit, `[1-3]` for one of several, and a last `*` for any rest.
///
/// @param text as it is written
public record DialPattern(String text) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED =
            "a pattern such as \"0[1-3]........\" or \"00*\": digits, . for any digit, [1-3] for one of several, a last * for any rest";

    /// @throws IllegalArgumentException where it is not a pattern
    public DialPattern {
        if (places(text).isEmpty()) {
            throw new IllegalArgumentException("'" + text + "' is not " + ALLOWED);
        }
    }

    /// Reads what [#toString()] writes.
    public static Optional<DialPattern> parse(String text) {
        return places(text).map(places -> new DialPattern(text));
    }

    /// The digits allowed at each place, `*` alone for any rest; empty where the text is not a pattern.
    private static Optional<List<String>> places(String text) {
        List<String> places = new ArrayList<>();
        int at = 0;
        while (at < text.length()) {
            char sign = text.charAt(at);
            if (Character.isDigit(sign) || (at == 0 && (sign == '+' || sign == '#'))) {
                places.add(String.valueOf(sign));
            } else if (sign == '.') {
                places.add("0123456789");
            } else if (sign == '*' && at == text.length() - 1) {
                places.add("*");
            } else if (sign == '['
                    && at + 4 < text.length()
                    && text.charAt(at + 2) == '-'
                    && text.charAt(at + 4) == ']') {
                char from = text.charAt(at + 1);
                char to = text.charAt(at + 3);
                if (!Character.isDigit(from) || !Character.isDigit(to) || from > to) {
                    return Optional.empty();
                }
                places.add("0123456789".substring(from - '0', to - '0' + 1));
                at += 4;
            } else {
                return Optional.empty();
            }
            at++;
        }
        return places.isEmpty() || places.size() > 40 ? Optional.empty() : Optional.of(places);
    }

    /// Whether digits are meant by it.
    public boolean matches(String digits) {
        List<String> places = places(text).orElseThrow();
        boolean open = places.getLast().equals("*");
        int fixed = open ? places.size() - 1 : places.size();
        if (digits.length() < fixed || (!open && digits.length() > fixed)) {
            return false;
        }
        for (int at = 0; at < fixed; at++) {
            if (places.get(at).indexOf(digits.charAt(at)) < 0) {
                return false;
            }
        }
        return true;
    }

    @Override
    public String toString() {
        return text;
    }
}
