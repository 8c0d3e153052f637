package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.DialledNumbers;
import app.bittern.plan.Extension;
import app.bittern.plan.FailedTry;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A menu asks for a key as often as it has tries, in the windows of [Tries].
final class MenuBehaviour implements Behaviour<Menu> {
    private static Tries tries(Menu menu, Scene scene) {
        return Tries.of(menu, scene, further(menu, scene.plan()), canBeWrong(menu));
    }

    /// How long a number that is none can go on after its first digit.
    private static int further(Menu menu, Plan plan) {
        return (longest(menu, plan) - 1) * menu.interDigit().value();
    }

    /// The digits of the longest extension that can be dialled.
    private static int longest(Menu menu, Plan plan) {
        return Math.max(1, numbers(menu, plan).longest());
    }

    /// A key cannot be wrong where all twelve lead somewhere; no extension begins with another.
    private static boolean canBeWrong(Menu menu) {
        return menu.keys().size() < 12;
    }

    /// The numbers that can be dialled in a menu: a key that is set is taken at once, so none begins with one.
    static DialledNumbers numbers(Menu menu, Plan plan) {
        return menu.dialExtensions().numbers(plan, menu.keys().keySet());
    }

    @Override
    public List<Outcome> outcomes(Menu menu, Scene scene) {
        Tries lengths = tries(menu, scene);
        List<Outcome> outcomes = new ArrayList<>();
        menu.keys().forEach((pressed, does) -> outcomes.add(keyed(scene, lengths, pressed, does)));
        dialable(menu, scene.plan()).forEach(extension -> outcomes.add(dialled(menu, scene, lengths, extension)));
        outcomes.addAll(gaveUp(menu, scene, lengths));
        return outcomes;
    }

    private static Outcome keyed(Scene scene, Tries lengths, String pressed, Menu.OnKey does) {
        Context carrying = scene.context().given(does.sets());
        Window said = Window.at(scene.length(does.say(), carrying.language()));
        return Outcome.of(new Cause.Key(pressed), lengths.keyed().plus(said), scene.onward(does.to(), carrying))
                .by("keys", pressed, "to");
    }

    /// Each cause is looked up alone: there may be thousands of extensions.
    @Override
    public List<Outcome> outcomes(Menu menu, Scene scene, Cause cause) {
        Tries tries = tries(menu, scene);
        Optional<Outcome> outcome = switch (cause) {
            case Cause.Dialled(String number) ->
                scene.plan()
                        .find(new Ref(Kind.EXTENSION, number), Extension.class)
                        .filter(extension -> dialable(menu, extension))
                        .map(extension -> dialled(menu, scene, tries, extension));
            case Cause.Key(String pressed) ->
                Optional.ofNullable(menu.keys().get(pressed)).map(does -> keyed(scene, tries, pressed, does));
            case Cause.NoValidKey none -> failed(menu, scene, tries, cause);
            case Cause.NoKey none -> failed(menu, scene, tries, cause);
            case Cause.WrongKey none -> failed(menu, scene, tries, cause);
            case Cause.Passed o -> Optional.empty();
            case Cause.NoNumber o -> Optional.empty();
            case Cause.Case o -> Optional.empty();
            case Cause.Answered o -> Optional.empty();
            case Cause.NoAnswer o -> Optional.empty();
            case Cause.Busy o -> Optional.empty();
            case Cause.Unreachable o -> Optional.empty();
            case Cause.Forwarded o -> Optional.empty();
            case Cause.Message o -> Optional.empty();
            case Cause.KeyZero o -> Optional.empty();
            case Cause.Digits o -> Optional.empty();
            case Cause.Looked o -> Optional.empty();
            case Cause.NoValidDigits o -> Optional.empty();
            case Cause.Full o -> Optional.empty();
            case Cause.NoAgents o -> Optional.empty();
            case Cause.AgentsGone o -> Optional.empty();
            case Cause.Overflow o -> Optional.empty();
            case Cause.Callback o -> Optional.empty();
            case Cause.Within o -> Optional.empty();
            case Cause.Paged o -> Optional.empty();
            case Cause.Done o -> Optional.empty();
            case Cause.Barred o -> Optional.empty();
            case Cause.ByTrunk o -> Optional.empty();
            case Cause.NoChannel o -> Optional.empty();
        };
        return outcome.stream().toList();
    }

