package app.bittern.number;

import com.google.i18n.phonenumbers.ShortNumberInfo;
import java.util.List;
import java.util.stream.Stream;

/// The emergency numbers of a country, as libphonenumber knows them.
public final class EmergencyNumbers {
    /// The numbers that emergency services have anywhere; which of them are a country's is asked.
    private static final List<String> KNOWN = Stream.iterate(100, number -> number + 1)
            .limit(900)
            .map(String::valueOf)
            .toList();

    /// Numbers that are kept for all of a region: the European emergency number, and the two that phones know
    /// everywhere.
    private static final List<String> USUAL = List.of("112", "911", "999", "000", "111");

    private EmergencyNumbers() {}

    /// The numbers that people in a country dial for help.
    ///
    /// @param country ISO 3166 code of two letters
    public static List<String> of(String country) {
        ShortNumberInfo info = ShortNumberInfo.getInstance();
        List<String> usual = USUAL.stream()
                .filter(number -> info.isEmergencyNumber(number, country))
                .toList();
        return usual.isEmpty()
                ? KNOWN.stream()
                        .filter(number -> info.isEmergencyNumber(number, country))
                        .toList()
                : usual;
    }
}
