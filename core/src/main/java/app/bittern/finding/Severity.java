package app.bittern.finding;

import java.util.Locale;

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
}
