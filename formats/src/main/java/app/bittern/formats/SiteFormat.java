package app.bittern.formats;

import app.bittern.plan.Seconds;
import app.bittern.plan.Site;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/// The site: time zone, country, languages and numbering blocks.
final class SiteFormat implements KindFormat<Site> {
    static final String ALLOWED_LANGUAGE = "a language tag (BCP 47) such as en-GB";
    private static final Pattern LANGUAGE = Pattern.compile("[a-z]{2,3}(-[A-Za-z0-9]{2,8})*");
    private static final List<String> USES = List.of(
            "extension",
            "ring-group",
            "hunt-group",
            "queue",
            "mailbox",
            "page",
            "menu",
            "announcement",
            "branch",
            "ask",
            "chain",
            "switch",
            "code");

    static final String ALLOWED_EMERGENCY = "what is dialled for help, 2 to 6 digits in quotes, such as \"112\"";
    static final String ALLOWED_ZONE = "an IANA time zone such as Europe/London";

    static Optional<String> language(String text) {
        return LANGUAGE.matcher(text).matches() ? Optional.of(text) : Optional.empty();
    }

    @Override
    public Optional<Site> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        ZoneId zone = fields.needed(
                "timeZone", fields.read("timeZone", ALLOWED_ZONE, SiteFormat::zone), ALLOWED_ZONE, ZoneOffset.UTC);
        String allowed = "a country (ISO 3166) such as GB";
        String country = fields.needed(
                "country",
                fields.read(
                        "country",
                        allowed,
                        text -> List.of(Locale.getISOCountries()).contains(text)
                                ? Optional.of(text)
                                : Optional.empty()),
                allowed,
                "GB");
        List<String> languages = fields.choose("languages", Choosing.NOTHING)
                .parsed("languages", ALLOWED_LANGUAGE, SiteFormat::language);
        if (languages.isEmpty()) {
            String wanted = "a list of languages such as [en-GB]";
            fields.needed("languages", Optional.empty(), wanted, List.of());
            fields.emptyRefused("languages", wanted);
        }
        Optional<Seconds> ring = fields.duration("ringCycle");
        List<Site.Block> blocks = fields.list("blocks", SiteFormat::block);
        Optional<Integer> voiceChannels = fields.integer("voiceChannels");
        List<String> emergency = fields.parsed("emergency", ALLOWED_EMERGENCY, SiteFormat::digits);
        return languages.isEmpty()
                ? Optional.empty()
                : Optional.of(
                        new Site(key, name, note, zone, country, languages, ring, blocks, voiceChannels, emergency));
    }

    private static Optional<String> digits(String text) {
        return text.matches("[0-9]{2,6}") ? Optional.of(text) : Optional.empty();
    }

    static Optional<ZoneId> zone(String text) {
        try {
            return Optional.of(ZoneId.of(text));
        } catch (DateTimeException unknown) {
            return Optional.empty();
        }
    }

    private static Optional<Site.Block> block(Reading fields) {
        Optional<String> from = fields.dialled("from");
        Optional<String> to = fields.dialled("to");
        Optional<String> use = fields.oneOf("for", USES);
        Optional<String> note = fields.text("note");
        String allowed = "from, to and for, such as { from: \"2000\", to: \"2099\", for: extension }";
        fields.needed("from", from, allowed, "");
        fields.needed("to", to, allowed, "");
        fields.needed("for", use, allowed, "");
        fields.done();
        return from.flatMap(first -> to.flatMap(last -> use.map(kind -> new Site.Block(first, last, kind, note))));
    }

    @Override
    public Writing write(Site site) {
        return new Writing()
                .text("name", site.name())
                .text("note", site.note())
                .text("timeZone", site.timeZone())
                .text("country", site.country())
                .texts("languages", site.languages())
                .text("ringCycle", site.ringCycle())
                .items(
                        "blocks",
                        site.blocks().stream()
                                .map(block -> new Writing()
                                        .text("from", block.from())
                                        .text("to", block.to())
                                        .text("for", block.use())
                                        .text("note", block.note())
                                        .done())
                                .toList())
                .integer("voiceChannels", site.voiceChannels())
                .texts("emergency", site.emergency());
    }
}
