package app.bittern.paths;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.extension;
import static app.bittern.Plans.group;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.menu;
import static app.bittern.Plans.none;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Window;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class PathsTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));
    private static final int MOST = 4000;

    /// One instant of each time class of the calendars in random plans.
    private static List<LocalDateTime> instants(Paths paths) {
        List<LocalDateTime> instants = new ArrayList<>();
        CallClasses classes = paths.classes();
        ClassSets sets = classes.sets();
        int level = sets.levels() - 1;
        for (int time = 0; time < sets.size(level); time++) {
            java.util.BitSet only = new java.util.BitSet();
            only.set(time);
            instants.add(LocalDateTime.ofInstant(
                    classes.times(sets.of(level, only)).first().orElseThrow(), HORIZON.zone()));
        }
        return instants;
    }

    private static String end(Path path) {
        return switch (path.end()) {
            case Path.End.Rests(Ending ending) when ending.kind() == Ending.Kind.UNMATCHED -> "unmatched";
            case Path.End.Rests(Ending ending)
            when ending.cause().equals(Optional.of(Ending.Lost.ENDLESS)) -> "endless " + ending.in();
            case Path.End.Rests(Ending ending) -> ending.kind() + " " + ending.in() + " " + ending.cause();
            case Path.End.Returns(Ref to) -> "returns " + to;
        };
    }

    @Test
    void countsTimesAndEndsAreThoseOfASlowObviousEnumeration() {
        Random random = new Random(11);
        int compared = 0;
        BigInteger most = BigInteger.ZERO;
        for (int plans = 0; plans < 250; plans++) {
            Plan plan = RandomPlans.plan(random);
            Paths paths = Paths.of(plan, HORIZON);
            NumberPaths number = paths.of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            compared++;
            most = most.max(number.count());
            Map<String, SlowPaths.Found> slow = new SlowPaths(plan, paths.classes()).of(MAIN, instants(paths));
            assertThat(number.count()).as("plan %d", plans).isEqualTo(BigInteger.valueOf(slow.size()));
            List<Path> listed = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            assertThat(listed.stream()
                            .map(path -> end(path) + " " + path.window().earliest() + "–"
                                    + path.window().latest())
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
        assertThat(compared).isGreaterThan(120);
        assertThat(most).isGreaterThan(BigInteger.valueOf(200));
    }

    private static void endingsAddUp(NumberPaths number, List<Path> listed) {
        for (NumberPaths.Ends ends : number.endings()) {
            List<Window> windows = listed.stream()
                    .filter(path -> path.end() instanceof Path.End.Rests(Ending where)
                            && where.kind() == ends.ending().kind()
                            && where.in().equals(ends.ending().in())
                            && where.cause().equals(ends.ending().cause()))
                    .map(Path::window)
                    .toList();
            assertThat(ends.paths()).isEqualTo(BigInteger.valueOf(windows.size()));
            assertThat(ends.window())
                    .isEqualTo(windows.stream().reduce(Window::union).orElseThrow());
        }
        BigInteger ended =
                number.endings().stream().map(NumberPaths.Ends::paths).reduce(BigInteger.ZERO, BigInteger::add);
        assertThat(ended.add(number.returns())).isEqualTo(number.count());
    }

    @Test
    void everyRandomBenchFallsInExactlyOneListedPathInsideItsWindows() {
        Random random = new Random(12);
        int fell = 0;
        for (int plans = 0; plans < 120; plans++) {
            Plan plan = RandomPlans.plan(random);
            Paths paths = Paths.of(plan, HORIZON);
            NumberPaths number = paths.of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            List<Path> listed = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            for (int benches = 0; benches < 20; benches++) {
                Bench bench = RandomPlans.bench(plan, random);
                Trace trace = Tracer.trace(plan, bench);
                LocalDateTime local = LocalDateTime.ofInstant(bench.at(), HORIZON.zone());
                List<Path> same = listed.stream()
                        .filter(path -> path.steps().isEmpty()
                                ? trace.ending().kind() == Ending.Kind.UNMATCHED
                                : goesAlong(path, trace))
                        .filter(path -> paths.classes().times(path.calls()).contains(local))
                        .toList();
                assertThat(same)
                        .as("%s %s %s", bench, trace.ending(), steps(trace))
                        .hasSize(1);
                fell++;
            }
        }
        assertThat(fell).isGreaterThan(1000);
    }

    private static List<String> steps(Trace trace) {
        return trace.steps().stream()
                .map(step -> step.object() + "#" + step.exit())
                .toList();
    }

    /// Whether a trace begins with the steps of a path, each within its window, and ends with it where the path does.
    private static boolean goesAlong(Path path, Trace trace) {
        if (trace.steps().size() < path.steps().size()) {
            return false;
        }
        for (int index = 0; index < path.steps().size(); index++) {
            Path.Step step = path.steps().get(index);
            Trace.Step made = trace.steps().get(index);
            int end = index + 1 < trace.steps().size()
                    ? trace.steps().get(index + 1).second()
                    : trace.second();
            boolean same = made.object().equals(step.state().at().toString())
                    && step.causes().stream().anyMatch(cause -> cause.id().equals(made.exit()))
                    && step.window().contains(end - made.second())
                    && language(path, index)
                            .map(made.after().language()::equals)
                            .orElse(true);
            if (!same) {
                return false;
            }
        }
        return trace.steps().size() == path.steps().size()
                || !(path.end() instanceof Path.End.Rests(Ending ending))
                || ending.cause().equals(Optional.of(Ending.Lost.ENDLESS));
    }

    /// The language after a step, where the path tells.
    private static Optional<String> language(Path path, int index) {
        if (index + 1 < path.steps().size()) {
            return Optional.of(path.steps().get(index + 1).state().context().language());
        }
        return path.end() instanceof Path.End.Rests(Ending ending)
                        && !ending.cause().equals(Optional.of(Ending.Lost.ENDLESS))
                ? Optional.of(path.steps().get(index).state().context().language())
                : Optional.empty();
    }

    @Test
    void mostListedPathsOfRandomPlansHaveABenchThatWalksThem() {
        Random random = new Random(13);
        int walked = 0;
        int all = 0;
        for (int plans = 0; plans < 30; plans++) {
            Plan plan = RandomPlans.plan(random);
            Paths paths = Paths.of(plan, HORIZON);
            for (Path path : PathList.of(paths.of(MAIN), PathFilter.ALL, 0, 40)) {
                all++;
                Optional<Bench> bench =
                        paths.classes().call(path.calls()).flatMap(call -> Witness.of(plan, MAIN, call, path.steps()));
                walked += bench.isPresent() ? 1 : 0;
            }
        }
        // The others want one phone to do two things in one call, or one that its own settings keep from it.
        assertThat(walked).as("of %s", all).isGreaterThan(all / 2);
    }

    @Test
    void everyPathOfAPlanWithoutSharedPhonesHasABench() {
        Plan plan = to(
                "menu/front",
                menu("front", true, false, "ring-group/all", "1", "extension/2001", "2", "menu/deep", "0", "repeat"),
                menu("deep", false, false, "hang-up", "1", "extension/2003", "*", "back"),
                group("all", 20, "mailbox/m", "2004", "2005+5"),
                extension("2001", Optional.of("m")),
                extension("2003", none()),
                extension("2004", none()),
                extension("2005", none()),
                mailbox("m", Optional.of("hang-up")),
                prompt("ask", 10),
                prompt("no-key", 4),
                prompt("wrong-key", 3),
                prompt("greeting", 5));
        Paths paths = Paths.of(plan, HORIZON);
        List<Path> listed = PathList.of(paths.of(MAIN), PathFilter.ALL, 0, 1000);
        assertThat(listed).hasSizeGreaterThan(10);
        for (Path path : listed) {
            CallClasses.Call call = paths.classes().call(path.calls()).orElseThrow();
            assertThat(Witness.of(plan, MAIN, call, path.steps()))
                    .as("%s", path)
                    .isPresent();
        }
    }

    @Test
    void aFilteredListHasJustThosePaths() {
        Random random = new Random(14);
        for (int plans = 0; plans < 40; plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            List<Path> all = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            PathFilter answered = new PathFilter(Optional.of(Ending.Kind.ANSWERED), none(), none(), none(), none());
            assertThat(PathList.of(number, answered, 0, MOST))
                    .isEqualTo(all.stream()
                            .filter(path -> answered.ends(path.end()))
                            .toList());
            Ref passed = new Ref(app.bittern.plan.Kind.MENU, "m0");
            assertThat(PathList.of(
                            number, new PathFilter(none(), none(), Optional.of(passed), none(), none()), 0, MOST))
                    .isEqualTo(all.stream()
                            .filter(path -> path.objects().contains(passed))
                            .toList());
            assertThat(PathList.of(number, PathFilter.ALL, 3, 2))
                    .isEqualTo(all.stream().skip(3).limit(2).toList());
        }
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
            int slow = new SlowPaths(plan, paths.classes())
                    .of(MAIN, instants(paths))
                    .size();
            assertThat(paths.of(MAIN).count()).as("%s", List.of(to)).isEqualTo(BigInteger.valueOf(slow));
            plans++;
        }
        assertThat(plans).isEqualTo(1296);
    }

    @Test
    void roundsWithTwoEntriesAreCountedExactly() {
        // Three menus, each of which leads to the other two: a round that can be entered anywhere.
        List<PlanObject> objects = new ArrayList<>(List.of(
                prompt("ask", 10),
                prompt("no-key", 4),
                prompt("wrong-key", 3),
                menu("top", true, false, "hang-up", "1", "menu/a", "2", "menu/b", "3", "menu/c"),
                menu("a", true, false, "hang-up", "1", "menu/b", "2", "menu/c"),
                menu("b", true, false, "hang-up", "1", "menu/a", "2", "menu/c"),
                menu("c", true, false, "hang-up", "1", "menu/a", "2", "menu/b")));
        Plan plan = to("menu/top", objects.toArray(PlanObject[]::new));
        Paths paths = Paths.of(plan, HORIZON);
        int slow =
                new SlowPaths(plan, paths.classes()).of(MAIN, instants(paths)).size();
        // Each order in which menus can be passed: 3 of one, 6 of two, 6 of three; each can give up, and those of two
        // and three come back once or twice.
        assertThat(slow).isEqualTo(1 + 3 + 6 + 6 + 6 + 12);
        assertThat(paths.of(MAIN).count()).isEqualTo(BigInteger.valueOf(slow));
        assertThat(paths.of(MAIN).returns()).isEqualTo(BigInteger.valueOf(18));
    }
}
