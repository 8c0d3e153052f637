package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Extension;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Spoken;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.Stream;

/// What a caller keys in a menu or an ask, try by try.
final class SlowKeys {
    private final Plan plan;
    private final SlowWorld world;
    private final ToIntFunction<Spoken> said;
    private int second;
    private boolean lastSilent;

    SlowKeys(Plan plan, SlowWorld world, ToIntFunction<Spoken> said) {
        this.plan = plan;
        this.world = world;
        this.said = said;
    }

    /// Whether nothing was keyed in the last try.
    boolean lastSilent() {
        return lastSilent;
    }

    /// How long it has taken.
    int seconds() {
        return second;
    }

    private int length(Stream<Spoken> prompts) {
        return prompts.mapToInt(said).sum();
    }

    /// The key or the number that a menu takes; nothing where it gives up.
    String menu(Menu menu) {
        String digits = "";
        for (int attempt = 1; attempt <= menu.tries() && digits.isEmpty(); attempt++) {
            digits = menu(menu, attempt);
        }
        return digits;
    }

    /// One try of a menu: what it takes; nothing where the try fails, after what is said then.
    String menu(Menu menu, int attempt) {
        int prompt = menu.prompts().stream().mapToInt(said).sum();
        if (attempt == 1 && !menu.dialledAhead()) {
            world.dropAhead();
        }
        KeyPress key = world.take();
        int begun = second;
        int first = key.silent() ? Integer.MAX_VALUE : press(key, 0, prompt);
        first = Math.max(first, menu.bargeIn() ? 0 : prompt);
        boolean silent = first > prompt + menu.keyWait().value();
        if (silent) {
            second = begun + prompt + menu.keyWait().value();
        } else {
            String digits = dial(menu, key, begun, first, prompt);
            if (menu.keys().containsKey(digits) || dialled(menu, digits).isPresent()) {
                world.dialledAhead(key, digits.length(), begun);
                return digits;
            }
        }
        lastSilent = silent;
        if (attempt < menu.tries()) {
            second += length((silent ? menu.noKey() : menu.wrongKey()).prompt().stream());
        }
        return "";
    }

    static int press(KeyPress key, int index, int prompt) {
        return key.timed() ? key.at().get(index) : key.atOnce() ? 0 : prompt;
    }

    Optional<Extension> dialled(Menu menu, String digits) {
        return plan.all(Extension.class)
                .filter(one -> canBeDialled(menu, one) && one.dialled().equals(digits))
                .findFirst();
    }

    private boolean begins(Menu menu, String digits) {
        return plan.all(Extension.class)
                .filter(one -> canBeDialled(menu, one))
                .anyMatch(one -> one.dialled().length() > digits.length()
                        && one.dialled().startsWith(digits));
    }

    /// A key that is set is taken at once, whatever is dialled after it.
    private static boolean canBeDialled(Menu menu, Extension one) {
        if (menu.keys().containsKey(one.dialled().substring(0, 1))) {
            return false;
        }
        return menu.dialExtensions().any()
                || menu.dialExtensions().some().stream()
                        .anyMatch(span -> span.from().length() == one.dialled().length()
                                && span.from().compareTo(one.dialled()) <= 0
                                && one.dialled().compareTo(span.to()) <= 0);
    }

    /// The digits that a menu waits for, from the first on, each no later than the inter-digit wait after the
    /// one before.
    private String dial(Menu menu, KeyPress key, int begun, int first, int prompt) {
        int between = menu.interDigit().value();
        StringBuilder digits = new StringBuilder(key.digits().substring(0, 1));
        int at = first;
        for (int index = 1; index < key.digits().length() && begins(menu, digits.toString()); index++) {
            int next = Math.max(at, press(key, index, prompt));
            if (next > at + between) {
                break;
            }
            at = next;
            digits.append(key.digits().charAt(index));
        }
        String all = digits.toString();
        boolean known = menu.keys().containsKey(all) || dialled(menu, all).isPresent();
        second = begun + at + (begins(menu, all) && !known ? between : 0);
        return all;
    }

    /// The digits that an ask takes; nothing where it gives up.
    String ask(Ask ask) {
        String digits = "";
        for (int attempt = 1; attempt <= ask.tries() && digits.isEmpty(); attempt++) {
            digits = ask(ask, attempt);
        }
        return digits;
    }

    /// One try of an ask: the digits that it takes; nothing where the try fails, after what is said then.
    String ask(Ask ask, int attempt) {
        int prompt = ask.prompts().stream().mapToInt(said).sum();
        int wait = ask.keyWait().value();
        KeyPress key = world.take();
        int begun = second;
        String digits = "";
        int at = prompt + wait;
        boolean silent = key.silent()
                || press(key, 0, prompt) > prompt + wait
                || !Character.isDigit(key.digits().charAt(0));
        if (!silent) {
            at = press(key, 0, prompt);
            while (digits.length() < Math.min(ask.most(), key.digits().length())) {
                int next = Math.max(at, press(key, digits.length(), prompt));
                if (next > at + wait || !Character.isDigit(key.digits().charAt(digits.length()))) {
                    break;
                }
                at = next;
                digits += key.digits().charAt(digits.length());
            }
            at += digits.length() < ask.most() ? wait : 0;
        }
        second += at;
        if (digits.length() >= ask.fewest()) {
            if (digits.length() == ask.most()) {
                world.dialledAhead(key, digits.length(), begun);
            }
            return digits;
        }
        lastSilent = digits.isEmpty();
        if (attempt < ask.tries()) {
            second += length((digits.isEmpty() ? ask.noKey() : ask.wrongKey()).prompt().stream());
        }
        return "";
    }
}
