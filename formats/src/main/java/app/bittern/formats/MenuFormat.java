package app.bittern.formats;

import app.bittern.plan.FailedTry;
import app.bittern.plan.Menu;
import app.bittern.plan.Takes;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Menus.
final class MenuFormat implements KindFormat<Menu> {
    private static final String TAKEN = "taken";
    private static final String DROPPED = "dropped";

    @Override
    public Optional<Menu> read(String key, Reading fields) {
        return Optional.of(new Menu(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.spoken("prompts"),
                fields.usualFlag("bargeIn"),
                fields.oneOf("dialledAhead", List.of(TAKEN, DROPPED))
                        .map(TAKEN::equals)
                        .orElse(true),
                fields.usualDuration("keyWait"),
                fields.usualInteger("tries"),
                failed(fields, "noKey", Takes.DESTINATION_IN_MENU),
                failed(fields, "wrongKey", Takes.DESTINATION_IN_MENU),
                fields.destination("giveUp", Takes.DESTINATION_IN_MENU),
                DialExtensionsFormat.read(fields, "dialExtensions"),
                fields.usualDuration("interDigit"),
                keys(fields)));
    }

    /// What is said, and where the last such try leads.
    ///
    /// @param takes where it may lead
    static FailedTry failed(Reading fields, String field, Takes takes) {
        return fields.inner(field)
                .map(inner -> {
                    FailedTry failed = new FailedTry(inner.oneSpoken("prompt"), inner.destination("to", takes));
                    inner.done();
                    return failed;
                })
                .orElse(FailedTry.SILENT);
    }

    static Writing failed(FailedTry failed) {
        return new Writing().text("prompt", failed.prompt()).text("to", failed.to());
    }

    private static Map<String, Menu.OnKey> keys(Reading fields) {
        return fields.map("keys", (pressed, entry) -> {
            if (!Menu.isKey(pressed)) {
                entry.keyRefused(pressed, Menu.ALLOWED_KEY);
                return Optional.empty();
            }
            Reading key = entry.fields();
            Menu.OnKey does = new Menu.OnKey(
                    key.text("label"),
                    key.destination("to", Takes.DESTINATION_IN_MENU),
                    SetsFormat.read(key),
                    key.oneSpoken("say"));
            key.done();
            return Optional.of(does);
        });
    }

    @Override
    public Writing write(Menu menu) {
        Writing keys = new Writing();
        menu.keys()
                .forEach((pressed, does) -> keys.node(
                        pressed,
                        SetsFormat.write(new Writing().text("label", does.label()), does.sets())
                                .text("say", does.say())
                                .text("to", does.to())
                                .done()));
        Writing written = new Writing()
                .text("name", menu.name())
                .text("note", menu.note())
                .text("number", menu.number())
                .texts("prompts", menu.prompts())
                .flag("bargeIn", menu.bargeIn(), true)
                .text("dialledAhead", menu.dialledAhead() ? Optional.empty() : Optional.of(DROPPED))
                .text("keyWait", menu.keyWait())
                .integer("tries", menu.tries())
                .fields("noKey", failed(menu.noKey()))
                .fields("wrongKey", failed(menu.wrongKey()))
                .text("giveUp", menu.giveUp());
        DialExtensionsFormat.write(written, "dialExtensions", menu.dialExtensions());
        return written.text("interDigit", menu.interDigit()).fields("keys", keys);
    }
}
