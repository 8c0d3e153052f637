package app.bittern.formats;

import app.bittern.plan.Problem;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// Collects what is wrong while reading goes on.
final class Problems {
    /// How many are told; and as a file may have millions, how many are kept to tell the first of them.
    static final int TOLD = 200;

    private static final int KEPT = 20_000;

    private final List<Problem> all = new ArrayList<>();
    private int count;

    void add(Node.Place place, String where, String found, String allowed) {
        count++;
        if (all.size() < KEPT) {
            all.add(new Problem(place.line(), place.column(), where, found, allowed));
        }
    }

    void add(Node node, String where, String allowed) {
        add(node.place(), where, node.found(), allowed);
    }

    boolean none() {
        return all.isEmpty();
    }

    /// The first of them by line and column, and how many more there are.
    List<Problem> inOrder() {
        List<Problem> told = new ArrayList<>(all.stream()
                .sorted(Comparator.comparingInt(Problem::line).thenComparingInt(Problem::column))
                .limit(TOLD)
                .toList());
        if (count > told.size()) {
            Problem last = told.getLast();
            told.add(new Problem(
                    last.line(),
                    last.column(),
                    "",
                    (count - told.size()) + " more problems like these",
                    "a plan without any; these " + TOLD + " are the first"));
        }
        return List.copyOf(told);
    }
}
