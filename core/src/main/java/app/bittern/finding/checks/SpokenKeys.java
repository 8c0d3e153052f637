package app.bittern.finding.checks;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Finds the keys that a script tells callers to press.
///
/// A script is read word by word. Behind a word for pressing, and a few words that may stand between (`the`,
/// `key`), a digit, its word, or the word for star or hash is a key; so are more of them, joined by commas
/// and words such as `or`. After the first word for pressing, such a word is also a key where a sentence or a
/// part of one ends behind it (`for tickets, two`), or where it is said what for (`two for tickets`). A word that
/// is also an article (`en`, `un`) counts only there, where no noun can follow.
final class SpokenKeys {
    /// The words of a language.
    ///
    /// @param digits   0 to 9, each with its spellings, and then those of star and hash
    /// @param press    how words for pressing begin
    /// @param between  words that may stand between
    /// @param on       words that may follow an article that is a digit
    private record Words(List<Set<String>> digits, List<String> press, Set<String> between, Set<String> on) {}

    private static final List<String> KEYS = List.of("0", "1", "2", "3", "4", "5", "6", "7", "8", "9", "*", "#");
    private static final Map<String, Words> LANGUAGES = languages();
    private static final Set<String> ARTICLES =
            Set.of("en", "ett", "un", "uno", "um", "een", "et", "une", "ein", "eine", "una");
    private static final Pattern PARTS = Pattern.compile("[\\p{L}\\p{M}'’]+|[0-9]+|[*#]|[,.;:!?]");

    /// What ends a part of a sentence.
    private static final String STOPS = ",.;:!?";

    private SpokenKeys() {}

    private static Map<String, Words> languages() {
        Map<String, Words> all = new LinkedHashMap<>();
        all.put(
                "en",
                words(
                        "zero/oh/nought one two three four five six seven eight nine star hash/pound",
                        "press dial push select choose enter",
                        "the key button number digit or and on your keypad now please",
                        "for to if or and when at"));
        all.put(
                "nb",
                words(
                        "null en/én to tre fire fem seks sju/syv åtte ni stjerne firkant",
                        "trykk tast slå velg",
                        "tasten tast knappen nummer tallet på og eller da nå",
                        "for hvis om eller og når dersom"));
        all.put("no", all.get("nb"));
        all.put(
                "nn",
                words(
                        "null ein/éin to tre fire fem seks sju åtte ni stjerne firkant",
                        "trykk tast slå vel",
                        "tasten tast knappen nummer talet på og eller no",
                        "for viss om eller og når dersom"));
        all.put(
                "da",
                words(
                        "nul en/én/et/ét to tre fire fem seks syv otte ni stjerne firkant",
                        "tryk tast vælg",
                        "tasten tast knappen nummer tallet på og eller nu",
                        "for hvis om eller og når"));
        all.put(
                "sv",
                words(
                        "noll ett/en två tre fyra fem sex sju åtta nio stjärna fyrkant",
                        "tryck knappa slå välj",
                        "knappen tangenten siffran nummer på och eller nu",
                        "för om eller och när"));
        all.put(
                "de",
                words(
                        "null eins zwei/zwo drei vier fünf sechs sieben acht neun stern/sterntaste raute/rautetaste",
                        "drück wähl press tipp",
                        "sie bitte die den das taste ziffer nummer auf und oder jetzt",
                        "für um oder und wenn"));
        all.put(
                "fr",
                words(
                        "zéro un deux trois quatre cinq six sept huit neuf étoile dièse",
                        "tapez taper faites appuyez appuyer composez pressez",
                        "sur le la les touche chiffre numéro du et ou maintenant",
                        "pour si ou et afin"));
        all.put(
                "es",
                words(
                        "cero uno/un dos tres cuatro cinco seis siete ocho nueve asterisco/estrella almohadilla/numeral",
                        "pulse marque oprima presione pulsa marca",
                        "el la los tecla número dígito en y o ahora",
                        "para si o y"));
        all.put(
                "it",
                words(
                        "zero uno/un due tre quattro cinque sei sette otto nove asterisco cancelletto",
                        "prema premere digiti digitare premi selezioni",
                        "il la lo tasto numero e o ora",
                        "per se o e"));
        all.put(
                "pt",
                words(
                        "zero um/uma dois/duas três quatro cinco seis sete oito nove asterisco/estrela cardinal",
                        "prima pressione marque digite tecle carregue",
                        "a o as tecla número no na e ou agora",
                        "para se ou e"));
        all.put(
                "nl",
                words(
                        "nul een/één twee drie vier vijf zes zeven acht negen sterretje hekje",
                        "toets druk kies",
                        "u de het op een toets nummer cijfer en of nu",
                        "voor om of en als"));
        all.put(
                "fi",
                words(
                        "nolla yksi/ykkönen/ykköstä kaksi/kakkonen/kakkosta kolme/kolmonen/kolmosta neljä/nelonen/nelosta viisi/viitonen/viitosta kuusi/kuutonen/kuutosta seitsemän/seiska/seiskaa kahdeksan/kasi/kasia yhdeksän/ysi/ysiä tähti/tähteä ruutu/ruutua",
                        "paina näppäile valitse",
                        "näppäintä numero numeroa tai ja nyt",
                        "jos tai ja"));
        return all;
    }

