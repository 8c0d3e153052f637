package app.bittern.plan;

import app.bittern.number.E164;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// The routes of a plan by the numbers that they are for, gathered once for a plan.
///
/// Cost of [#called(Optional)]: the routes that are for the number, the digits of the number, and the ranges
/// that begin at or before it.
public final class RouteIndex {
    private static final int LONGEST = 15;

    private final Map<String, List<Entry>> exact = new HashMap<>();
    private final Map<String, List<Entry>> prefixes = new HashMap<>();
    private final List<Entry> ranges = new ArrayList<>();
    private final List<Entry> any = new ArrayList<>();
    private final List<Route> all;
    private final Map<Ref, List<Route>> before = new HashMap<>();

    /// A route and its place among all.
    private record Entry(int place, Route route) {}

    private RouteIndex(List<Route> routes) {
        this.all = routes;
        routes.forEach(route -> RouteOrder.named(route)
                .forEach(named ->
                        before.computeIfAbsent(named, ref -> new ArrayList<>()).add(route)));
        for (int place = 0; place < routes.size(); place++) {
            Entry entry = new Entry(place, routes.get(place));
            switch (entry.route().called()) {
                case Route.Called.Exact(E164 number) ->
                    exact.computeIfAbsent(number.text(), text -> new ArrayList<>())
                            .add(entry);
                case Route.Called.Prefix(String digits) ->
                    prefixes.computeIfAbsent(digits, text -> new ArrayList<>()).add(entry);
                case Route.Called.Range range -> ranges.add(entry);
                case Route.Called.Any all -> any.add(entry);
            }
        }
    }

    static RouteIndex of(Plan plan) {
        return new RouteIndex(plan.all(Route.class).toList());
    }

    /// The routes that stand before one by its name, which is passed over where one of these holds too.
    public List<Route> before(Route route) {
        return before.getOrDefault(route.ref(), List.of());
    }

    /// Those of them that are enabled and for a called number.
    public List<Route> before(Route route, Optional<E164> called) {
        return before(route).stream()
                .filter(other -> other.enabled()
                        && (other.called() instanceof Route.Called.Any
                                || called.filter(other.called()::takes).isPresent()))
                .toList();
    }

    /// The routes that are for a called number, in the order of the plan, also those that are not enabled.
    ///
    /// @param called absent where what arrived means no number; then those that are for any
    public List<Route> called(Optional<E164> called) {
        List<Entry> found = new ArrayList<>(any);
        called.ifPresent(number -> gather(number, found));
        found.sort(Comparator.comparingInt(Entry::place));
        return found.stream().map(Entry::route).toList();
    }

    private void gather(E164 number, List<Entry> found) {
        found.addAll(exact.getOrDefault(number.text(), List.of()));
        if (!prefixes.isEmpty()) {
            for (int end = 1; end <= number.text().length(); end++) {
                found.addAll(prefixes.getOrDefault(number.text().substring(0, end), List.of()));
            }
        }
        for (Entry range : ranges) {
            if (range.route().called().takes(number)) {
                found.add(range);
            }
        }
    }

    /// Called numbers of which every possible one is like one: the same routes are for both.
    ///
    /// What a route is for is an interval among the numbers of one length, so a number from each stretch
    /// between the ends of these intervals is enough; for prefixes, of each length that a route names, and of
    /// one that none does.
    public List<E164> samples() {
        // Of the numbers that no route names, one that is kept for fiction, as it may be shown.
        Set<String> samples = new LinkedHashSet<>(Set.of("447700900999"));
        for (int length : lengths()) {
            TreeSet<String> begins = new TreeSet<>();
            begins.add("1" + "0".repeat(length - 1));
            for (Route route : all) {
                ends(route.called(), length).ifPresent(ends -> {
                    begins.add(ends.first());
                    next(ends.last()).ifPresent(begins::add);
                });
            }
            samples.addAll(begins);
        }
        return samples.stream()
                .flatMap(digits -> E164.parse("+" + digits).stream())
                .toList();
    }

    private Set<Integer> lengths() {
        Set<Integer> named = new TreeSet<>();
        int longest = 6;
        for (Route route : all) {
            switch (route.called()) {
                case Route.Called.Exact(E164 number) -> named.add(number.text().length() - 1);
                case Route.Called.Range(E164 from, E164 to) ->
                    named.add(from.text().length() - 1);
                case Route.Called.Prefix(String digits) -> longest = Math.max(longest, digits.length() - 1);
                case Route.Called.Any any -> {}
            }
        }
        for (int other = Math.max(longest, 12); other <= LONGEST; other++) {
            if (named.add(other)) {
                return named;
            }
        }
        for (int other = longest; other < LONGEST; other++) {
            if (named.add(other)) {
                return named;
            }
        }
        return named;
    }

    /// The first and the last number of a length that a route is for, without their plus signs.
    private record Ends(String first, String last) {}

    private static Optional<Ends> ends(Route.Called called, int length) {
        return switch (called) {
            case Route.Called.Exact(E164 number) -> ends(number.text(), number.text(), length);
            case Route.Called.Range(E164 from, E164 to) -> ends(from.text(), to.text(), length);
            case Route.Called.Prefix(String digits) ->
                digits.length() - 1 > length
                        ? Optional.empty()
                        : ends(
                                digits + "0".repeat(length + 1 - digits.length()),
                                digits + "9".repeat(length + 1 - digits.length()),
                                length);
            case Route.Called.Any any -> Optional.empty();
        };
    }

    private static Optional<Ends> ends(String from, String to, int length) {
        return from.length() - 1 == length
                ? Optional.of(new Ends(from.substring(1), to.substring(1)))
                : Optional.empty();
    }

    /// The number after one, of the same length.
    private static Optional<String> next(String digits) {
        String more = String.valueOf(Long.parseLong(digits) + 1);
        return more.length() > digits.length()
                ? Optional.empty()
                : Optional.of("0".repeat(digits.length() - more.length()) + more);
    }
}
