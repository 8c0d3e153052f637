package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.plan.Signs;
import app.bittern.server.Refusal;
import java.lang.Character.UnicodeScript;
import java.text.Normalizer;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/// Names that people give themselves and their machines.
///
/// No two are to look alike (Unicode TR39): nothing in a name is invisible, all its letters are of one script, written
/// in their plain form, that script is one that is written today, and letters of another than Latin are not all such as
/// Latin has, too.
final class Named {
    private static final int LONGEST = 60;

    /// What stands before the name of a machine, so that nobody is taken for one.
    static final String MACHINE = "machine ";

    /// Letters of the Cyrillic, the Greek and the Armenian script that look like Latin ones.
    private static final String LIKE_LATIN = "АВЕЅІЈКМНОРСТУХаеѕіјорсухһԁԛԝӏΑΒΕΖΗΙΚΜΝΟΡΤΥΧανορυχιՍՏՕԼօոսհյզցք";

    /// The scripts that are written today by many (Unicode UAX31, table 5); among the rest are some with a Latin
    /// double for every letter of a name.
    private static final Set<UnicodeScript> WRITTEN = EnumSet.of(
            UnicodeScript.COMMON,
            UnicodeScript.INHERITED,
            UnicodeScript.ARABIC,
            UnicodeScript.ARMENIAN,
            UnicodeScript.BENGALI,
            UnicodeScript.BOPOMOFO,
            UnicodeScript.CYRILLIC,
            UnicodeScript.DEVANAGARI,
            UnicodeScript.ETHIOPIC,
            UnicodeScript.GEORGIAN,
            UnicodeScript.GREEK,
            UnicodeScript.GUJARATI,
            UnicodeScript.GURMUKHI,
            UnicodeScript.HANGUL,
            UnicodeScript.HAN,
            UnicodeScript.HEBREW,
            UnicodeScript.HIRAGANA,
            UnicodeScript.KANNADA,
            UnicodeScript.KATAKANA,
            UnicodeScript.KHMER,
            UnicodeScript.LAO,
            UnicodeScript.LATIN,
            UnicodeScript.MALAYALAM,
            UnicodeScript.MYANMAR,
            UnicodeScript.ORIYA,
            UnicodeScript.SINHALA,
            UnicodeScript.TAMIL,
            UnicodeScript.TELUGU,
            UnicodeScript.THAANA,
            UnicodeScript.THAI,
            UnicodeScript.TIBETAN);

    /// Signs that are letters or marks and show nothing.
    private static final String BLANK = "\u115F\u1160\u17B4\u17B5\u2800\u3164\uFFA0";

    /// Scripts that are written together.
    private static final List<Set<UnicodeScript>> TOGETHER = List.of(
            EnumSet.of(UnicodeScript.HAN, UnicodeScript.HIRAGANA, UnicodeScript.KATAKANA),
            EnumSet.of(UnicodeScript.HAN, UnicodeScript.HANGUL),
            EnumSet.of(UnicodeScript.HAN, UnicodeScript.BOPOMOFO));

    private Named() {}

    /// A name of an account or of a machine, without blanks around it.
    ///
    /// @throws Refusal where nobody could tell it from another, or read it
    static String given(String name) {
        String given = Normalizer.normalize(name.strip(), Normalizer.Form.NFC);
        boolean readable = Signs.unfit(given) < 0 && given.lines().count() == 1 && given.indexOf('\t') < 0;
        if (!readable || given.length() > LONGEST || given.startsWith(MACHINE)) {
            throw Refusal.unusable("name: found '" + Problem.shown(given) + "'; allowed is one line of 1 to " + LONGEST
                    + " characters, without control characters and such as turn the direction of writing, which does"
                    + " not begin with '" + MACHINE.strip() + " '.");
        }
        if (!tellable(given)) {
            throw Refusal.unusable("name: found '" + Problem.shown(given)
                    + "', which another could look like; allowed are letters of one script in their plain form, and"
                    + " signs that can be seen.");
        }
        return given;
    }

    private static boolean tellable(String name) {
        boolean plain = Normalizer.normalize(name, Normalizer.Form.NFKC).equals(name);
        return plain && name.codePoints().allMatch(Named::seen) && ofOneScript(name) && !likeLatin(name);
    }

    private static boolean seen(int sign) {
        int type = Character.getType(sign);
        boolean selects = (sign >= 0xFE00 && sign <= 0xFE0F) || (sign >= 0xE0100 && sign <= 0xE01EF);
        return type != Character.FORMAT
                && type != Character.UNASSIGNED
                && type != Character.PRIVATE_USE
                && BLANK.indexOf(sign) < 0
                && !selects;
    }

    private static boolean ofOneScript(String name) {
        Set<UnicodeScript> scripts = EnumSet.noneOf(UnicodeScript.class);
        name.codePoints()
                .filter(Character::isLetter)
                .mapToObj(UnicodeScript::of)
                .forEach(scripts::add);
        if (!WRITTEN.containsAll(scripts)) {
            return false;
        }
        scripts.removeAll(EnumSet.of(UnicodeScript.COMMON, UnicodeScript.INHERITED));
        return scripts.size() < 2 || TOGETHER.stream().anyMatch(all -> all.containsAll(scripts));
    }

    private static boolean likeLatin(String name) {
        int[] letters = name.codePoints().filter(Character::isLetter).toArray();
        return letters.length > 0 && IntStream.of(letters).allMatch(letter -> LIKE_LATIN.indexOf(letter) >= 0);
    }
}
