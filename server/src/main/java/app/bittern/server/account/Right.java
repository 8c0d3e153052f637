package app.bittern.server.account;

import java.util.Arrays;
import java.util.Optional;

/// What an account or a machine may do at a site, such as `CUT_OVER`; whoever may do anything may look.
public enum Right {
    LOOK("look"),
    CHANGE("change"),
    CUT_OVER("cut-over"),
    MANAGE("manage");

    private final String word;

    Right(String word) {
        this.word = word;
    }

    /// As it is written: `cut-over`.
    public String word() {
        return word;
    }

    static Optional<Right> parse(String word) {
        return Arrays.stream(values()).filter(one -> one.word.equals(word)).findFirst();
    }
}
