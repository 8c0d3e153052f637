package app.bittern.promise;

import app.bittern.call.Bench;
import app.bittern.call.Carried;
import app.bittern.call.Ending;
import app.bittern.call.State;
import app.bittern.call.Tracer;
import app.bittern.callset.CallSet;
import app.bittern.effect.Effects;
import app.bittern.effect.SetsOff;
import app.bittern.effect.What;
import app.bittern.graph.Tangle;
import app.bittern.graph.Way;
import app.bittern.paths.CallPaths;
import app.bittern.paths.DialledPaths;
import app.bittern.paths.Path;
import app.bittern.paths.PathCourse;
import app.bittern.paths.PathFilter;
import app.bittern.paths.PathList;
import app.bittern.plan.Plan;
import app.bittern.plan.Promise;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.SetOffBy;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiPredicate;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// What breaks a promise among the calls that begin alike.
///
/// A path that comes back by the caller's choice is left out. Any other that comes back, and one that goes round
/// without a choice, has no end, so it breaks what must always end or come somewhere.
///
/// @param calls those of them that the promise is about
record Breaches(Plan plan, Promise promise, CallPaths paths, CallSet calls) {
    /// How many paths are looked through for a call that is silent.
    private static final int TRIED = 200;

    List<Breach> all() {
        List<Breach> all = new ArrayList<>();
        Promise.Holds holds = promise.holds();
        if (holds.ofEnds()) {
            ends(holds).ifPresent(all::add);
        }
        holds.passes()
                .flatMap(ref -> passes(
                        state -> state.at().equals(ref), promise.always() ? "never come to " : "come to ", title(ref)))
                .ifPresent(all::add);
        holds.hears()
                .flatMap(language -> passes(
                        state -> speaks(state, language),
                        promise.always() ? "hear nothing in " : "hear words in ",
                        Locale.forLanguageTag(language).getDisplayLanguage(Locale.ENGLISH)))
                .ifPresent(all::add);
        holds.setsOff().flatMap(this::setOff).ifPresent(all::add);
        holds.silentFor().flatMap(this::silent).ifPresent(all::add);
        return all;
    }

    private PathCourse course() {
        Promise.About about = promise.about();
        return new PathCourse(calls, about.keys(), about.language(), (end, chosen) -> true, Optional.empty(), false);
    }

    private Optional<Breach> ends(Promise.Holds holds) {
        if (!promise.always()) {
            return first(course().ending((end, chosen) -> wanted(end)), Optional.empty())
                    .map(path -> breach(end(path), path, paths.bench(path)));
        }
        Optional<Breach> elsewhere = first(
                        course().ending((end, chosen) -> !leftOut(end, chosen) && !wanted(end)), Optional.empty())
                .map(path -> breach(end(path), path, paths.bench(path)));
        return elsewhere.or(() -> holds.within().flatMap(this::late));
    }

    private Optional<Breach> late(Seconds within) {
        return first(course().ending((end, chosen) -> wanted(end)), Optional.of(within.value()))
                .map(path -> breach(
                        end(path)
                                + path.span().latest().stream()
                                        .mapToObj(second -> " only after " + Seconds.clock((int) second))
                                        .findFirst()
                                        .orElse(" after a time that has no bound"),
                        path,
                        paths.slowestBench(path).or(() -> paths.bench(path))));
    }

    /// Whether an end is one that the promise names.
    private boolean wanted(Path.End end) {
        Promise.Holds holds = promise.holds();
        return end instanceof Path.End.Rests(Ending ending)
                && (holds.ends().isEmpty()
                        ? ending.kind() != Ending.Kind.LOST && ending.kind() != Ending.Kind.UNMATCHED
                        : holds.ends().contains(ending.kind().word()))
                && holds.in().map(ref -> ref.toString().equals(ending.in())).orElse(true);
    }

    /// Whether a path is left out: it comes back, or goes round, as the caller chooses.
    private static boolean leftOut(Path.End end, boolean chosen) {
        return switch (end) {
            case Path.End.Rests rests -> false;
            case Path.End.Returns returns -> chosen;
            case Path.End.GoesRound(Ref at, Tangle.Around how) -> how == Tangle.Around.CHOSEN;
        };
    }

