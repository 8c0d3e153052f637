package app.bittern.number;

import com.google.i18n.phonenumbers.ShortNumberInfo;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// The emergency numbers of a country, as libphonenumber's data of short numbers has them.
public final class EmergencyNumbers {
    private static final Map<String, List<String>> KNOWN = new ConcurrentHashMap<>();

    /// The one that people dial, where the data has others besides that lead to the same help or to one service of
    /// several.
    ///
    /// Source: ITU-T E.161.1 (09/2008) for 112 and 911 as numbers for all services; the countries' numbering plans.
    private static final Map<String, String> USUAL =
            Map.of("US", "911", "CA", "911", "AU", "000", "NZ", "111", "IN", "112", "BR", "190");

    private EmergencyNumbers() {}

    /// The number of a country that is usual, where the others that it has are beside it; none where each is wanted.
    ///
    /// @param country ISO 3166 code of two letters
    public static Optional<String> usual(String country) {
        return Optional.ofNullable(USUAL.get(country)).filter(of(country)::contains);
    }

    /// All numbers that people in a country dial for help, ascending; none for a country that is not known.
    ///
    /// The data holds patterns, and no country's emergency numbers are longer than three digits; so every
    /// number of two or three is asked for.
    ///
    /// @param country ISO 3166 code of two letters
    public static List<String> of(String country) {
        return KNOWN.computeIfAbsent(country, EmergencyNumbers::asked);
    }

    private static List<String> asked(String country) {
        ShortNumberInfo info = ShortNumberInfo.getInstance();
        return Stream.concat(numbers(2), numbers(3))
                .filter(number -> info.isEmergencyNumber(number, country))
                .toList();
    }

    private static Stream<String> numbers(int digits) {
        int all = digits == 2 ? 100 : 1000;
        return IntStream.range(0, all).mapToObj(number -> String.format(Locale.ROOT, "%0" + digits + "d", number));
    }
}
