package app.bittern.finding.checks;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Finds the keys that a script tells callers to press.
///
/// From the first word for pressing on, digits and the words for them count where a comma, a full stop or the end
/// follows; so an article that is spelt like a digit does not.
final class SpokenKeys {
    private static final Map<String, List<String>> DIGITS = digits();
    private static final Map<String, String> PRESS = press();

    private SpokenKeys() {}

    private static Map<String, List<String>> digits() {
        Map<String, List<String>> words = new LinkedHashMap<>();
        words.put("en", List.of("zero", "one", "two", "three", "four", "five", "six", "seven", "eight", "nine"));
        words.put("nb", List.of("null", "en", "to", "tre", "fire", "fem", "seks", "sju", "åtte", "ni"));
        words.put("da", List.of("nul", "en", "to", "tre", "fire", "fem", "seks", "syv", "otte", "ni"));
        words.put("sv", List.of("noll", "ett", "två", "tre", "fyra", "fem", "sex", "sju", "åtta", "nio"));
        words.put("de", List.of("null", "eins", "zwei", "drei", "vier", "fünf", "sechs", "sieben", "acht", "neun"));
        words.put("fr", List.of("zéro", "un", "deux", "trois", "quatre", "cinq", "six", "sept", "huit", "neuf"));
        words.put("es", List.of("cero", "uno", "dos", "tres", "cuatro", "cinco", "seis", "siete", "ocho", "nueve"));
        return words;
    }

    private static Map<String, String> press() {
        Map<String, String> words = new LinkedHashMap<>();
        words.put("en", "press");
        words.put("nb", "trykk");
        words.put("da", "tryk");
        words.put("sv", "tryck");
        words.put("de", "drücken|wählen");
        words.put("fr", "tapez|faites|appuyez");
        words.put("es", "pulse|marque|oprima");
        return words;
    }

    /// The keys said in a script; none for a language whose digits are not known here.
    ///
    /// @param language BCP 47
    static List<String> in(String script, String language) {
        String primary = language.split("-", -1)[0];
        List<String> digits = DIGITS.get(primary);
        String press = PRESS.get(primary);
        if (digits == null || press == null) {
            return List.of();
        }
        String lower = script.toLowerCase(Locale.ROOT);
        Matcher begins = Pattern.compile("\\b(?:" + press + ")\\w*\\b", Pattern.UNICODE_CHARACTER_CLASS)
                .matcher(lower);
        if (!begins.find()) {
            return List.of();
        }
        Matcher said = Pattern.compile(
                        "\\b(" + String.join("|", digits) + "|[0-9])\\b(?=\\s*(?:[,.;:!?]|$))",
                        Pattern.UNICODE_CHARACTER_CLASS)
                .matcher(lower);
        said.region(begins.end(), lower.length());
        List<String> keys = new ArrayList<>();
        while (said.find()) {
            int digit = digits.indexOf(said.group(1));
            keys.add(digit < 0 ? said.group(1) : String.valueOf(digit));
        }
        return keys.stream().distinct().toList();
    }
}
