package app.bittern.graph;

import app.bittern.call.Cause;
import app.bittern.call.Window;
import app.bittern.callset.CallSet;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;

/// A way on from a state: to another, or to an ending.
///
/// @param causes   what makes it happen; one where a caller chose it, but for digits that lead to the same
/// @param choice   whether a caller chose it
/// @param earliest seconds from entering the state
/// @param latest   seconds from entering the state
/// @param calls    for which calls it is possible
/// @param apart    where not all of them have the same window, each window with its calls; else empty
/// @param target   the state it leads to; -1 where it ends
/// @param ending   where it ends; -1 where it goes on
public record Way(
        List<Cause> causes,
        boolean choice,
        int earliest,
        int latest,
        CallSet calls,
        List<Timed> apart,
        int target,
        int ending) {
    /// When some of the calls take it.
    public record Timed(CallSet calls, int earliest, int latest) {
        private boolean alike(Timed other) {
            return earliest == other.earliest && latest == other.latest;
        }
    }

    public Way {
        causes = List.copyOf(causes);
        apart = List.copyOf(apart);
    }

    static Way of(Cause cause, Window window, CallSet calls, int target, int ending) {
        return new Way(
                List.of(cause),
                cause.callersChoice(),
                window.earliest(),
                window.latest(),
                calls,
                List.of(),
                target,
                ending);
    }

    /// Each window with its calls: sets that share no call, and together are all that take it.
    public List<Timed> timed() {
        return apart.isEmpty() ? List.of(new Timed(calls, earliest, latest)) : apart;
    }

    /// The window of some calls: that of all of them where none takes it.
    public Window window(CallSet some) {
        return apart.isEmpty()
                ? new Window(earliest, latest)
                : apart.stream()
                        .filter(one -> one.calls().meets(some))
                        .map(one -> new Window(one.earliest(), one.latest()))
                        .reduce(Window::union)
                        .orElseGet(() -> new Window(earliest, latest));
    }

    /// The calls that can take it in no time.
    CallSet atOnce() {
        return some(one -> one.earliest == 0);
    }

    /// The calls of which some take a second over it.
    CallSet taking() {
        return some(one -> one.latest > 0);
    }

    /// The calls of which some take a second over it, or whose caller has chosen it.
    CallSet counting() {
        return choice ? calls : taking();
    }

    private CallSet some(Predicate<Timed> which) {
        CallSet some = calls.minus(calls);
        for (Timed one : timed()) {
            some = which.test(one) ? some.or(one.calls) : some;
        }
        return some;
    }

    /// All that lead to the same place as one, in their order; two by two, as there may be thousands.
    static Way of(List<Way> ways) {
        List<Way> some = ways;
        while (some.size() > 1) {
            List<Way> fewer = new ArrayList<>();
            for (int index = 0; index < some.size(); index += 2) {
                fewer.add(index + 1 < some.size() ? some.get(index).with(some.get(index + 1)) : some.get(index));
            }
            some = fewer;
        }
        return some.getFirst();
    }

    /// This and another to the same place as one; calls that have both have the window of both.
    Way with(Way other) {
        Set<Cause> all = new LinkedHashSet<>(causes);
        all.addAll(other.causes);
        return new Way(
                List.copyOf(all),
                choice,
                Math.min(earliest, other.earliest),
                Math.max(latest, other.latest),
                calls.or(other.calls),
                together(other),
                target,
                ending);
    }

    private List<Timed> together(Way other) {
        if (apart.isEmpty() && other.apart.isEmpty() && calls == other.calls) {
            return List.of();
        }
        List<Timed> pieces = new ArrayList<>();
        for (Timed one : timed()) {
            for (Timed two : other.timed()) {
                add(
                        pieces,
                        new Timed(
                                one.calls.and(two.calls),
                                Math.min(one.earliest, two.earliest),
                                Math.max(one.latest, two.latest)));
            }
            add(pieces, new Timed(one.calls.minus(other.calls), one.earliest, one.latest));
        }
        for (Timed two : other.timed()) {
            add(pieces, new Timed(two.calls.minus(calls), two.earliest, two.latest));
        }
        return pieces.size() == 1 ? List.of() : pieces;
    }

    private static void add(List<Timed> pieces, Timed more) {
        if (more.calls.isEmpty()) {
            return;
        }
        for (int index = 0; index < pieces.size(); index++) {
            if (pieces.get(index).alike(more)) {
                pieces.set(index, new Timed(pieces.get(index).calls.or(more.calls), more.earliest, more.latest));
                return;
            }
        }
        pieces.add(more);
    }

    /// Whether a second may pass, or a caller has chosen it.
    public boolean timeOrChoice() {
        return choice || latest > 0;
    }
}
