package app.bittern.plan;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Arrival;
import app.bittern.call.RouteChoice;
import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.number.Caller;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// Routes in the order in which they are tried.
class RouteOrderTest {
    private static final Route MAIN = exact("main");
    private static final Route ANY = Plans.route("any", "busy");
    private static final Route RANGE =
            Plans.route("range", new Route.Called.Prefix("+4416"), new Route.From.Any(), Optional.empty(), "busy");

    private static Route exact(String key) {
        return Plans.route(key, new Route.Called.Exact(Plans.MAIN), new Route.From.Any(), Optional.empty(), "busy");
    }

    private static Route before(Route route, String... others) {
        return route.before(new Route.Before.These(
                Stream.of(others).map(key -> new Ref(Kind.ROUTE, key)).toList()));
    }

    private static List<String> order(Route... routes) {
        return RouteOrder.listed(List.of(routes)).stream().map(Route::key).toList();
    }

    /// The route that takes a call to the main number.
    private static String taking(Route... routes) {
        return RouteChoice.winner(
                        plan(routes),
                        new Arrival.Meant(Plans.MAIN),
                        new Caller.Withheld(),
                        LocalDateTime.of(2027, 3, 2, 10, 0))
                .map(Route::key)
                .orElse("none");
    }

    private static Plan plan(Route... routes) {
        return Plan.of(Stream.concat(Stream.of(Plans.site()), Stream.of(routes)).toList());
    }

    @Test
    void theMoreParticularComesFirst() {
        assertThat(order(ANY, RANGE, MAIN)).containsExactly("main", "range", "any");
        assertThat(taking(ANY, RANGE, MAIN)).isEqualTo("main");
    }

    @Test
    void oneBeforeAllComesFirstWhateverItIsFor() {
        Route first = ANY.before(new Route.Before.All());
        assertThat(order(MAIN, RANGE, first)).containsExactly("any", "main", "range");
        assertThat(taking(MAIN, RANGE, first)).isEqualTo("any");
    }

    @Test
    void oneThatAnotherNamesIsPassedOverWhereThatOneHoldsToo() {
        assertThat(order(MAIN, before(ANY, "main"))).containsExactly("any", "main");
        assertThat(taking(MAIN, before(ANY, "main"))).isEqualTo("any");
        // What is left is taken by the most particular.
        assertThat(taking(MAIN, RANGE, before(ANY, "main"))).isEqualTo("range");
        // Two that are named by others in a row.
        assertThat(taking(MAIN, before(RANGE, "main"), before(ANY, "range"))).isEqualTo("any");
        // One that is before all is passed over as any other.
        assertThat(taking(exact("first").before(new Route.Before.All()), before(ANY, "first")))
                .isEqualTo("any");
    }

    @Test
    void aNameCountsOnlyWhereTheRouteHolds() {
        Route others =
                Plans.route("others", new Route.Called.Any(), new Route.From.Unavailable(), Optional.empty(), "busy");
        assertThat(taking(MAIN, RANGE, before(others, "main"))).isEqualTo("main");
    }

    @Test
    void namesThatLeadInARoundAreRefused() {
        Plan plan = plan(before(MAIN, "any"), RANGE, ANY);
        assertThat(Edits.apply(plan, new PlanEdit.Put(before(ANY, "main"))))
                .isEqualTo(
                        new Edits.Result.Refused(
                                "No order of routes has that: any is before main, and main before any. Take one of these names out."));
        assertThat(Edits.apply(plan, new PlanEdit.Put(before(ANY, "range")))).isInstanceOf(Edits.Result.Applied.class);
    }

    @Test
    void aRoundIsFoundBehindOthersAndALongRowOfNamesIsNone() {
        List<Route> row = IntStream.range(0, 6000)
                .mapToObj(at -> before(Plans.route("r" + at, "busy"), "r" + (at + 1)))
                .toList();
        assertThat(RouteOrder.round(plan(row.toArray(Route[]::new)))).isEmpty();
        assertThat(RouteOrder.listed(row.reversed()).getLast().key()).isEqualTo("r5999");
        List<Route> closed = IntStream.range(0, 3000)
                .mapToObj(at -> before(Plans.route("r" + at, "busy"), "r" + (at + 1) % 3000))
                .toList();
        Plan long3000 = plan(closed.toArray(Route[]::new));
        assertThat(RouteOrder.round(long3000)).hasValueSatisfying(refs -> {
            assertThat(refs).hasSize(3000);
            assertThat(RouteOrder.saidRound(long3000, refs))
                    .contains("so on with 2995 more")
                    .hasSizeLessThan(200);
        });
        Plan round = plan(before(ANY, "main"), before(MAIN, "range"), before(RANGE, "main"));
        assertThat(RouteOrder.round(round))
                .hasValueSatisfying(
                        refs -> assertThat(refs).extracting(Ref::key).containsExactlyInAnyOrder("main", "range"));
    }

    /// In a list each route stands before those that it names.
    @Test
    void aListOfRandomRoutesHasAllTheirNames() {
        Random random = Seeds.random(11);
        int named = 0;
        for (int plans = 0; plans < RandomPlans.many(200); plans++) {
            List<Route> listed =
                    RouteOrder.listed(RandomPlans.plan(random).all(Route.class).toList());
            List<Ref> refs = listed.stream().map(Route::ref).toList();
            for (Route one : listed) {
                for (Ref other : RouteOrder.named(one)) {
                    if (refs.contains(other)) {
                        named++;
                        assertThat(refs.indexOf(one.ref())).isLessThan(refs.indexOf(other));
                    }
                }
            }
        }
        assertThat(named).isGreaterThan(Seeds.met(RandomPlans.many(20)));
    }
}
