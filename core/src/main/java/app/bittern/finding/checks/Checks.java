package app.bittern.finding.checks;

import app.bittern.finding.Check;
import java.util.List;

/// The list of checks; a new one is a line here.
public final class Checks {
    public static final List<Check> ALL = List.of(new Hole());

    private Checks() {}
}