    /// Where calls must always come somewhere, one that never does; where they must never, one that does.
    private Optional<Breach> passes(Predicate<State> there, String says, String where) {
        PathCourse course = course().coming(there, promise.always());
        return first(
                        promise.always() ? course.ending((end, chosen) -> !leftOut(end, chosen)) : course,
                        Optional.empty())
                .map(path -> breach(says + where, path, paths.bench(path)));
    }

    /// Whether something is said to a caller in a state, in a language.
    private boolean speaks(State state, String language) {
        return state.context().language().equals(language)
                && plan.find(state.at()).stream()
                        .flatMap(object -> object.slots().stream())
                        .anyMatch(slot ->
                                slot.role() == Role.SAYS && slot.target().isPresent());
    }

    /// Where calls must always set something off, one that does not; where they must never, one that does.
    private Optional<Breach> setOff(String id) {
        return situations(id).stream()
                .flatMap(one -> (promise.always() ? one.without(id) : one.with(id)).stream())
                .findFirst();
    }

    /// Some of the calls, of which it is known what else decides what they set off.
    ///
    /// @param plan    with its switches turned as they are then
    /// @param carried what the route gives to these calls
    private record Situation(Breaches of, Plan plan, Carried carried, CallSet calls) {
        Optional<Breach> with(String id) {
            return SetsOff.hours(plan, id).stream()
                    .flatMap(hours -> with(id, hours).stream())
                    .findFirst();
        }

        private Optional<Breach> with(String id, Optional<Route.While> hours) {
            CallSet some =
                    hours.map(one -> calls.and(of.paths.paths().calls(one))).orElse(calls);
            BiPredicate<State, Way> there = (state, way) -> way.causes().stream()
                    .flatMap(cause -> SetsOff.leaving(plan, state, cause, way.window(some), carried).stream())
                    .anyMatch(one -> one.what().is(id) && one.holdsWhile().equals(hours));
            return of.first(of.course().among(some).leaving(there, false), Optional.empty())
                    .map(path ->
                            of.breach(of.does(id, true), path, of.confirmed(path, bench -> of.setsOff(bench, id))));
        }

        Optional<Breach> without(String id) {
            Map<List<Optional<Route.While>>, CallSet> regions = new LinkedHashMap<>(Map.of(List.of(), calls));
            for (Optional<Route.While> hours : SetsOff.hours(plan, id)) {
                CallSet then = hours.map(one -> of.paths.paths().calls(one)).orElse(calls);
                Map<List<Optional<Route.While>>, CallSet> finer = new LinkedHashMap<>();
                regions.forEach((held, some) -> {
                    finer.put(Stream.concat(held.stream(), Stream.of(hours)).toList(), some.and(then));
                    finer.put(held, some.minus(then));
                });
                regions = finer;
            }
            return regions.entrySet().stream()
                    .filter(region -> !region.getValue().isEmpty())
                    .flatMap(region -> without(id, region.getKey(), region.getValue()).stream())
                    .findFirst();
        }

        /// A path of some calls that does not set something off in the hours in which all of them are made.
        private Optional<Breach> without(String id, List<Optional<Route.While>> held, CallSet some) {
            BiPredicate<State, Way> certain = (state, way) -> way.causes().stream()
                    .allMatch(cause -> SetsOff.leaving(plan, state, cause, way.window(some), carried).stream()
                            .anyMatch(one -> one.certain() && one.what().is(id) && held.contains(one.holdsWhile())));
            return of.first(
                            of.course()
                                    .among(some)
                                    .leaving(certain, true)
                                    .ending((end, chosen) -> !leftOut(end, chosen)),
                            Optional.empty())
                    .map(path ->
                            of.breach(of.does(id, false), path, of.confirmed(path, bench -> !of.setsOff(bench, id))));
        }
    }

