package app.bittern.formats;

import app.bittern.number.Delivers;
import app.bittern.plan.Trunk;
import java.util.Optional;

/// Trunks.
final class TrunkFormat implements KindFormat<Trunk> {
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
                        fields.read("delivers", Delivers.ALLOWED, Delivers::parse),
                        Delivers.ALLOWED,
                        new Delivers.International())));
    }

    @Override
    public Writing write(Trunk trunk) {
        return new Writing()
                .text("name", trunk.name())
                .text("note", trunk.note())
                .integer("channels", trunk.channels())
                .text("delivers", trunk.delivers());
    }
}
