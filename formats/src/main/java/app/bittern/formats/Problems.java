package app.bittern.formats;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/// Collects what is wrong while reading goes on.
final class Problems {
    private final List<Problem> all = new ArrayList<>();

    void add(Node.Place place, String where, String found, String allowed) {
        all.add(new Problem(place.line(), place.column(), where, found, allowed));
    }

    void add(Node node, String where, String allowed) {
        add(node.place(), where, node.found(), allowed);
    }

    boolean none() {
        return all.isEmpty();
    }

    List<Problem> inOrder() {
        return all.stream()
                .sorted(Comparator.comparingInt(Problem::line).thenComparingInt(Problem::column))
                .toList();
    }
}
