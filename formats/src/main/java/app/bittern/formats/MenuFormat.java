package app.bittern.formats;

import app.bittern.plan.FailedTry;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import java.util.Map;
import java.util.Optional;

/// Menus.
final class MenuFormat implements KindFormat<Menu> {

    @Override
    public Optional<Menu> read(String key, Reading fields) {
        return Optional.of(new Menu(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                fields.refs("prompts", Kind.PROMPT),
                fields.usualFlag("bargeIn"),
                fields.usualDuration("keyWait"),
                fields.usualInteger("tries"),
                failed(fields, "noKey", true),
                failed(fields, "wrongKey", true),
                fields.destination("giveUp", true),
                fields.usualFlag("dialExtensions"),
                fields.usualDuration("interDigit"),
                keys(fields)));
    }

    /// What is said, and where the last such try leads.
    ///
    /// @param menu whether `repeat` and `back` are allowed
    static FailedTry failed(Reading fields, String field, boolean menu) {
        return fields.inner(field)
                .map(inner -> {
                    FailedTry failed = new FailedTry(inner.ref("prompt", Kind.PROMPT), inner.destination("to", menu));
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
                    key.destination("to", true),
                    key.read("language", SiteFormat.ALLOWED_LANGUAGE, SiteFormat::language),
                    key.texts("tags"),
                    key.ref("say", Kind.PROMPT));
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
                        new Writing()
                                .text("label", does.label())
                                .text("language", does.language())
                                .texts("tags", does.tags())
                                .text("say", does.say())
                                .text("to", does.to())
                                .done()));
        return new Writing()
                .text("name", menu.name())
                .text("note", menu.note())
                .text("number", menu.number())
                .texts("prompts", menu.prompts())
                .flag("bargeIn", menu.bargeIn(), true)
                .text("keyWait", menu.keyWait())
                .integer("tries", menu.tries())
                .fields("noKey", failed(menu.noKey()))
                .fields("wrongKey", failed(menu.wrongKey()))
                .text("giveUp", menu.giveUp())
                .flag("dialExtensions", menu.dialExtensions(), false)
                .text("interDigit", menu.interDigit())
                .fields("keys", keys);
    }
}
