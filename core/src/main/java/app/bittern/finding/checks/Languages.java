package app.bittern.finding.checks;

import java.util.Locale;

/// Languages of scripts, as the words of them are known here.
final class Languages {
    private Languages() {}

    /// The language without its country: `en` of `en-GB`.
    ///
    /// @param language BCP 47
    static String primary(String language) {
        return language.split("-", -1)[0].toLowerCase(Locale.ROOT);
    }
}
