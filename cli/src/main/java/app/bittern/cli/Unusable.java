package app.bittern.cli;

import java.util.List;

/// A file or an argument that cannot be used.
final class Unusable extends RuntimeException {
    private static final long serialVersionUID = 1;

    private final transient List<String> says;

    Unusable(List<String> says) {
        super(String.join("\n", says));
        this.says = List.copyOf(says);
    }

    /// What was found, where, and what is allowed, a sentence for each.
    List<String> says() {
        return says;
    }
}