    private static Optional<Outcome> failed(Menu menu, Scene scene, Tries tries, Cause cause) {
        return gaveUp(menu, scene, tries).stream()
                .filter(one -> one.cause().equals(cause))
                .findFirst();
    }

    /// How a last try fails: by silence or a wrong key, where these lead elsewhere than each other; else either.
    private static List<Outcome> gaveUp(Menu menu, Scene scene, Tries tries) {
        Window wrong = tries.wrong(further(menu, scene.plan()));
        if (apart(menu)) {
            return List.of(
                    failing(new Cause.NoKey(), tries.silent(), scene.onward(menu.onNoKey()), menu.noKey(), "noKey"),
                    failing(new Cause.WrongKey(), wrong, scene.onward(menu.onWrongKey()), menu.wrongKey(), "wrongKey"));
        }
        Window window = canBeWrong(menu) ? tries.silent().union(wrong) : tries.silent();
        return List.of(failing(new Cause.NoValidKey(), window, scene.onward(menu.onNoKey()), menu.noKey(), "noKey"));
    }

    /// Whether silence and a wrong key in the last try lead elsewhere than each other.
    private static boolean apart(Menu menu) {
        return canBeWrong(menu) && !menu.failsAlike();
    }

    /// @param field where the destination stands, unless it is where callers are given up
    static Outcome failing(Cause cause, Window window, Onward onward, FailedTry failed, String field) {
        Outcome outcome = Outcome.of(cause, window, onward);
        return failed.to().isPresent() ? outcome.by(field, "to") : outcome.by("giveUp");
    }

    private static boolean dialable(Menu menu, Extension extension) {
        return menu.dialExtensions().takes(extension.dialled(), menu.keys().keySet());
    }

    /// The extensions that can be dialled.
    private static Stream<Extension> dialable(Menu menu, Plan plan) {
        return menu.dialExtensions().possible()
                ? plan.all(Extension.class).filter(extension -> dialable(menu, extension))
                : Stream.empty();
    }

    private static Outcome dialled(Menu menu, Scene scene, Tries tries, Extension extension) {
        int further = extension.dialled().length() - 1;
        return Outcome.of(
                new Cause.Dialled(extension.dialled()),
                tries.keyed(further * menu.interDigit().value()),
                scene.onward(Optional.of(new Destination.To(extension.ref()))));
    }

    @Override
    public Decision decide(Menu menu, Scene scene, BenchInHand bench) {
        return new Round(menu, scene, bench).play(Integer.MAX_VALUE);
    }

    /// What happens on a bench up to a second after which no try begins any more; then it gives up, at that
    /// second or later.
    static Decision decide(Menu menu, Scene scene, BenchInHand bench, int last) {
        return new Round(menu, scene, bench).play(last);
    }

    /// What leaves a menu elsewhere than to itself or to the menu before: its keys, and the extensions dialled
    /// there.
    static List<Outcome> leading(Menu menu, Scene scene) {
        Tries tries = tries(menu, scene);
        List<Outcome> outcomes = new ArrayList<>();
        menu.keys().forEach((pressed, does) -> {
            if (leads(does)) {
                outcomes.add(keyed(scene, tries, pressed, does));
            }
        });
        dialable(menu, scene.plan()).forEach(extension -> outcomes.add(dialled(menu, scene, tries, extension)));
        return outcomes;
    }

    /// Whether a key leads out of a menu.
    static boolean leads(Menu.OnKey does) {
        return does.to()
                .map(to -> !(to instanceof Destination.Repeat) && !(to instanceof Destination.Back))
                .orElse(true);
    }

    /// One caller's tries at a menu.
    private static final class Round {
        private final Menu menu;
        private final Scene scene;
        private final BenchInHand bench;
        private final Tries lengths;
        private final List<Heard> hears = new ArrayList<>();
        private final List<Account.Try> tried = new ArrayList<>();
        private final DialledNumbers numbers;
        private int second;

        Round(Menu menu, Scene scene, BenchInHand bench) {
            this.menu = menu;
            this.scene = scene;
            this.bench = bench;
            this.lengths = MenuBehaviour.tries(menu, scene);
            this.numbers = MenuBehaviour.numbers(menu, scene.plan());
        }

