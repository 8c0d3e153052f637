package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Menu;

/// When something that asks a caller several times is answered, or given up.
///
/// With *P* the prompt, *W* the wait for a key, *N* the tries, *S* said on no key, *B* said on a wrong key, *p* the
/// earliest a key counts in a try.
///
/// @param least   how soon a try that is not the last can be over
/// @param most    how long one can take
/// @param prompt  P in seconds
/// @param keyWait W in seconds
/// @param first   p in seconds
/// @param tries   N
record Tries(int least, int most, int prompt, int keyWait, int first, int tries) {
    /// Those of a menu.
    ///
    /// @param further how long a wrong number can go on after its first digit, in seconds: (n−1)·I where
    ///                extensions are dialled and the longest has n digits; else 0
    /// @param wrong   whether a key can be wrong
    static Tries of(Menu menu, Scene scene, int further, boolean wrong) {
        int prompt = scene.length(menu.prompts());
        int wait = menu.keyWait().value();
        int first = menu.bargeIn() ? 0 : prompt;
        int silent = prompt + wait + scene.length(menu.noKey().prompt());
        int said = scene.length(menu.wrongKey().prompt());
        return new Tries(
                wrong ? Math.min(silent, first + said) : silent,
                wrong ? Math.max(silent, prompt + wait + further + said) : silent,
                prompt,
                wait,
                first,
                menu.tries());
    }

    /// Those of an ask of F digits at least: a try fails by silence, or by too few digits where F is above 1.
    static Tries of(Ask ask, Scene scene) {
        int prompt = scene.length(ask.prompts());
        int wait = ask.keyWait().value();
        int silent = prompt + wait + scene.length(ask.noKey().prompt());
        int said = scene.length(ask.wrongKey().prompt());
        boolean few = ask.fewest() > 1;
        return new Tries(
                few ? Math.min(silent, wait + said) : silent,
                few ? Math.max(silent, prompt + ask.fewest() * wait + said) : silent,
                prompt,
                wait,
                0,
                ask.tries());
    }

    private int soonest() {
        return (tries - 1) * least;
    }

    private int longest() {
        return (tries - 1) * most;
    }

    /// A key in any try.
    Window keyed() {
        return new Window(first, longest() + prompt + keyWait);
    }

    /// A key in any try with more digits after it.
    Window keyed(int further) {
        return new Window(first, longest() + prompt + keyWait + further);
    }

    /// Silence in the last try.
    Window silent() {
        return new Window(soonest() + prompt + keyWait, longest() + prompt + keyWait);
    }

    /// A wrong key in the last try, or the beginning of a number that is none.
    Window wrong(int further) {
        return new Window(soonest() + first, longest() + prompt + keyWait + further);
    }

    /// An entry of so many digits, of so many at most.
    Window entered(int digits, int most) {
        return new Window(digits == most ? 0 : keyWait, longest() + prompt + Math.min(digits + 1, most) * keyWait);
    }

    /// Too few digits in the last try.
    Window tooFew(int fewest) {
        return new Window(soonest() + keyWait, longest() + prompt + fewest * keyWait);
    }
}
