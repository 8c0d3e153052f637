package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Pin;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Switch;
import java.util.List;
import java.util.Optional;

/// Switches.
final class SwitchFormat implements KindFormat<Switch> {
    static final String ALLOWED_POSITION = "the name of a position, such as printed";

    @Override
    public Optional<Switch> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Optional<String> number = fields.dialled("number");
        List<String> positions = fields.parsed("positions", ALLOWED_POSITION, HoursFormat::state);
        fields.needed(
                "positions",
                fields.given("positions"),
                "a list of positions such as [day, night]",
                Node.Scalar.text(""));
        Optional<String> now = fields.read("now", ALLOWED_POSITION, HoursFormat::state);
        Optional<Pin> pin = fields.read("pin", Pin.ALLOWED, text -> Pin.parse(text, new Ref(Kind.SWITCH, key)));
        Optional<Seconds> revertsAfter = fields.duration("revertsAfter");
        if (positions.isEmpty()) {
            fields.emptyRefused("positions", "a list of positions such as [day, night]");
            return Optional.empty();
        }
        String at = now.orElse(positions.getFirst());
        if (!positions.contains(at)) {
            fields.refused("now", "'" + at + "'", "one of " + String.join(", ", positions));
            return Optional.empty();
        }
        return Optional.of(new Switch(key, name, note, number, positions, at, pin, revertsAfter));
    }

    @Override
    public Writing write(Switch turned) {
        return new Writing()
                .text("name", turned.name())
                .text("note", turned.note())
                .text("number", turned.number())
                .texts("positions", turned.positions())
                .text("now", turned.now())
                .text("pin", turned.pin())
                .text("revertsAfter", turned.revertsAfter());
    }
}
