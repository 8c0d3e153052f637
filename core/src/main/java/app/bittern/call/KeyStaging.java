package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.DialledNumbers;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// What a caller keys for a call to leave a menu or an ask by a way out.
///
/// A try that fails does so by silence, or by something wrong keyed at once or as late as it is waited for.
final class KeyStaging {
    private static final String KEYS = "*#0123456789";

    private final Scene scene;

    KeyStaging(Scene scene) {
        this.scene = scene;
    }

    List<Visit> visits(Menu menu, Cause cause) {
        int late = scene.length(menu.prompts()) + menu.keyWait().value();
        List<KeyPress> failing = new ArrayList<>(List.of(KeyPress.SILENCE));
        wrong(menu).forEach(digits -> failing.add(spread(digits, 0, 0)));
        wrong(menu)
                .forEach(digits ->
                        failing.add(spread(digits, late, menu.interDigit().value())));
        if (cause instanceof Cause.Key(String pressed)) {
            return tries(failing, menu.tries(), List.of(pressed), late, 0);
        }
        if (cause instanceof Cause.Dialled(String number)) {
            return tries(
                    failing,
                    menu.tries(),
                    List.of(number),
                    late,
                    menu.interDigit().value());
        }
        if (cause instanceof Cause.NoValidKey || cause instanceof Cause.NoKey || cause instanceof Cause.WrongKey) {
            return failed(failing, menu.tries(), cause);
        }
        throw Staging.noSuch(cause);
    }

    /// Something wrong that is over at once, and the longest wait for a number that is none.
    private List<String> wrong(Menu menu) {
        DialledNumbers numbers = MenuBehaviour.numbers(menu, scene.plan());
        if (numbers.sorted().isEmpty()) {
            return further("")
                    .filter(key -> !menu.keys().containsKey(key))
                    .limit(1)
                    .toList();
        }
        Predicate<String> taken =
                some -> numbers.sorted().contains(some) || menu.keys().containsKey(some);
        Optional<String> atOnce = Stream.concat(Stream.of(""), further("").filter(numbers::begins))
                .flatMap(KeyStaging::further)
                .filter(some -> !taken.test(some) && !numbers.begins(some))
                .findFirst();
        Optional<String> late = numbers.beginnings(1)
                .flatMap(some -> Stream.concat(Stream.of(some), further(some)))
                .filter(some -> !taken.test(some))
                .findFirst();
        return Stream.concat(atOnce.stream(), late.stream()).distinct().toList();
    }

    private static Stream<String> further(String digits) {
        return KEYS.chars().mapToObj(key -> digits + (char) key);
    }

    List<Visit> visits(Ask ask, Cause cause) {
        int wait = ask.keyWait().value();
        int late = scene.length(ask.prompts()) + wait;
        List<KeyPress> failing = new ArrayList<>(List.of(KeyPress.SILENCE));
        if (ask.fewest() > 1) {
            failing.add(spread("0", 0, 0));
            failing.add(spread("0".repeat(ask.fewest() - 1), late, wait));
        }
        if (cause instanceof Cause.Digits(Optional<String> found)) {
            return tries(failing, ask.tries(), digits(ask, found), late, wait);
        }
        if (cause instanceof Cause.Dialled(String number)) {
            return tries(failing, ask.tries(), List.of(number), late, wait);
        }
        return cause instanceof Cause.Looked looked
                ? looked(ask, looked, tries(failing, ask.tries(), nobodys(ask), late, wait))
                : failed(failing, ask.tries(), cause);
    }

    /// Each visit with what a lookup says at once and as late as it is waited for.
    private List<Visit> looked(Ask ask, Cause.Looked looked, List<Visit> visits) {
        Ref lookup = ask.lookup().orElseThrow();
        return visits.stream()
                .flatMap(visit ->
                        Staging.says(scene.plan(), lookup, looked.answer()).map(says -> visit.with(lookup, says)))
                .toList();
    }

    /// The digits of a contact, or of each length some that are nobody's.
    private List<String> digits(Ask ask, Optional<String> found) {
        Map<String, Ref> entries = AskBehaviour.entries(ask, scene.plan());
        if (found.isPresent()) {
            Set<String> numbers = AskBehaviour.numbers(ask, scene.plan()).keySet();
            return entries.entrySet().stream()
                    .filter(entry -> entry.getValue().equals(new Ref(Kind.CONTACT, found.get())))
                    .map(Map.Entry::getKey)
                    .filter(digits -> !numbers.contains(digits))
                    .toList();
        }
        return nobodys(ask);
    }

    /// Of each length some digits that are nobody's.
    private List<String> nobodys(Ask ask) {
        Set<String> entries = AskBehaviour.taken(ask, scene.plan());
        List<String> nobodys = new ArrayList<>();
        for (int length = ask.fewest(); length <= ask.most(); length++) {
            String shape = "%0" + length + "d";
            for (int number = 0; number <= entries.size() && (length > 8 || number < Math.pow(10, length)); number++) {
                String digits = String.format(Locale.ROOT, shape, number);
                if (!entries.contains(digits)) {
                    nobodys.add(digits);
                    break;
                }
            }
        }
        return nobodys;
    }

    /// In the first try at once, or after all others in the last as late as it is waited for.
    private static List<Visit> tries(List<KeyPress> failing, int tries, List<String> keyed, int late, int apart) {
        List<Visit> all = new ArrayList<>();
        for (String digits : keyed) {
            all.add(Visit.keyed(List.of(spread(digits, 0, 0))));
            for (KeyPress fails : failing) {
                all.add(then(fails, tries, spread(digits, late, apart)));
            }
        }
        return all;
    }

    private static List<Visit> failed(List<KeyPress> failing, int tries, Cause cause) {
        List<KeyPress> lasts = failing.stream()
                .filter(last -> !(cause instanceof Cause.NoKey && !last.silent())
                        && !(cause instanceof Cause.WrongKey && last.silent()))
                .toList();
        List<Visit> all = new ArrayList<>();
        for (KeyPress fails : failing) {
            for (KeyPress last : lasts) {
                all.add(then(fails, tries, last));
            }
        }
        return all;
    }

    private static Visit then(KeyPress fails, int tries, KeyPress last) {
        List<KeyPress> keys = new ArrayList<>(Collections.nCopies(tries - 1, fails));
        keys.add(last);
        return Visit.keyed(keys);
    }

    /// Digits from a second on, so many seconds apart.
    private static KeyPress spread(String digits, int first, int apart) {
        if (first == 0 && apart == 0) {
            return new KeyPress(digits, true);
        }
        List<Integer> seconds = new ArrayList<>();
        for (int index = 0; index < digits.length(); index++) {
            seconds.add(first + index * apart);
        }
        return new KeyPress(digits, false, seconds);
    }
}
