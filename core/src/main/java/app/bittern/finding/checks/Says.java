package app.bittern.finding.checks;

import app.bittern.finding.Told;
import app.bittern.plan.Count;
import app.bittern.plan.PlanObject;
import java.util.List;
import java.util.Locale;

/// Words that findings share.
final class Says {
    private Says() {}

    /// `Queue Bookings`.
    static String the(PlanObject object) {
        String title = object.ref().kind().title() + " " + object.title();
        return title.substring(0, 1).toUpperCase(Locale.ROOT) + title.substring(1);
    }

    /// `1 caller`, `2 callers`.
    static String count(long many, String what) {
        return Count.of(many, what);
    }

    /// `a, b and c`, the first few of them.
    static String some(List<String> all) {
        return Told.some(all);
    }
}
