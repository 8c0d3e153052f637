package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Page;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// Pages.
final class PageFormat implements KindFormat<Page> {
    private static final List<String> MODES = List.of("multicast", "each-phone");

    @Override
    public Optional<Page> read(String key, Reading fields) {
        return Optional.of(new Page(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.oneOf("mode", MODES).map(MODES.getFirst()::equals).orElse(false),
                fields.read("address", TrapTargetFormat.ALLOWED_ADDRESS, TrapTargetFormat::address),
                fields.keys("phones", Kind.EXTENSION)));
    }

    @Override
    public Writing write(Page page) {
        return new Writing()
                .text("name", page.name())
                .text("note", page.note())
                .text("number", page.number())
                .text("mode", page.multicast() ? MODES.getFirst() : MODES.getLast())
                .text("address", page.address())
                .texts("phones", page.phones().stream().map(Ref::key).toList());
    }
}
