package app.bittern.formats;

import app.bittern.plan.Seconds;
import app.bittern.plan.TrapTarget;
import java.net.Inet6Address;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/// Trap targets.
final class TrapTargetFormat implements KindFormat<TrapTarget> {
    static final String ALLOWED_ADDRESS =
            "an address such as 192.0.2.7 or [2001:db8::7], or a name such as traps.example.org";
    static final Pattern ADDRESS = Pattern.compile("([A-Za-z0-9.-]{1,255}|\\[[0-9a-fA-F:]+])(?::([0-9]{1,5}))?");
    private static final String PART = "(?:25[0-5]|2[0-4][0-9]|1?[0-9]{1,2})";
    private static final String FOUR = PART + "(?:\\." + PART + "){3}";
    private static final String LABEL = "[A-Za-z0-9](?:[A-Za-z0-9-]{0,61}[A-Za-z0-9])?";
    private static final String NAME = LABEL + "(?:\\." + LABEL + ")*\\.?";
    private static final Seconds WAITS = new Seconds(5);
    private static final int REPEATS = 3;
    private static final List<String> VERSIONS = List.of("v2c", "v3");

    static Optional<String> address(String text) {
        Matcher read = ADDRESS.matcher(text);
        return read.matches() && host(read.group(1)) && port(read.group(2)) ? Optional.of(text) : Optional.empty();
    }

    /// Whether it is an address (RFC 791, RFC 4291) or a name (RFC 1123, 2.1); what is digits and points alone is no
    /// name.
    private static boolean host(String text) {
        if (text.startsWith("[")) {
            return sixth(text.substring(1, text.length() - 1));
        }
        return text.matches("[0-9.]+") ? text.matches(FOUR) : text.matches(NAME);
    }

    private static boolean sixth(String text) {
        try {
            return !Inet6Address.ofLiteral(text).isAnyLocalAddress();
        } catch (IllegalArgumentException none) {
            return false;
        }
    }

    private static boolean port(@Nullable String digits) {
        return digits == null || (Integer.parseInt(digits) >= 1 && Integer.parseInt(digits) <= 65535);
    }

    @Override
    public Optional<TrapTarget> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        // The port may stand behind the address as well, as people write it.
        Matcher address = ADDRESS.matcher(fields.needed(
                "address",
                fields.read("address", ALLOWED_ADDRESS, TrapTargetFormat::address),
                ALLOWED_ADDRESS,
                "192.0.2.1"));
        boolean sound = address.matches();
        int port = sound && address.group(2) != null && fields.given("port").isEmpty()
                ? Integer.parseInt(address.group(2))
                : fields.usualInteger("port");
        return Optional.of(new TrapTarget(
                key,
                name,
                note,
                sound ? address.group(1) : "",
                port,
                fields.oneOf("version", VERSIONS).orElse(VERSIONS.getFirst()),
                fields.text("community"),
                fields.text("user"),
                new TrapTarget.Security(
                        fields.oneOf("auth", TrapTarget.Security.AUTH),
                        fields.text("authSecret"),
                        fields.oneOf("privacy", TrapTarget.Security.PRIVACY),
                        fields.text("privacySecret")),
                fields.oneOf("send", List.of("trap", "inform"))
                        .filter("inform"::equals)
                        .isPresent(),
                fields.usualDuration("waits"),
                fields.usualInteger("repeats"),
                fields.choose("from", Choosing.words(TrapTarget.SOURCES))
                        .parsed(
                                "from",
                                "one of " + String.join(", ", TrapTarget.SOURCES),
                                text -> TrapTarget.SOURCES.contains(text) ? Optional.of(text) : Optional.empty()),
                fields.usualFlag("enabled")));
    }

    @Override
    public Writing write(TrapTarget target) {
        return new Writing()
                .text("name", target.name())
                .text("note", target.note())
                .text("address", target.address())
                .integer("port", target.port() == TrapTarget.PORT ? Optional.empty() : Optional.of(target.port()))
                .text("version", target.version())
                .text("community", target.community())
                .text("user", target.user())
                .text("auth", target.security().auth())
                .text("authSecret", target.security().authSecret())
                .text("privacy", target.security().privacy())
                .text("privacySecret", target.security().privacySecret())
                .text("send", target.inform() ? "inform" : "trap")
                .duration("waits", target.waits(), WAITS)
                .integer("repeats", target.repeats() == REPEATS ? Optional.empty() : Optional.of(target.repeats()))
                .texts("from", target.sources())
                .flag("enabled", target.enabled(), true);
    }
}
