package app.bittern.finding.checks;

import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.util.Optional;
import java.util.stream.Stream;

/// The existing object whose key is most like a missing one's.
final class Nearest {
    private static final int MOST = 3;

    private Nearest() {}

    /// The nearest of the same kind, at most three letters away. Source of the distance: V. Levenshtein, 1966.
    static Optional<Ref> of(Plan plan, Ref missing) {
        return of(
                        missing.key(),
                        plan.objects().stream()
                                .map(PlanObject::ref)
                                .filter(ref -> ref.kind() == missing.kind())
                                .map(Ref::key))
                .map(key -> new Ref(missing.kind(), key));
    }

    /// The nearest of some names, at most three letters away; the first of them where several are as near.
    static Optional<String> of(String missing, Stream<String> names) {
        Optional<String> nearest = Optional.empty();
        int least = MOST + 1;
        for (String name : (Iterable<String>) names::iterator) {
            if (Math.abs(name.length() - missing.length()) < least) {
                int distance = distance(name, missing);
                if (distance < least) {
                    least = distance;
                    nearest = Optional.of(name);
                }
            }
        }
        return nearest;
    }

    private static int distance(String one, String other) {
        int[] row = new int[other.length() + 1];
        for (int at = 0; at <= other.length(); at++) {
            row[at] = at;
        }
        for (int i = 1; i <= one.length(); i++) {
            int corner = row[0];
            row[0] = i;
            for (int j = 1; j <= other.length(); j++) {
                int replaced = corner + (one.charAt(i - 1) == other.charAt(j - 1) ? 0 : 1);
                corner = row[j];
                row[j] = Math.min(replaced, Math.min(row[j], row[j - 1]) + 1);
            }
        }
        return row[other.length()];
    }
}
