package app.bittern.formats;

import app.bittern.plan.Code;
import app.bittern.plan.Kind;
import app.bittern.plan.Pin;
import app.bittern.plan.Ref;
import java.util.Optional;

/// Codes.
final class CodeFormat implements KindFormat<Code> {
    private static final Choosing DOES = Choosing.of(Kind.ALARM, Kind.SWITCH)
            .or("login ", Kind.QUEUE)
            .or("logout ", Kind.QUEUE)
            .or("pause ", Kind.PAUSE_REASON)
            .or("record ", Kind.PROMPT)
            .or("pause", "messages");

    @Override
    public Optional<Code> read(String key, Reading fields) {
        return Optional.of(new Code(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.read("pin", Pin.ALLOWED, text -> Pin.parse(text, new Ref(Kind.CODE, key))),
                fields.choose("does", DOES).read("does", Code.Does.ALLOWED, Code.Does::parse),
                fields.usualFlag("enabled")));
    }

    @Override
    public Writing write(Code code) {
        return new Writing()
                .text("name", code.name())
                .text("note", code.note())
                .text("number", code.number())
                .text("pin", code.pin())
                .text("does", code.does())
                .flag("enabled", code.enabled(), true);
    }
}