        /// @param until the last second at which a try begins
        Decision play(int until) {
            if (!menu.dialledAhead()) {
                bench.dropAhead();
            }
            for (int attempt = 1; attempt <= menu.tries() && second <= until; attempt++) {
                KeyPress key = bench.take();
                boolean last = attempt == menu.tries();
                int begun = second;
                int first =
                        key.silent() ? Integer.MAX_VALUE : Math.max(lengths.first(), key.second(0, lengths.prompt()));
                if (first > lengths.prompt() + lengths.keyWait()) {
                    silence(last);
                    continue;
                }
                String digits = press(key, begun, first);
                Optional<Decision> taken = taken(digits);
                if (taken.isPresent()) {
                    bench.dialledAhead(key.after(digits.length(), begun));
                    return taken.get();
                }
                if (!last) {
                    say(menu.wrongKey().prompt());
                }
            }
            boolean silent = tried.getLast().digits().isEmpty();
            return done(!apart(menu) ? new Cause.NoValidKey() : silent ? new Cause.NoKey() : new Cause.WrongKey());
        }

        private void silence(boolean last) {
            sayPrompt(lengths.prompt());
            hears.add(new Heard(second, second + lengths.keyWait(), Heard.Sound.SILENCE, "waiting for a key"));
            second += lengths.keyWait();
            tried.add(new Account.Try("", second));
            if (!last) {
                say(menu.noKey().prompt());
            }
        }

        /// Presses the digits one after another for as long as the menu waits for more, and tells which it took.
        private String press(KeyPress key, int begun, int first) {
            sayPrompt(Math.min(first, lengths.prompt()));
            wait(begun + first);
            StringBuilder digits = new StringBuilder();
            int at = first;
            for (int index = 0; index < key.digits().length(); index++) {
                int next = index == 0 ? first : Math.max(at, key.second(index, lengths.prompt()));
                if (next - at > menu.interDigit().value() || (index > 0 && !begins(digits.toString()))) {
                    break;
                }
                at = next;
                digits.append(key.digits().charAt(index));
            }
            wait(begun + at);
            hears.add(new Heard(second, second, Heard.Sound.KEY, digits.toString()));
            tried.add(new Account.Try(digits.toString(), second));
            if (begins(digits.toString()) && takenBy(digits.toString()).isEmpty()) {
                wait(second + menu.interDigit().value());
            }
            return digits.toString();
        }

        private void wait(int until) {
            if (until > second) {
                hears.add(new Heard(second, until, Heard.Sound.SILENCE, "waiting for a key"));
                second = until;
            }
        }

        /// Whether a longer number that can be dialled begins with these digits.
        private boolean begins(String digits) {
            return numbers.begins(digits);
        }

        private void sayPrompt(int seconds) {
            hears.addAll(scene.said(menu.prompts(), second, seconds));
            second += seconds;
        }

        private void say(Optional<Spoken> prompt) {
            int seconds = scene.length(prompt);
            prompt.ifPresent(
                    said -> hears.add(new Heard(second, second + seconds, Heard.Sound.SPEECH, scene.words(said))));
            second += seconds;
        }

        private Optional<Extension> takenBy(String digits) {
            return (Ref.sound(Kind.EXTENSION, digits)
                            ? scene.plan().find(new Ref(Kind.EXTENSION, digits), Extension.class)
                            : Optional.<Extension>empty())
                    .filter(extension -> dialable(menu, extension));
        }

        private Optional<Decision> taken(String digits) {
            Menu.OnKey does = menu.keys().get(digits);
            if (does != null) {
                return Optional.of(key(digits, does));
            }
            return takenBy(digits).map(extension -> done(new Cause.Dialled(digits)));
        }

        private Decision key(String digits, Menu.OnKey does) {
            Scene changed = new Scene(
                    scene.plan(), new State(scene.at(), scene.context().given(does.sets())));
            does.say().ifPresent(prompt -> {
                int seconds = changed.length(does.say());
                hears.add(new Heard(second, second + seconds, Heard.Sound.SPEECH, changed.words(prompt)));
                second += seconds;
            });
            return done(new Cause.Key(digits));
        }

        private Decision done(Cause cause) {
            return Decision.of(cause, second, hears, new Account.InMenu(menu, tried))
                    .speaking();
        }
    }
}
