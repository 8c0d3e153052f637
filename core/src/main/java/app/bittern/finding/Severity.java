package app.bittern.finding;

import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// How bad a finding is.
public enum Severity {
    /// Some call is lost, or the plan cannot run.
    BLOCKING,
    /// Hardly meant.
    WARNING,
    /// Tidier otherwise.
    HINT;

    public String word() {
        return name().toLowerCase(Locale.ROOT);
    }

    /// The severity of that word.
    public static Optional<Severity> ofWord(String word) {
        return List.of(values()).stream()
                .filter(severity -> severity.word().equals(word))
                .findFirst();
    }
}
