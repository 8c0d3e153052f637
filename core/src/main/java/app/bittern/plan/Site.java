package app.bittern.plan;

import app.bittern.number.EmergencyNumbers;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/// The site itself: where it is and what is spoken there.
///
/// @param country   ISO 3166 code of two letters
/// @param languages BCP 47 tags, the first is the default
/// @param ringCycle how long one ring and the silence after it last, where it is not the country's own
/// @param blocks    the numbering plan
/// @param voiceChannels how many calls the system can speak or listen to at once; no limit where absent
/// @param emergency what is dialled for help, where it is not the country's
public record Site(
        String key,
        Optional<String> name,
        Optional<String> note,
        ZoneId timeZone,
        String country,
        List<String> languages,
        Optional<Seconds> ringCycle,
        List<Block> blocks,
        Optional<Integer> voiceChannels,
        List<String> emergency)
        implements Aside {
    public Site {
        languages = List.copyOf(languages);
        blocks = List.copyOf(blocks);
        emergency = List.copyOf(emergency);
        if (languages.isEmpty()) {
            throw new IllegalArgumentException("a site without a language: at least one is needed");
        }
    }

    /// A block of internal numbers set aside for a kind: 2000 to 2099 for extensions.
    public record Block(String from, String to, String use, Optional<String> note) {}

    /// What is dialled for help: what the site says, else what the country's people dial.
    public List<String> emergencyNumbers() {
        return emergency.isEmpty() ? EmergencyNumbers.of(country) : emergency;
    }

    /// The language that calls begin in.
    public String defaultLanguage() {
        return languages.getFirst();
    }

    /// The length of one ring and the silence after it, in seconds.
    ///
    /// Source: ITU-T E.180 Supplement 2, "Various tones used in national networks", ringing tone: GB 0.4 on,
    /// 0.2 off, 0.4 on, 2.0 off; US 2.0 on, 4.0 off; SE, PT and AT 1.0 on, 5.0 off; BE 1.0 on, 3.0 off; JP 1.0
    /// on, 2.0 off; most others 1.0 on, 4.0 off. A part of a second counts as one: ES 1.5 on, 3.0 off.
    public int ringSeconds() {
        return ringCycle.map(Seconds::value).orElseGet(() -> switch (country) {
            case "GB", "IE", "AU", "NZ", "JP" -> 3;
            case "BE" -> 4;
            case "US", "CA", "SE", "PT", "AT" -> 6;
            default -> 5;
        });
    }

    /// How often something that rings so long is heard to ring, the last time begun only: `7 rings`.
    public String rings(Seconds time) {
        int rings = (time.value() + ringSeconds() - 1) / ringSeconds();
        return rings == 1 ? "1 ring" : rings + " rings";
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.SITE, key);
    }

    @Override
    public Site over(Places places) {
        return new Site(
                places.key(key), name, note, timeZone, country, languages, ringCycle, blocks, voiceChannels, emergency);
    }
}
