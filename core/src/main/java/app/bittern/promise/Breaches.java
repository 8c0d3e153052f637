package app.bittern.promise;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.State;
import app.bittern.callset.CallSet;
import app.bittern.effect.SetsOff;
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
/// without
/// a choice, has no end, so it breaks what must always end or come somewhere.
///
/// @param calls those of them that the promise is about
record Breaches(Plan plan, Promise promise, CallPaths paths, CallSet calls) {
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
        if (!promise.always()) {
            return SetsOff.hours(plan, id).stream()
                    .flatMap(hours -> setOff(id, hours).stream())
                    .findFirst();
        }
        Map<List<Optional<Route.While>>, CallSet> regions = new LinkedHashMap<>(Map.of(List.of(), calls));
        for (Optional<Route.While> hours : SetsOff.hours(plan, id)) {
            CallSet then = hours.map(one -> paths.paths().calls(one)).orElse(calls);
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
                .allMatch(cause -> SetsOff.leaving(plan, state, cause, way.window(some)).stream()
                        .anyMatch(one -> one.certain() && one.what().is(id) && held.contains(one.holdsWhile())));
        return first(
                        course().among(some).leaving(certain, true).ending((end, chosen) -> !leftOut(end, chosen)),
                        Optional.empty())
                .map(path -> breach("do not set off " + named(id), path, paths.bench(path)));
    }

    private Optional<Breach> setOff(String id, Optional<Route.While> hours) {
        CallSet some = hours.map(one -> calls.and(paths.paths().calls(one))).orElse(calls);
        BiPredicate<State, Way> there = (state, way) -> way.causes().stream()
                .flatMap(cause -> SetsOff.leaving(plan, state, cause, way.window(some)).stream())
                .anyMatch(one -> one.what().is(id) && one.holdsWhile().equals(hours));
        return first(course().among(some).leaving(there, false), Optional.empty())
                .map(path -> breach("set off " + named(id), path, paths.bench(path)));
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
        return Optional.of(breach(says, paths.when(calls), Optional.empty()));
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
