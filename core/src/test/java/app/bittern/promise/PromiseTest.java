package app.bittern.promise;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.none;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.callset.CallSet;
import app.bittern.graph.Tangle;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Path;
import app.bittern.paths.PathEffects;
import app.bittern.paths.PathFilter;
import app.bittern.paths.PathList;
import app.bittern.paths.Paths;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Promise;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.witness.Step;
import java.math.BigInteger;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;

/// What is promised of every call, held against every path.
class PromiseTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));
    private static final int MOST = 400;
    private static final Promise.About ALL = about(List.of());

    private static Promise.About about(List<String> keys) {
        return new Promise.About(List.of(), List.of(), List.of(), new Route.From.Any(), none(), none(), keys);
    }

    private static Promise always(Promise.About about, List<String> ends, Optional<Seconds> within) {
        return new Promise(
                "p",
                none(),
                none(),
                about,
                true,
                new Promise.Holds(ends, none(), within, none(), none(), none(), none()));
    }

    private static Promise passing(boolean always, Promise.About about, Ref ref) {
        return new Promise(
                "p",
                none(),
                none(),
                about,
                always,
                new Promise.Holds(List.of(), none(), none(), Optional.of(ref), none(), none(), none()));
    }

    private static Kept kept(Plan plan, Promise promise) {
        Plan with = plan.with(promise);
        return Kept.all(with, HORIZON, () -> Paths.of(with, HORIZON), Wanted.ALWAYS)
                .getFirst();
    }

    private static boolean chosen(Path path) {
        return switch (path.end()) {
            case Path.End.Rests rests -> false;
            case Path.End.Returns returns ->
                path.steps().getLast().causes().stream().allMatch(cause -> cause.callersChoice());
            case Path.End.GoesRound(Ref at, Tangle.Around how) -> how == Tangle.Around.CHOSEN;
        };
    }

    private static boolean ends(Path path, List<String> kinds) {
        return path.end() instanceof Path.End.Rests(Ending ending)
                && kinds.contains(ending.kind().word());
    }

    private static boolean tangled(Path path) {
        return path.steps().stream().anyMatch(step -> step.tangle() > 0);
    }

    /// Whether a promise is kept is whether no listed path is against it.
    @Test
    void aPromiseIsBrokenJustWhereSomeListedPathIsAgainstIt() {
        Random random = Seeds.random(81);
        List<String> ends = List.of("answered", "message", "outside", "paged");
        int broken = 0;
        int kept = 0;
        for (int plans = 0; plans < RandomPlans.many(90); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            List<Path> paths = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            Seconds within = new Seconds(1 + random.nextInt(200));
            Ref queue = new Ref(Kind.QUEUE, "q0");
            Predicate<Path> against = path -> !ends(path, ends) && !chosen(path);
            Predicate<Path> late = path -> ends(path, ends) && path.span().last() > within.value();
            List<Boolean> held = List.of(
                    paths.stream().noneMatch(against),
                    paths.stream().noneMatch(against.or(late)),
                    paths.stream().noneMatch(path -> path.objects().contains(queue)));
            List<Boolean> found = List.of(
                    kept(plan, always(ALL, ends, none())).kept(),
                    kept(plan, always(ALL, ends, Optional.of(within))).kept(),
                    kept(plan, passing(false, ALL, queue)).kept());
            // A path through a tangle lists one way of many.
            boolean comparable = paths.stream().noneMatch(PromiseTest::tangled);
            assertThat(found.subList(0, 2)).as("plan %d", plans).isEqualTo(held.subList(0, 2));
            if (comparable) {
                assertThat(found).as("plan %d", plans).isEqualTo(held);
                assertThat(kept(plan, passing(true, ALL, queue)).kept())
                        .isEqualTo(paths.stream()
                                .allMatch(path -> chosen(path) || path.objects().contains(queue)));
            }
            broken += (int) found.stream().filter(one -> !one).count();
            kept += (int) found.stream().filter(one -> one).count();
        }
        assertThat(broken).isGreaterThan(Seeds.met(RandomPlans.many(100)));
        assertThat(kept).isGreaterThan(Seeds.met(RandomPlans.many(20)));
    }

    private static Promise settingOff(boolean always, String id) {
        return new Promise(
                "p",
                none(),
                none(),
                ALL,
                always,
                new Promise.Holds(List.of(), none(), none(), none(), none(), none(), Optional.of(id)));
    }

    /// Whether calls set something off is what their listed paths carry.
    @Test
    void whatCallsMustOrMustNotSetOffIsWhatListedPathsCarry() {
        Random random = Seeds.random(84);
        int broken = 0;
        int kept = 0;
        for (int plans = 0; plans < RandomPlans.many(150); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            List<Path> paths = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            if (paths.stream().anyMatch(PromiseTest::tangled)) {
                continue;
            }
            for (String id :
                    List.of("alarm/x0", "alarm/x4", "alarm/x5", "text alarm/x0", "trap trap-target/monitoring")) {
                if (Ref.parse(id.substring(id.indexOf(' ') + 1))
                        .flatMap(plan::find)
                        .isEmpty()) {
                    continue;
                }
                boolean some = paths.stream()
                        .anyMatch(path -> PathEffects.of(number, path).stream()
                                .anyMatch(on -> on.what().is(id)));
                boolean every = paths.stream()
                        .filter(path -> !chosen(path))
                        .allMatch(path -> PathEffects.of(number, path).stream()
                                .filter(on -> on.what().is(id) && on.always())
                                .map(PathEffects.On::calls)
                                .reduce(CallSet::or)
                                .filter(path.calls()::equals)
                                .isPresent());
                assertThat(kept(plan, settingOff(false, id)).kept())
                        .as("plan %d never %s", plans, id)
                        .isEqualTo(!some);
                assertThat(kept(plan, settingOff(true, id)).kept())
                        .as("plan %d always %s", plans, id)
                        .isEqualTo(every);
                broken += some ? 1 : 0;
                kept += every ? 1 : 0;
            }
        }
        assertThat(broken).isGreaterThan(Seeds.met(RandomPlans.many(20)));
        assertThat(kept).isGreaterThan(Seeds.met(RandomPlans.many(5)));
    }

    /// The call that is shown does break the promise.
    @Test
    void theCallThatIsShownEndsOtherwise() {
        Random random = Seeds.random(82);
        List<String> ends = List.of("answered", "message");
        int shown = 0;
        for (int plans = 0; plans < RandomPlans.many(90); plans++) {
            Plan plan = RandomPlans.plan(random);
            Kept kept = kept(plan, always(ALL, ends, none()));
            for (Breach breach : kept.breaches()) {
                if (breach.witness().isPresent()) {
                    Trace trace = Tracer.trace(plan, breach.witness().get());
                    shown++;
                    if (breach.says().startsWith("end ")) {
                        assertThat(ends).doesNotContain(trace.ending().kind().word());
                    }
                }
            }
        }
        assertThat(shown).isGreaterThan(Seeds.met(RandomPlans.many(60)));
    }

    /// Of calls in which keys are pressed first, by some callers or in some hours, just those are looked at.
    @Test
    void aPromiseAboutSomeCallsIsBrokenJustWhereOneOfThoseIsAgainstIt() {
        Random random = Seeds.random(83);
        List<String> ends = List.of("answered", "message");
        List<Route.From> callers = List.of(
                new Route.From.Any(),
                new Route.From.Tag("vip"),
                new Route.From.Withheld(),
                new Route.From.Prefix("+4479"));
        int broken = 0;
        int kept = 0;
        for (int plans = 0; plans < RandomPlans.many(240); plans++) {
            Plan plan = RandomPlans.plan(random);
            Paths all = Paths.of(plan, HORIZON);
            NumberPaths number = all.of(MAIN);
            if (number.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                continue;
            }
            List<Path> paths = PathList.of(number, PathFilter.ALL, 0, MOST + 1);
            if (paths.stream().anyMatch(PromiseTest::tangled)) {
                continue;
            }
            List<String> keys =
                    List.of(List.<String>of(), List.of("1"), List.of("2", "1")).get(random.nextInt(3));
            Route.From caller = callers.get(random.nextInt(callers.size()));
            Optional<Route.While> hours =
                    random.nextBoolean() ? Optional.of(new Route.While(new Ref(Kind.HOURS, "day"), "open")) : none();
            Optional<String> language = random.nextInt(3) == 0 ? Optional.of("nb-NO") : none();
            Promise.About about = new Promise.About(List.of(), List.of(), List.of(), caller, hours, language, keys);
            CallSet calls = all.classes().of(0, caller, hours);
            boolean against = paths.stream()
                    .filter(path -> path.calls().meets(calls))
                    .filter(path -> pressed(path, keys) && speaks(path, language))
                    .anyMatch(path -> !ends(path, ends) && !chosen(path));
            assertThat(kept(plan, always(about, ends, none())).kept())
                    .as("plan %d, %s", plans, about)
                    .isEqualTo(!against);
            broken += against ? 1 : 0;
            kept += against ? 0 : 1;
        }
        assertThat(broken).isGreaterThan(Seeds.met(RandomPlans.many(20)));
        assertThat(kept).isGreaterThan(Seeds.met(RandomPlans.many(20)));
    }

    /// Whether these are the first keys of a path, with no try failed before them.
    private static boolean pressed(Path path, List<String> keys) {
        int pressed = 0;
        for (Step step : path.steps()) {
            if (pressed == keys.size()) {
                return true;
            }
            Cause cause = step.causes().getFirst();
            List<String> chosen = Path.chosen(Plans.to("busy"), cause);
            boolean failed = step.causes().stream()
                    .anyMatch(one -> List.of("no-key", "wrong-key", "no-valid-key", "no-valid-digits")
                            .contains(one.id()));
            if (failed) {
                return false;
            }
            for (String key : chosen) {
                if (pressed < keys.size() && !key.equals(keys.get(pressed))) {
                    return false;
                }
                pressed = Math.min(pressed + 1, keys.size());
            }
        }
        return pressed == keys.size();
    }

    private static boolean speaks(Path path, Optional<String> language) {
        return language.map(spoken -> !path.steps().isEmpty()
                        && path.steps().getLast().state().context().language().equals(spoken))
                .orElse(true);
    }

    /// Nothing is promised of what is not there: it has not been looked at.
    @Test
    void aPromiseAboutWhatIsNotInThePlanIsNotKept() {
        Promise.About gone = new Promise.About(
                List.of(new Ref(Kind.NUMBER, "+441632960999")),
                List.of(),
                List.of(),
                new Route.From.Any(),
                none(),
                none(),
                List.of());
        Plan plan = Plans.to("busy");
        Kept kept = kept(plan, always(gone, List.of("busy"), none()));
        assertThat(kept.kept()).isFalse();
        assertThat(kept.breaches()).isEmpty();
        assertThat(kept.against(plan)).singleElement().asString().contains("+441632960999 is not in the plan");
    }

    @Test
    void callsInWhichAKeyIsPressedAreThoseAlone() {
        Plan plan = Plans.to(
                "menu/front",
                Plans.prompt("ask", 5),
                Plans.prompt("no-key", 5),
                Plans.prompt("wrong-key", 5),
                Plans.menu("front", true, false, "hang-up", "1", "mailbox/box", "2", "busy"),
                Plans.mailbox("box"));
        List<String> message = List.of("message");
        assertThat(kept(plan, always(about(List.of("1")), message, Optional.of(new Seconds(60))))
                        .kept())
                .isTrue();
        assertThat(kept(plan, always(about(List.of("2")), message, none())).breaches())
                .singleElement()
                .satisfies(breach -> assertThat(breach.says()).contains("end busy"));
        assertThat(kept(plan, always(ALL, message, none())).kept()).isFalse();
        assertThat(kept(plan, passing(true, about(List.of("1")), new Ref(Kind.MAILBOX, "box")))
                        .kept())
                .isTrue();
        // Nobody can press a key that is asked for after the call has ended: nothing is promised of no call.
        assertThat(kept(plan, always(about(List.of("1", "1")), List.of("busy"), none()))
                        .kept())
                .isTrue();
    }
}
