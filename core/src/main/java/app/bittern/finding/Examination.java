package app.bittern.finding;

import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.hours.TimeClasses;
import app.bittern.hours.TimeSet;
import app.bittern.paths.Paths;
import app.bittern.paths.Reachable;
import app.bittern.paths.RouteTakes;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.promise.Kept;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;

/// A plan while it is examined, with what several checks need, computed once and only if one asks; several
/// threads may ask.
public final class Examination {
    private final Plan plan;
    private final Horizon horizon;
    private final Wanted wanted;
    private final Supplier<Map<Ref, LocalDate>> off;
    private Optional<Map<Ref, LocalDate>> offSince = Optional.empty();
    private Optional<Paths> paths = Optional.empty();
    private Optional<Reachable> reached = Optional.empty();
    private Optional<Reachable> dialled = Optional.empty();
    private Optional<RouteTakes> takes = Optional.empty();
    private Optional<List<Reachable.Around>> rounds = Optional.empty();
    private Optional<List<Kept>> promises = Optional.empty();
    private final Map<Ref, Set<String>> never = new HashMap<>();

    public Examination(Plan plan, Horizon horizon) {
        this(plan, horizon, Wanted.ALWAYS);
    }

    /// One that may end, with nothing known of what was before.
    public Examination(Plan plan, Horizon horizon, Wanted wanted) {
        this(plan, horizon, wanted, Map::of);
    }

    /// An examination that ends where it is not wanted any more: what is asked of it then throws
    /// [java.util.concurrent.CancellationException], as does each check.
    ///
    /// @param off since when objects are off, as far as somebody knows; asked only where some are
    public Examination(Plan plan, Horizon horizon, Wanted wanted, Supplier<Map<Ref, LocalDate>> off) {
        this.plan = plan;
        this.off = off;
        this.horizon = horizon;
        this.wanted = wanted;
    }

    public Plan plan() {
        return plan;
    }

    public Horizon horizon() {
        return horizon;
    }

    Wanted wanted() {
        return wanted;
    }

    /// Every path.
    public synchronized Paths paths() {
        Paths all = paths.orElseGet(() -> Paths.of(plan, horizon, wanted));
        paths = Optional.of(all);
        return all;
    }

    /// What calls come to.
    public synchronized Reachable reached() {
        Reachable all = reached.orElseGet(() -> Reachable.of(paths()));
        reached = Optional.of(all);
        return all;
    }

    /// What calls of phones of the site come to, as far as no call from outside does.
    public synchronized Reachable dialled() {
        Reachable all = dialled.orElseGet(() -> reached().dialled());
        dialled = Optional.of(all);
        return all;
    }

    /// What calls come to, those from outside first.
    public List<Reachable> everywhere() {
        return List.of(reached(), dialled());
    }

    /// Each round that nobody chooses, those of calls from outside first; of those of calls inside the ones that no
    /// call from outside comes to.
    public synchronized List<Reachable.Around> rounds() {
        List<Reachable.Around> all = rounds.orElseGet(this::found);
        rounds = Optional.of(all);
        return all;
    }

    private List<Reachable.Around> found() {
        List<Reachable.Around> outside = reached().rounds();
        List<Reachable.Around> all = new ArrayList<>(outside);
        dialled().rounds().stream()
                .filter(inside -> outside.stream()
                        .noneMatch(one -> one.endless() == inside.endless()
                                && one.passed().stream().anyMatch(inside.passed()::contains)))
                .forEach(all::add);
        return all;
    }

    /// Which routes take any call.
    public synchronized RouteTakes takes() {
        RouteTakes all = takes.orElseGet(() -> RouteTakes.of(paths()));
        takes = Optional.of(all);
        return all;
    }

    /// What became of each promise.
    public synchronized List<Kept> promises() {
        List<Kept> all = promises.orElseGet(() -> Kept.all(plan, horizon, this::paths, wanted));
        promises = Optional.of(all);
        return all;
    }

    /// Since when an object is off, at least, where somebody knows.
    public synchronized Optional<LocalDate> offSince(Ref ref) {
        Map<Ref, LocalDate> all = offSince.orElseGet(off);
        offSince = Optional.of(all);
        return Optional.ofNullable(all.get(ref));
    }

    /// The states of hours that hold at no time in the coming year, in their order.
    public synchronized Set<String> never(Hours hours) {
        return never.computeIfAbsent(hours.ref(), ref -> {
            Set<String> states = new LinkedHashSet<>(hours.calendar().names());
            TimeClasses.of(List.of(hours.at(plan.site())), horizon)
                    .forEach(time -> time.states().forEach(states::remove));
            return states;
        });
    }

    /// When hours are in a state; always where none are asked, never where they, or the state, are not there.
    public TimeSet holds(Optional<Route.While> asked) {
        if (asked.isEmpty()) {
            return TimeSet.always(horizon);
        }
        return plan.find(asked.get().hours(), Hours.class).stream()
                .flatMap(hours -> TimeClasses.of(List.of(hours.at(plan.site())), horizon).stream())
                .filter(time -> time.states().equals(List.of(asked.get().state())))
                .map(TimeClasses.TimeClass::times)
                .reduce(TimeSet.never(horizon), TimeSet::union);
    }

    /// The places that refer to an object.
    public List<Plan.Use> uses(Ref ref) {
        return plan.uses(ref);
    }
}