    private static Words words(String digits, String press, String between, String on) {
        return new Words(
                List.of(digits.split(" ", -1)).stream()
                        .map(one -> Set.of(one.split("/", -1)))
                        .toList(),
                List.of(press.split(" ", -1)),
                Set.of(between.split(" ", -1)),
                Set.of(on.split(" ", -1)));
    }

    /// Whether the keys that are said in a language can be told.
    ///
    /// @param language BCP 47
    static boolean known(String language) {
        return LANGUAGES.containsKey(Languages.primary(language));
    }

    /// The keys said in a script; none for a language whose words are not known here.
    ///
    /// @param language BCP 47
    static List<String> in(String script, String language) {
        return List.copyOf(new TreeSet<>(said(script, language).keySet()));
    }

    /// The keys said in a script, each with the words about it: those behind it up to the next stop where they say what
    /// for (`press 1 for tickets`), else those before it (`for tickets, press 1`).
    ///
    /// @param language BCP 47
    static Map<String, String> said(String script, String language) {
        Words words = LANGUAGES.get(Languages.primary(language));
        if (words == null) {
            return Map.of();
        }
        List<String> parts = new ArrayList<>();
        Matcher matcher = PARTS.matcher(script.toLowerCase(Locale.ROOT));
        while (matcher.find()) {
            parts.add(matcher.group());
        }
        Map<String, String> keys = new LinkedHashMap<>();
        int last = 0;
        boolean pressing = false;
        boolean next = false;
        boolean offers = false;
        for (int at = 0; at < parts.size(); at++) {
            String part = parts.get(at);
            Optional<String> key = pressing ? key(words, part) : Optional.empty();
            boolean begins = at == 0 || STOPS.contains(parts.get(at - 1));
            if (".;!?".contains(part)) {
                offers = false;
            }
            offers |= begins && words.on().contains(part);
            if (key.isPresent() && !ofNumber(words, parts, at) && said(words, parts, at, next, offers)) {
                keys.putIfAbsent(key.get(), about(words, parts, last, at));
                last = at + 1;
                next = true;
                offers = false;
            } else if (words.press().stream().anyMatch(part::startsWith)) {
                pressing = true;
                next = true;
            } else {
                // A pause in front of the digit, or behind one in a list, changes nothing.
                next = next && (words.between().contains(part) || part.equals(",") || part.equals(":"));
            }
        }
        return keys;
    }

    /// @param last behind the key before
    private static String about(Words words, List<String> parts, int last, int at) {
        if (at + 1 < parts.size() && words.on().contains(parts.get(at + 1))) {
            int end = at + 1;
            while (end < parts.size() && !STOPS.contains(parts.get(end))) {
                end++;
            }
            return String.join(" ", parts.subList(at + 1, end));
        }
        int from = at;
        while (from > last && !".;!?".contains(parts.get(from - 1))) {
            from--;
        }
        return String.join(" ", parts.subList(from, at));
    }

    private static Optional<String> key(Words words, String part) {
        if (KEYS.contains(part)) {
            return Optional.of(part);
        }
        for (int digit = 0; digit < words.digits().size(); digit++) {
            if (words.digits().get(digit).contains(part)) {
                return Optional.of(KEYS.get(digit));
            }
        }
        return Optional.empty();
    }

    /// Whether it stands in a number of several digits, as `oh one six three two` does.
    private static boolean ofNumber(Words words, List<String> parts, int at) {
        return (at > 0 && digits(words, parts.get(at - 1)))
                || (at + 1 < parts.size() && digits(words, parts.get(at + 1)));
    }

    private static boolean digits(Words words, String part) {
        return Character.isDigit(part.charAt(0))
                || (key(words, part).isPresent()
                        && !ARTICLES.contains(part)
                        && !words.on().contains(part)
                        && !words.between().contains(part));
    }

    /// @param next   whether it stands behind a word for pressing, or another key
    /// @param offers whether what is offered stands before it, as in `for tickets, two`
    private static boolean said(Words words, List<String> parts, int at, boolean next, boolean offers) {
        String part = parts.get(at);
        String before = at == 0 ? "." : parts.get(at - 1);
        String after = at + 1 == parts.size() ? "." : parts.get(at + 1);
        boolean begins = STOPS.contains(before) || words.between().contains(before);
        boolean told = STOPS.contains(after) && (next || offers || before.equals(":"));
        boolean goesOn = words.on().contains(after) && (next || begins);
        return told || goesOn || (next && !ARTICLES.contains(part));
    }
}
