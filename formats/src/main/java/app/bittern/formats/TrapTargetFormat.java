package app.bittern.formats;

import app.bittern.plan.TrapTarget;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// Trap targets.
final class TrapTargetFormat implements KindFormat<TrapTarget> {
    static final String ALLOWED_ADDRESS = "an address and a port such as 192.0.2.7:162";
    static final Pattern ADDRESS = Pattern.compile("[A-Za-z0-9.-]{1,255}:[0-9]{1,5}|\\[[0-9a-fA-F:]+]:[0-9]{1,5}");
    private static final List<String> VERSIONS = List.of("v2c", "v3");

    static Optional<String> address(String text) {
        return ADDRESS.matcher(text).matches() ? Optional.of(text) : Optional.empty();
    }

    @Override
    public Optional<TrapTarget> read(String key, Reading fields) {
        return Optional.of(new TrapTarget(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.needed(
                        "address",
                        fields.read("address", ALLOWED_ADDRESS, TrapTargetFormat::address),
                        ALLOWED_ADDRESS,
                        "192.0.2.1:162"),
                fields.oneOf("version", VERSIONS).orElse(VERSIONS.getFirst()),
                fields.text("community"),
                fields.text("user"),
                fields.oneOf("send", List.of("trap", "inform"))
                        .filter("inform"::equals)
                        .isPresent(),
                fields.choose("from", Choosing.words(TrapTarget.SOURCES))
                        .parsed(
                                "from",
                                "one of " + String.join(", ", TrapTarget.SOURCES),
                                text -> TrapTarget.SOURCES.contains(text) ? Optional.of(text) : Optional.empty())));
    }

    @Override
    public Writing write(TrapTarget target) {
        return new Writing()
                .text("name", target.name())
                .text("note", target.note())
                .text("address", target.address())
                .text("version", target.version())
                .text("community", target.community())
                .text("user", target.user())
                .text("send", target.inform() ? "inform" : "trap")
                .texts("from", target.sources());
    }
}
