package app.bittern.server.account;

import app.bittern.server.Refusal;
import com.nulabinc.zxcvbn.Zxcvbn;
import java.util.List;
import java.util.Locale;
import org.springframework.stereotype.Component;

/// Which passwords are taken: long ones that are on no list of common ones and not made of them.
@Component
class Passwords {
    static final int SHORTEST = 12;

    /// A hash takes no more (bcrypt), in bytes of UTF-8.
    static final int LONGEST = 72;

    /// With fewer guesses it is found by one who tries what people use most (Wheeler 2016): 10 to this power.
    private static final double GUESSES = 8;

    private final Zxcvbn lists = new Zxcvbn();

    /// @param name of the account, which a password is not to hold
    /// @throws Refusal where it is not taken; it is not said back
    void check(String name, String password) {
        if (password.codePointCount(0, password.length()) < SHORTEST) {
            throw Refusal.unusable("password: allowed are " + SHORTEST + " characters or more.");
        }
        if (password.getBytes(java.nio.charset.StandardCharsets.UTF_8).length > LONGEST) {
            throw Refusal.unusable(
                    "password: allowed are " + LONGEST + " bytes at most; letters beyond a to z take two.");
        }
        boolean holdsName =
                !name.isEmpty() && password.toLowerCase(Locale.ROOT).contains(name.toLowerCase(Locale.ROOT));
        if (holdsName || lists.measure(password, List.of(name, "bittern")).getGuessesLog10() < GUESSES) {
            throw Refusal.unusable("password: this one is too common, or made of common ones or of your name. Allowed"
                    + " is any other, such as four words that have nothing to do with each other.");
        }
    }
}
