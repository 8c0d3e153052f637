package app.bittern.formats;

import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Seconds;
import java.util.Optional;

/// Chains.
final class ChainFormat implements KindFormat<Chain> {
    private static final Choosing RUNG = Choosing.of(Chain.Stage.TAKES);

    @Override
    public Optional<Chain> read(String key, Reading fields) {
        return Optional.of(new Chain(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.list("stages", ChainFormat::stage),
                fields.destination("then")));
    }

    private static Optional<Chain.Stage> stage(Reading fields) {
        Optional<Destination> ring = fields.choose("ring", RUNG)
                .read(
                        "ring",
                        Chain.Stage.ALLOWED,
                        text -> Destination.parse(text).filter(Chain.Stage::rings));
        Seconds time = fields.usualDuration("for");
        boolean keyToTake = fields.usualFlag("keyToTake");
        fields.needed("ring", ring, Chain.Stage.ALLOWED, new Destination.HangUp());
        fields.done();
        return ring.map(target -> new Chain.Stage(target, time, keyToTake));
    }

    @Override
    public Writing write(Chain chain) {
        return new Writing()
                .text("name", chain.name())
                .text("note", chain.note())
                .text("number", chain.number())
                .items(
                        "stages",
                        chain.stages().stream()
                                .map(stage -> new Writing()
                                        .text("ring", stage.ring())
                                        .text("for", stage.time())
                                        .flag("keyToTake", stage.keyToTake(), false)
                                        .done())
                                .toList())
                .text("then", chain.then());
    }
}
