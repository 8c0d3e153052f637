package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Menu;
import java.util.Optional;

/// A menu or an ask into which a caller has gone from a wait that goes on meanwhile, try by try.
final class SlowAside {
    private final Optional<Menu> menu;
    private final Optional<Ask> ask;
    private final SlowKeys keys;
    private final int begun;
    private final String pressed;
    private int attempt;
    private String taken = "";

    SlowAside(Optional<Menu> menu, Optional<Ask> ask, SlowKeys keys, int begun, String pressed) {
        this.menu = menu;
        this.ask = ask;
        this.keys = keys;
        this.begun = begun;
        this.pressed = pressed;
    }

    Optional<Menu> menu() {
        return menu;
    }

    /// The key of the wait that led here.
    String pressed() {
        return pressed;
    }

    private int tries() {
        return menu.map(Menu::tries).or(() -> ask.map(Ask::tries)).orElseThrow();
    }

    /// Goes on to a second of the wait: begins every try that begins by then.
    ///
    /// @param said how long is said first on what has been taken
    /// @return whether it is over in that second
    boolean over(int second, java.util.function.ToIntFunction<String> said) {
        while (taken.isEmpty() && attempt < tries() && begun + keys.seconds() <= second) {
            attempt++;
            taken = menu.map(one -> keys.menu(one, attempt)).orElseGet(() -> keys.ask(ask.orElseThrow(), attempt));
        }
        boolean done = !taken.isEmpty() || attempt == tries();
        return done && begun + keys.seconds() + (taken.isEmpty() ? 0 : said.applyAsInt(taken)) <= second;
    }

    /// What was taken; nothing where it was given up.
    String taken() {
        return taken;
    }
}
