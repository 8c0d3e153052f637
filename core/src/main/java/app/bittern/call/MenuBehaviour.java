package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A menu asks for a key as often as it has tries.
///
/// With *P* the prompt, *W* the key wait, *N* the tries, *S* said on no key, *B* said on a wrong key, *p* = 0
/// where the prompt can be interrupted and else P: a valid key comes from p to
/// (N−1)(P+W+max(S,B))+P+W; the last failure from (N−1)·min(P+W+S, p+B)+p to the same.
final class MenuBehaviour implements Behaviour<Menu> {
    private record Lengths(int prompt, int keyWait, int first, int noKey, int wrongKey, int tries) {
        static Lengths of(Menu menu, Scene scene) {
            int prompt = scene.length(menu.prompt());
            return new Lengths(
                    prompt,
                    menu.keyWait().value(),
                    menu.interruptible() ? 0 : prompt,
                    scene.length(menu.noKey()),
                    scene.length(menu.wrongKey()),
                    menu.tries());
        }

        int latest() {
            return (tries - 1) * (prompt + keyWait + Math.max(noKey, wrongKey)) + prompt + keyWait;
        }

        Window validKey() {
            return new Window(first, latest());
        }

        Window noValidKey() {
            return new Window((tries - 1) * Math.min(prompt + keyWait + noKey, first + wrongKey) + first, latest());
        }

        Window dialled(int furtherDigits, int interDigit) {
            return new Window(first, latest() + furtherDigits * interDigit);
        }
    }

    @Override
    public List<Outcome> outcomes(Menu menu, Scene scene) {
        Lengths lengths = Lengths.of(menu, scene);
        List<Outcome> outcomes = new ArrayList<>();
        menu.keys().forEach((pressed, does) -> outcomes.add(keyed(scene, lengths, pressed, does)));
        for (Extension extension : dialable(menu, scene.plan())) {
            int further = extension.dialled().length() - 1;
            outcomes.add(Outcome.of(
                    new Cause.Dialled(extension.dialled()),
                    lengths.dialled(further, menu.interDigit().value()),
                    scene.onward(Optional.of(new Destination.To(extension.ref())))));
        }
        outcomes.add(Outcome.of(new Cause.NoValidKey(), lengths.noValidKey(), scene.onward(menu.giveUp())));
        return outcomes;
    }

    private static Outcome keyed(Scene scene, Lengths lengths, String pressed, Menu.OnKey does) {
        Context carrying = scene.context().speaking(does.language()).tagged(does.tags());
        Window said = Window.at(scene.length(does.say(), carrying.language()));
        return Outcome.of(new Cause.Key(pressed), lengths.validKey().plus(said), scene.onward(does.to(), carrying));
    }

    /// The extensions that can be dialled: a number of one digit that is a key is the key.
    private static List<Extension> dialable(Menu menu, Plan plan) {
        return menu.dialExtensions()
                ? plan.all(Extension.class)
                        .filter(extension -> !menu.keys().containsKey(extension.dialled()))
                        .toList()
                : List.of();
    }

    @Override
    public Decision decide(Menu menu, Scene scene, BenchInHand bench) {
        return new Round(menu, scene, bench).play();
    }

    /// One caller's tries at a menu.
    private static final class Round {
        private final Menu menu;
        private final Scene scene;
        private final BenchInHand bench;
        private final Lengths lengths;
        private final List<Heard> hears = new ArrayList<>();
        private final List<Why> why = new ArrayList<>();
        private int second;

        Round(Menu menu, Scene scene, BenchInHand bench) {
            this.menu = menu;
            this.scene = scene;
            this.bench = bench;
            this.lengths = Lengths.of(menu, scene);
        }

        Decision play() {
            for (int attempt = 1; attempt <= menu.tries(); attempt++) {
                KeyPress key = bench.take();
                boolean last = attempt == menu.tries();
                if (key.silent()) {
                    silence(attempt, last);
                    continue;
                }
                press(key);
                Optional<Decision> taken = taken(key.digits());
                if (taken.isPresent()) {
                    return taken.get();
                }
                wrong(attempt, key.digits(), last);
            }
            why.add(Why.held("no valid key", "that was try " + menu.tries() + " of " + menu.tries()));
            return done(
                    new Cause.NoValidKey(),
                    "No valid key in " + menu.title() + " after " + tries(menu.tries()) + ": to "
                            + scene.words(menu.giveUp()));
        }

        private static String tries(int tries) {
            return tries == 1 ? "1 try" : tries + " tries";
        }

        private void silence(int attempt, boolean last) {
            sayPrompt(lengths.prompt());
            hears.add(new Heard(second, second + lengths.keyWait(), Heard.Sound.SILENCE, "waiting for a key"));
            second += lengths.keyWait();
            why.add(Why.not("a key in try " + attempt, "no key within " + menu.keyWait() + " of the prompt's end"));
            if (!last) {
                say(menu.noKey());
            }
        }

        private void press(KeyPress key) {
            sayPrompt(key.atOnce() ? lengths.first() : lengths.prompt());
            hears.add(new Heard(second, second, Heard.Sound.KEY, key.digits()));
        }

        private void wrong(int attempt, String digits, boolean last) {
            why.add(Why.not(
                    "a key in try " + attempt,
                    digits + " is neither a key of this menu"
                            + (menu.dialExtensions() ? " nor an extension" : "; extensions are not dialled here")));
            if (!last) {
                say(menu.wrongKey());
            }
        }

        private void sayPrompt(int seconds) {
            menu.prompt().ifPresent(prompt -> {
                if (seconds > 0) {
                    hears.add(new Heard(second, second + seconds, Heard.Sound.SPEECH, scene.words(prompt)));
                }
            });
            second += seconds;
        }

        private void say(Optional<Ref> prompt) {
            int seconds = scene.length(prompt);
            prompt.ifPresent(
                    said -> hears.add(new Heard(second, second + seconds, Heard.Sound.SPEECH, scene.words(said))));
            second += seconds;
        }

        private Optional<Decision> taken(String digits) {
            Menu.OnKey does = menu.keys().get(digits);
            if (does != null) {
                return Optional.of(key(digits, does));
            }
            return dialable(menu, scene.plan()).stream()
                    .filter(extension -> extension.dialled().equals(digits))
                    .findFirst()
                    .map(extension -> {
                        why.add(Why.held("extension " + digits, digits + " was dialled and is an extension"));
                        return done(
                                new Cause.Dialled(digits),
                                digits + " dialled in " + menu.title() + ": to " + extension.title());
                    });
        }

        private Decision key(String digits, Menu.OnKey does) {
            menu.keys()
                    .forEach((pressed, other) -> why.add(
                            pressed.equals(digits)
                                    ? Why.held(
                                            "key " + pressed, "pressed at " + Seconds.clock(second) + " in this menu")
                                    : Why.not("key " + pressed, "not pressed")));
            Scene changed = new Scene(
                    scene.plan(), new State(scene.at(), scene.context().speaking(does.language())));
            does.say().ifPresent(prompt -> {
                int seconds = changed.length(does.say());
                hears.add(new Heard(second, second + seconds, Heard.Sound.SPEECH, changed.words(prompt)));
                second += seconds;
            });
            return done(
                    new Cause.Key(digits),
                    "Key " + digits
                            + does.label().map(label -> " (" + label + ")").orElse("") + " in " + menu.title() + ": to "
                            + scene.words(does.to()));
        }

        private Decision done(Cause cause, String what) {
            return Decision.of(cause, second, what, hears, why).withPort();
        }
    }
}
