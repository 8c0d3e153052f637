package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.plan.Signs;
import app.bittern.server.Refusal;

/// Names that people give themselves and their machines.
final class Named {
    private static final int LONGEST = 60;

    /// What stands before the name of a machine, so that nobody is taken for one.
    static final String MACHINE = "machine ";

    private Named() {}

    /// A name of an account or of a machine, without blanks around it.
    ///
    /// @throws Refusal where nobody could tell it from another, or read it
    static String given(String name) {
        String given = name.strip();
        boolean readable = Signs.unfit(given) < 0 && given.lines().count() == 1 && given.indexOf('\t') < 0;
        if (!readable || given.length() > LONGEST || given.startsWith(MACHINE)) {
            throw Refusal.unusable("name: found '" + Problem.shown(given) + "'; allowed is one line of 1 to " + LONGEST
                    + " characters, without control characters and such as turn the direction of writing, which does"
                    + " not begin with '" + MACHINE.strip() + " '.");
        }
        return given;
    }
}
