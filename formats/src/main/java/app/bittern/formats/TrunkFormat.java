package app.bittern.formats;

import app.bittern.number.Delivers;
import app.bittern.plan.Trunk;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;

/// Trunks.
final class TrunkFormat implements KindFormat<Trunk> {
    private static final List<String> CALLERS = Stream.of(Trunk.DeliversCaller.values())
            .map(Trunk.DeliversCaller::word)
            .toList();

    @Override
    public Optional<Trunk> read(String key, Reading fields) {
        return Optional.of(new Trunk(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.needed(
                        "channels",
                        fields.integer("channels"),
                        fields.declared().range("channels").allowed(),
                        1),
                fields.needed(
                        "delivers",
                        fields.choose("delivers", Choosing.DELIVERED)
                                .read("delivers", Delivers.ALLOWED, Delivers::parse),
                        Delivers.ALLOWED,
                        new Delivers.International()),
                fields.oneOf("deliversCaller", CALLERS)
                        .map(word -> Trunk.DeliversCaller.valueOf(word.toUpperCase(Locale.ROOT)))
                        .orElse(Trunk.DeliversCaller.E164)));
    }

    @Override
    public Writing write(Trunk trunk) {
        return new Writing()
                .text("name", trunk.name())
                .text("note", trunk.note())
                .integer("channels", trunk.channels())
                .text("delivers", trunk.delivers())
                .text(
                        "deliversCaller",
                        Optional.of(trunk.deliversCaller())
                                .filter(form -> form != Trunk.DeliversCaller.E164)
                                .map(Trunk.DeliversCaller::word));
    }
}
