package app.bittern.number;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Which dialled digits are meant, as a digit map: `0[1-3]xxxxxxxx` or `00x.`.
///
/// Source: RFC 3435, "Media Gateway Control Protocol (MGCP)", 2.1.5, of which plans use digits (and a first `+`, `*` or
/// `#`), `x` for any digit, `[1-3]` for one of several, and a last `x.` for any rest, none included.
///
/// @param text as it is written
public record DialPattern(String text) {
    /// The longest pattern, in places.
    public static final int LONGEST = 40;

    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "a digit map such as \"0[1-3]xxxxxxxx\" or \"00x.\": digits, x for any digit,"
            + " [1-3] for one of several, a last x. for any rest (" + LONGEST + " places at most)";

    private static final String ANY = "0123456789";

    /// How many digits an example has where any rest may follow.
    private static final int REST = 7;

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

    /// The digits allowed at each place.
    ///
    /// @param open whether any rest may follow
    private record Places(List<String> fixed, boolean open) {
        /// What is allowed at a place; nothing behind the last.
        String at(int place) {
            return place < fixed.size() ? fixed.get(place) : open ? ANY : "";
        }
    }

    private static Optional<Places> places(String text) {
        List<String> places = new ArrayList<>();
        boolean open = text.endsWith("x.");
        String rest = open ? text.substring(0, text.length() - 2) : text;
        int at = 0;
        while (at < rest.length()) {
            char sign = rest.charAt(at);
            if (digit(sign) || (at == 0 && "+*#".indexOf(sign) >= 0)) {
                places.add(String.valueOf(sign));
            } else if (sign == 'x') {
                places.add(ANY);
            } else if (range(rest, at)) {
                places.add(ANY.substring(rest.charAt(at + 1) - '0', rest.charAt(at + 3) - '0' + 1));
                at += 4;
            } else {
                return Optional.empty();
            }
            at++;
        }
        boolean meant = !places.isEmpty() || open;
        return meant && places.size() <= LONGEST ? Optional.of(new Places(places, open)) : Optional.empty();
    }

    /// Whether `[1-3]` stands at a place.
    private static boolean range(String text, int at) {
        return at + 4 < text.length()
                && text.charAt(at) == '['
                && text.charAt(at + 2) == '-'
                && text.charAt(at + 4) == ']'
                && digit(text.charAt(at + 1))
                && digit(text.charAt(at + 3))
                && text.charAt(at + 1) <= text.charAt(at + 3);
    }

    private static boolean digit(char sign) {
        return sign >= '0' && sign <= '9';
    }

    /// Whether digits are meant by it.
    public boolean matches(String digits) {
        Places places = places(text).orElseThrow();
        int fixed = places.fixed().size();
        if (digits.length() < fixed || (!places.open() && digits.length() > fixed)) {
            return false;
        }
        for (int at = 0; at < fixed; at++) {
            if (places.fixed().get(at).indexOf(digits.charAt(at)) < 0) {
                return false;
            }
        }
        return digits.chars().skip(fixed).allMatch(sign -> digit((char) sign));
    }

    /// What is dialled by it so that nothing but some digits is left when so many have been stripped: `9999` for
    /// `999` and one stripped; none where nothing leaves them.
    public Optional<String> leaving(String rest, int strip) {
        Places places = places(text).orElseThrow();
        int length = strip + rest.length();
        int fixed = places.fixed().size();
        if (length < fixed || (!places.open() && length > fixed)) {
            return Optional.empty();
        }
        StringBuilder dialled = new StringBuilder();
        for (int at = 0; at < length; at++) {
            String allowed = places.at(at);
            if (at >= strip && allowed.indexOf(rest.charAt(at - strip)) < 0) {
                return Optional.empty();
            }
            dialled.append(at < strip ? allowed.charAt(0) : rest.charAt(at - strip));
        }
        return Optional.of(dialled.toString());
    }

    /// The digits that are meant by both, as a pattern; none where no digits are.
    public Optional<DialPattern> and(DialPattern other) {
        Places one = places(text).orElseThrow();
        Places two = places(other.text).orElseThrow();
        StringBuilder both = new StringBuilder();
        int longest = Math.max(one.fixed().size(), two.fixed().size());
        for (int at = 0; at < longest; at++) {
            String allowed = common(one.at(at), two.at(at));
            if (allowed.isEmpty()) {
                return Optional.empty();
            }
            both.append(
                    allowed.equals(ANY)
                            ? "x"
                            : allowed.length() == 1
                                    ? allowed
                                    : "[" + allowed.charAt(0) + "-" + allowed.charAt(allowed.length() - 1) + "]");
        }
        return parse(both + (one.open() && two.open() ? "x." : ""));
    }

    private static String common(String one, String other) {
        StringBuilder common = new StringBuilder();
        one.chars().filter(sign -> other.indexOf(sign) >= 0).forEach(sign -> common.append((char) sign));
        return common.toString();
    }

    /// How many of its places from the left on are one digit each: 3 in `020[1-3]x.`.
    public int literals() {
        List<String> fixed = places(text).orElseThrow().fixed();
        int literal = 0;
        while (literal < fixed.size() && fixed.get(literal).length() == 1) {
            literal++;
        }
        return literal;
    }

    /// Digits that are meant by it, such as can stand for all: with each of the ten digits wherever several are
    /// allowed, and so many more where any rest may follow. The first are those that look most like a number.
    public List<String> examples() {
        Places places = places(text).orElseThrow();
        Set<String> all = new LinkedHashSet<>();
        for (int rest : places.open() ? List.of(REST, 1, 0, 2, 3, 4, 5, 6, 8, 9, 10) : List.of(0)) {
            for (int other = 1; other <= ANY.length(); other++) {
                StringBuilder digits = new StringBuilder();
                for (String place : places.fixed()) {
                    digits.append(place.charAt((digits.length() + other) % place.length()));
                }
                for (int more = 0; more < rest; more++) {
                    digits.append(ANY.charAt((digits.length() + other) % ANY.length()));
                }
                if (!digits.isEmpty()) {
                    all.add(digits.toString());
                }
            }
        }
        return List.copyOf(all);
    }

    @Override
    public String toString() {
        return text;
    }
}
