package app.bittern.paths;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.extension;
import static app.bittern.Plans.group;
import static app.bittern.Plans.menu;
import static app.bittern.Plans.none;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Window;
import app.bittern.callset.CallSet;
import app.bittern.graph.Tangle;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.witness.Step;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.ToIntFunction;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PathsTest {
    static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));
    private static final int MOST = 300;

    /// One instant of each time class of the calendars in random plans.
    static List<LocalDateTime> instants(Paths paths) {
        return paths.classes().timeClasses().stream()
                .map(set -> LocalDateTime.ofInstant(
                        paths.classes().times(set).first().orElseThrow(), HORIZON.zone()))
                .toList();
    }

    private static Map<String, SlowPaths.Found> slow(Plan plan, Paths paths) {
        return new SlowPaths(plan, paths, instants(paths)).of(MAIN);
    }

    static String end(Path path) {
        return switch (path.end()) {
            case Path.End.Rests(Ending ending) when ending.kind() == Ending.Kind.UNMATCHED -> "unmatched";
            case Path.End.Rests(Ending ending)
            when ending.cause().equals(Optional.of(Ending.Lost.ENDLESS)) -> "endless " + ending.in();
            case Path.End.Rests(Ending ending) -> ending.kind() + " " + ending.in() + " " + ending.cause();
            case Path.End.Returns(Ref to) -> "returns " + to;
            case Path.End.GoesRound(Ref at, Tangle.Around how) ->
                (how == Tangle.Around.CHOSEN ? "chosen " : "round ") + at;
        };
    }

    @ParameterizedTest
    @ValueSource(longs = {11, 12, 13, 14})
    void countsTimesAndEndsAreThoseOfASlowObviousEnumeration(long seed) {
        Random random = Seeds.random(seed);
        int compared = 0;
        BigInteger most = BigInteger.ZERO;
        for (int plans = 0; plans < RandomPlans.many(30); plans++) {
            Plan plan = RandomPlans.plan(random);
            Paths paths = Paths.of(plan, HORIZON);
            NumberPaths number = paths.of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            compared++;
            most = most.max(number.count());
            Map<String, SlowPaths.Found> slow = slow(plan, paths);
            assertThat(number.count()).as("plan %d", plans).isEqualTo(BigInteger.valueOf(slow.size()));
            List<Path> listed = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            assertThat(listed.stream()
                            .map(path -> end(path) + " " + path.span().earliest() + "–"
                                    + path.span().last())
                            .sorted()
                            .toList())
                    .as("plan %d", plans)
                    .isEqualTo(slow.values().stream()
                            .map(found -> found.end() + " " + found.earliest() + "–" + found.latest())
                            .sorted()
                            .toList());
            assertThat(number.returns())
                    .isEqualTo(BigInteger.valueOf(slow.values().stream()
                            .filter(found -> found.end().startsWith("returns"))
                            .count()));
            endingsAddUp(number, listed);
        }
        assertThat(compared).isGreaterThan(Seeds.met(RandomPlans.many(10)));
        assertThat(most).isGreaterThan(BigInteger.valueOf(Seeds.met(80)));
    }

    private static void endingsAddUp(NumberPaths number, List<Path> listed) {
        for (CallPaths.Ends ends : number.endings()) {
            List<Span> windows = listed.stream()
                    .filter(path -> path.end() instanceof Path.End.Rests(Ending where)
                            && where.kind() == ends.ending().kind()
                            && where.in().equals(ends.ending().in())
                            && where.cause().equals(ends.ending().cause()))
                    .map(Path::span)
                    .toList();
            assertThat(ends.paths()).isEqualTo(BigInteger.valueOf(windows.size()));
            assertThat(ends.span())
                    .isEqualTo(windows.stream().reduce(Span::union).orElseThrow());
        }
        BigInteger ended =
                number.endings().stream().map(CallPaths.Ends::paths).reduce(BigInteger.ZERO, BigInteger::add);
        assertThat(ended.add(number.returns()).add(number.rounds())).isEqualTo(number.count());
    }

    @Test
    void everyRandomBenchFallsInExactlyOneListedPathInsideItsWindows() {
        Random random = Seeds.random(12);
        int fell = 0;
        int tangled = 0;
        for (int plans = 0; plans < RandomPlans.many(180); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            for (int benches = 0; benches < 20; benches++) {
                Bench bench = RandomBenches.bench(plan, random);
                Trace trace = Tracer.trace(plan, bench);
                LocalDateTime local = LocalDateTime.ofInstant(bench.at(), HORIZON.zone());
                CallSet calls = number.paths().classes().like(0, bench.caller(), local, bench.switches());
                Optional<Walked> walked = Walked.of(number, bench, trace, local);
                String what = plans + " " + bench + " " + trace.ending() + " " + steps(trace);
                if (walked.isEmpty()) {
                    assertThat(number.unmatchedCalls().meets(calls)).as(what).isTrue();
                    continue;
                }
                Path path = walked.get().path(number);
                assertThat(path.calls().meets(calls)).as(what).isTrue();
                assertThat(path.span().contains(walked.get().second()))
                        .as("%s in %s: %s", walked.get().second(), path.span(), what)
                        .isTrue();
                if (path.end() instanceof Path.End.Rests(Ending ending)
                        && !ending.cause().equals(Optional.of(Ending.Lost.ENDLESS))) {
                    assertThat(trace.ending().anybody()).as(what).isEqualTo(ending);
                }
                fell++;
                tangled += path.steps().stream().anyMatch(step -> step.tangle() > 0) ? 1 : 0;
            }
        }
        assertThat(fell).isGreaterThan(Seeds.met(RandomPlans.many(3000)));
        assertThat(tangled).isGreaterThan(Seeds.met(RandomPlans.many(200)));
    }

    private static List<String> steps(Trace trace) {
        return trace.steps().stream()
                .map(step -> step.object() + "#" + step.exit())
                .toList();
    }

    @Test
    void everyListedPathOfRandomPlansHasABenchThatWalksItAtTheEarliestSecond() {
        Random random = Seeds.random(13);
        int all = 0;
        for (int plans = 0; plans < RandomPlans.many(120); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            for (Path path : PathList.of(number, PathFilter.ALL, 0, 60)) {
                all++;
                Trace trace = Tracer.trace(plan, number.bench(path).orElseThrow());
                walks(trace, path);
                if (!(path.end() instanceof Path.End.GoesRound)) {
                    List<Integer> took = took(trace, path);
                    assertThat(took)
                            .as("%s", path)
                            .isEqualTo(windows(path, Window::earliest).subList(0, took.size()));
                }
            }
        }
        assertThat(all).isGreaterThan(Seeds.met(RandomPlans.many(3000)));
    }

    @Test
    void everyListedPathWithALatestSecondHasABenchThatTakesSoLong() {
        Random random = Seeds.random(14);
        int all = 0;
        for (int plans = 0; plans < RandomPlans.many(120); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            for (Path path : PathList.of(number, PathFilter.ALL, 0, 60)) {
                Optional<Bench> bench = number.slowestBench(path);
                assertThat(bench.isPresent())
                        .isEqualTo(path.span().latest().isPresent()
                                && path.steps().stream().allMatch(step -> step.tangle() == 0));
                bench.map(one -> Tracer.trace(plan, one)).ifPresent(trace -> {
                    walks(trace, path);
                    assertThat(took(trace, path)).as("%s", path).isEqualTo(windows(path, Window::latest));
                });
                all += bench.isPresent() ? 1 : 0;
            }
        }
        assertThat(all).isGreaterThan(Seeds.met(RandomPlans.many(2000)));
    }

    /// That a trace leaves the states of a path by its ways out; one that is lost ends within the round.
    static void walks(Trace trace, Path path) {
        int passed = Math.min(trace.steps().size(), path.steps().size());
        assertThat(passed == path.steps().size() || trace.ending().cause().equals(Optional.of(Ending.Lost.ENDLESS)))
                .isTrue();
        for (int index = 0; index < passed; index++) {
            Step step = path.steps().get(index);
            assertThat(trace.steps().get(index).object())
                    .isEqualTo(step.state().at().toString());
            assertThat(step.causes().stream().map(Cause::id))
                    .contains(trace.steps().get(index).exit());
        }
        // Where one phone must do one thing and then another in each round, no list of reactions says so for ever.
        if (path.end() instanceof Path.End.Rests(Ending ending)
                && !ending.cause().equals(Optional.of(Ending.Lost.ENDLESS))) {
            assertThat(trace.ending().kind()).isEqualTo(ending.kind());
        }
    }

    /// How long each step of a trace took, as far as the path goes.
    private static List<Integer> took(Trace trace, Path path) {
        List<Integer> took = new ArrayList<>();
        for (int index = 0; index < Math.min(trace.steps().size(), path.steps().size()); index++) {
            int end = index + 1 < trace.steps().size()
                    ? trace.steps().get(index + 1).second()
                    : trace.second();
            took.add(end - trace.steps().get(index).second());
        }
        return took;
    }

    private static List<Integer> windows(Path path, ToIntFunction<Window> second) {
        return path.steps().stream()
                .map(step -> second.applyAsInt(step.window()))
                .toList();
    }

    @Test
    void aFilteredListHasJustThosePaths() {
        Random random = Seeds.random(14);
        for (int plans = 0; plans < RandomPlans.many(40); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            List<Path> all = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            PathFilter answered = new PathFilter(Optional.of("answered"), none(), none(), none(), none());
            assertThat(PathList.of(number, answered, 0, MOST))
                    .isEqualTo(all.stream()
                            .filter(path -> answered.ends(path.end()))
                            .toList());
            Ref passed = new Ref(app.bittern.plan.Kind.MENU, "m0");
            PathFilter passing = new PathFilter(none(), none(), Optional.of(passed), none(), none());
            // Of a tangle the list shows one way; the filter means any.
            assertThat(plain(PathList.of(number, passing, 0, MOST)))
                    .isEqualTo(plain(all).stream()
                            .filter(path -> path.objects().contains(passed))
                            .toList());
            PathFilter longer = new PathFilter(none(), none(), none(), Optional.of(90), none());
            assertThat(plain(PathList.of(number, longer, 0, MOST)))
                    .isEqualTo(plain(all).stream()
                            .filter(path -> path.span().last() > 90)
                            .toList());
            assertThat(PathList.count(number, longer))
                    .isEqualTo(PathList.of(number, longer, 0, MOST).size());
            assertThat(PathList.of(number, PathFilter.ALL, 3, 2))
                    .isEqualTo(all.stream().skip(3).limit(2).toList());
        }
    }

    private static List<Path> plain(List<Path> paths) {
        return paths.stream()
                .filter(path -> path.steps().stream().allMatch(step -> step.tangle() == 0))
                .toList();
    }

    /// Every plan of two menus with two keys each and any of six places to lead to.
    @Test
    void everySmallPlanIsCountedAsTheSlowEnumerationDoes() {
        String[] places = {"menu/a", "menu/b", "extension/2001", "hang-up", "repeat", "back"};
        int plans = 0;
        for (int code = 0; code < 6 * 6 * 6 * 6; code++) {
            String[] to = {places[code % 6], places[code / 6 % 6], places[code / 36 % 6], places[code / 216 % 6]};
            Plan plan = to(
                    "menu/a",
                    menu("a", true, false, "hang-up", "1", to[0], "2", to[1]),
                    menu("b", false, false, "own-mailbox", "1", to[2], "2", to[3]),
                    extension("2001", none()),
                    prompt("ask", 10),
                    prompt("no-key", 4),
                    prompt("wrong-key", 3));
            Paths paths = Paths.of(plan, HORIZON);
            int slow = slow(plan, paths).size();
            assertThat(paths.of(MAIN).count()).as("%s", List.of(to)).isEqualTo(BigInteger.valueOf(slow));
            plans++;
        }
        assertThat(plans).isEqualTo(1296);
    }

    @Test
    void aTangleIsOneStepOfAPathInAtOneStateAndOutByOneWay() {
        // Three menus, each of which leads to the other two: a tangle of three states, entered at any of them.
        Plan plan = to(
                "menu/top",
                prompt("ask", 10),
                prompt("no-key", 4),
                prompt("wrong-key", 3),
                menu("top", true, false, "hang-up", "1", "menu/a", "2", "menu/b", "3", "menu/c"),
                menu("a", true, false, "hang-up", "1", "menu/b", "2", "menu/c"),
                menu("b", true, false, "hang-up", "1", "menu/a", "2", "menu/c"),
                menu("c", true, false, "hang-up", "1", "menu/a", "2", "menu/b"));
        Paths paths = Paths.of(plan, HORIZON);
        NumberPaths number = paths.of(MAIN);
        // Giving up at the top; then for each of three ways in, giving up at each of three menus, and going round.
        assertThat(number.count()).isEqualTo(BigInteger.valueOf(1 + 3 * (3 + 1)));
        assertThat(number.rounds()).isEqualTo(BigInteger.valueOf(3));
        assertThat(number.returns()).isEqualTo(BigInteger.ZERO);
        List<Path> listed = PathList.of(number, PathFilter.ALL, 0, 100);
        Path across = listed.stream()
                .filter(path -> path.choices(plan).equals(List.of("1", "1")))
                .findFirst()
                .orElseThrow();
        assertThat(across.steps().getLast().tangle()).isEqualTo(3);
        assertThat(across.span().earliest()).as("wrong keys pressed at once").isEqualTo(4);
        assertThat(across.span().latest()).as("the caller may go round first").isEmpty();
        assertThat(slow(plan, paths)).hasSize(13);
    }

    @Test
    void queuesThatOverflowIntoEachOtherGoRoundWithoutAChoice() {
        Plan plan = to(
                "menu/top",
                prompt("ask", 10),
                prompt("no-key", 4),
                prompt("wrong-key", 3),
                menu("top", true, false, "hang-up", "1", "ring-group/a", "2", "ring-group/b"),
                group("a", 20, "ring-group/b", "2001"),
                group("b", 30, "ring-group/a", "2002"),
                extension("2001", none()),
                extension("2002", none()));
        Paths paths = Paths.of(plan, HORIZON);
        List<Path> listed = PathList.of(paths.of(MAIN), PathFilter.ALL, 0, 100);
        assertThat(listed.stream().map(PathsTest::end))
                .contains("round ring-group/a", "round ring-group/b", "endless ring-group/a");
        assertThat(paths.of(MAIN).count())
                .isEqualTo(BigInteger.valueOf(slow(plan, paths).size()));
    }

    @Test
    void twoHundredMenusThatAllOfferEachOtherAreCountedAtOnce() {
        List<PlanObject> objects = new ArrayList<>(List.of(
                prompt("ask", 10),
                prompt("no-key", 4),
                prompt("wrong-key", 3),
                menu("top", true, false, "hang-up", "1", "menu/m0", "2", "menu/m1")));
        for (int menu = 0; menu < 200; menu++) {
            List<String> keys = new ArrayList<>();
            for (int key = 0; key < 10; key++) {
                keys.addAll(List.of(Integer.toString(key), "menu/m" + (menu + 1 + key * 19) % 200));
            }
            objects.add(menu("m" + menu, true, false, "hang-up", keys.toArray(String[]::new)));
        }
        NumberPaths number = Paths.of(to("menu/top", objects.toArray(PlanObject[]::new)), HORIZON)
                .of(MAIN);
        // Both entries dominate nothing: out at any menu by giving up, or going round by choice.
        assertThat(number.count()).isEqualTo(BigInteger.valueOf(1 + 2 * (200 + 1)));
    }
}