    /// The calls by the positions of the switches that decide, and where it is asked for recording by their routes.
    private List<Situation> situations(String id) {
        List<Situation> all = id.equals(What.Recorded.ID)
                ? paths.taken().stream()
                        .map(taken -> new Situation(
                                this,
                                plan,
                                taken.route()
                                        .map(route -> new Carried(route.dress()))
                                        .orElse(Carried.NOTHING),
                                calls.and(taken.calls())))
                        .toList()
                : List.of(new Situation(this, plan, Carried.NOTHING, calls));
        for (Ref ref : SetOffBy.switches(plan, id)) {
            Optional<Switch> turned = plan.find(ref, Switch.class);
            if (turned.isPresent()) {
                all = all.stream()
                        .flatMap(one -> turned.get().positions().stream()
                                .map(position -> new Situation(
                                        this,
                                        one.plan().with(turned.get().turned(position)),
                                        one.carried(),
                                        one.calls().and(paths.paths().calls(ref, position)))))
                        .toList();
            }
        }
        return all.stream().filter(one -> !one.calls().isEmpty()).toList();
    }

    /// Whether a call sets something off, which may be held back for other reasons than the plan's.
    private boolean setsOff(Bench bench, String id) {
        return Effects.of(plan, bench, Tracer.trace(plan, bench)).stream()
                .anyMatch(effect -> effect.heldBack().isEmpty() && effect.what().is(id));
    }

    /// A call along a path that does what it is to show: as quickly as it can, else as slowly.
    private Optional<Bench> confirmed(Path path, Predicate<Bench> shows) {
        return Stream.of(paths.bench(path), paths.slowestBench(path))
                .flatMap(Optional::stream)
                .filter(shows)
                .findFirst();
    }

    private String does(String id, boolean happens) {
        if (id.equals(What.Recorded.ID)) {
            return happens ? "are recorded" : "are not recorded";
        }
        return (happens ? "set off " : "do not set off ") + named(id);
    }

    private String named(String id) {
        return id.contains(" ") ? id : title(id);
    }

    private Optional<Breach> silent(Seconds most) {
        var longest = paths.longestQuiet(calls);
        if (longest.isPresent() && longest.getAsLong() <= most.value()) {
            return Optional.empty();
        }
        String says = longest.isPresent()
                ? "leave callers silent for " + new Seconds((int) longest.getAsLong()).said()
                : "leave callers silent without an end";
        return Optional.of(breach(says, paths.when(calls), silentCall(most)));
    }

    /// A call in which it is silent for longer, among the first paths on which it can be.
    private Optional<Bench> silentCall(Seconds most) {
        return PathList.of(paths, PathFilter.of(course(), Optional.of(most.value())), 0, TRIED).stream()
                .flatMap(path ->
                        confirmed(path, bench -> Tracer.trace(plan, bench).longestSilence() > most.value()).stream())
                .findFirst();
    }

    private Optional<Path> first(PathCourse course, Optional<Integer> longer) {
        return PathList.of(paths, PathFilter.of(course, longer), 0, 1).stream().findFirst();
    }

    private Breach breach(String says, Path path, Optional<Bench> witness) {
        return breach(says, paths.when(path.calls()), witness.or(() -> unmatched(path)));
    }

    private Breach breach(String says, String when, Optional<Bench> witness) {
        String dialling = paths instanceof DialledPaths dialled ? "dialling " + dialled.digits() + " " : "";
        return new Breach(paths.subject(), dialling + says, when, witness);
    }

    private Optional<Bench> unmatched(Path path) {
        return path.steps().isEmpty() ? paths.unmatchedCall() : Optional.empty();
    }

    private String end(Path path) {
        return switch (path.end()) {
            case Path.End.Rests(Ending ending) ->
                "end " + ending.kind().word().replace('-', ' ') + " in " + title(ending.in());
            case Path.End.Returns(Ref to) -> "come back to " + title(to) + " by nobody's choice";
            case Path.End.GoesRound(Ref at, Tangle.Around how) -> "go round at " + title(at) + " by nobody's choice";
        };
    }

    private String title(String place) {
        return Ref.parse(place).map(this::title).orElse(place);
    }

    private String title(Ref ref) {
        return plan.title(ref);
    }
}
