package app.bittern.paths;

import static app.bittern.paths.PathsTest.HORIZON;
import static app.bittern.paths.PathsTest.end;
import static app.bittern.paths.PathsTest.instants;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Phones;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.graph.Wanted;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.math.BigInteger;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// What phones of a site dial, on random plans: the laws that hold for calls to a number hold for these.
class DialledPathsTest {
    private static final int MOST = 200;

    private static Extension phone(Plan plan, Bench bench) {
        return plan.find(Ref.parse(bench.caller().toString()).orElseThrow(), Extension.class)
                .orElseThrow();
    }

    /// The paths of all that a phone can dial, by example.
    private static List<DialledPaths> all(Plan plan, Extension phone) {
        List<String> digits = Phones.examples(plan);
        Paths paths = Paths.dialling(plan, HORIZON, phone, digits, Wanted.ALWAYS);
        return digits.stream().map(some -> paths.of(phone, some)).toList();
    }

    @Test
    void countsTimesAndEndsAreThoseOfASlowObviousEnumeration() {
        Random random = Seeds.random(71);
        int compared = 0;
        for (int plans = 0; plans < RandomPlans.many(6); plans++) {
            Plan plan = RandomPlans.plan(random);
            Extension phone = plan.all(Extension.class).findFirst().orElseThrow();
            for (DialledPaths paths : all(plan, phone)) {
                if (paths.count().compareTo(BigInteger.valueOf(MOST)) > 0) {
                    continue;
                }
                compared++;
                assertThat(PathList.of(paths, PathFilter.ALL, 0, MOST + 1).stream()
                                .map(path -> end(path) + " " + path.span().earliest() + "–"
                                        + path.span().last())
                                .sorted()
                                .toList())
                        .as("plan %d, %s", plans, paths.digits())
                        .isEqualTo(new SlowPaths(plan, paths.paths(), instants(paths.paths()))
                                .dialled(phone, paths.digits()).values().stream()
                                        .map(found -> found.end().replaceFirst("^UNMATCHED .*", "unmatched") + " "
                                                + found.earliest() + "–" + found.latest())
                                        .sorted()
                                        .toList());
            }
        }
        assertThat(compared).isGreaterThan(Seeds.met(RandomPlans.many(60)));
    }

    @Test
    void everyRandomCallFallsInExactlyOnePathInsideItsWindows() {
        Random random = Seeds.random(72);
        int barred = 0;
        int outside = 0;
        for (int plans = 0; plans < RandomPlans.many(70); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int calls = 0; calls < 12; calls++) {
                Bench bench = RandomBenches.dialled(plan, random);
                Trace trace = Tracer.trace(plan, bench);
                Extension phone = phone(plan, bench);
                String digits = ((Arrival.Inside) bench.called()).digits();
                DialledPaths paths = Paths.dialling(plan, HORIZON, phone, List.of(digits), Wanted.ALWAYS)
                        .of(phone, digits);
                LocalDateTime local =
                        LocalDateTime.ofInstant(bench.at(), plan.site().timeZone());
                Walked walked = Walked.of(paths, bench, trace, local).orElseThrow();
                Path path = walked.path(paths);
                String what = "plan " + plans + ", " + bench + ": " + path;
                assertThat((long) walked.second())
                        .as(what)
                        .isBetween(path.span().earliest(), path.span().last());
                if (path.end() instanceof Path.End.Rests(Ending ending)
                        && !ending.cause().equals(Optional.of(Ending.Lost.ENDLESS))) {
                    assertThat(trace.ending().anybody()).as(what).isEqualTo(ending);
                }
                barred += trace.ending().kind() == Ending.Kind.BARRED ? 1 : 0;
                outside += trace.ending().in().startsWith("outbound/") ? 1 : 0;
            }
        }
        assertThat(barred).isGreaterThan(Seeds.met(RandomPlans.many(30)));
        assertThat(outside).isGreaterThan(Seeds.met(RandomPlans.many(100)));
    }

    @Test
    void everyListedPathHasABenchThatWalksItAtTheEarliestAndAtTheLatestSecond() {
        Random random = Seeds.random(73);
        int all = 0;
        for (int plans = 0; plans < RandomPlans.many(30); plans++) {
            Plan plan = RandomPlans.plan(random);
            Extension phone = plan.all(Extension.class).findFirst().orElseThrow();
            for (DialledPaths paths : all(plan, phone)) {
                for (Path path : PathList.of(paths, PathFilter.ALL, 0, 12)) {
                    all++;
                    PathsTest.walks(Tracer.trace(plan, paths.bench(path).orElseThrow()), path);
                    paths.slowestBench(path).ifPresent(bench -> PathsTest.walks(Tracer.trace(plan, bench), path));
                }
            }
        }
        assertThat(all).isGreaterThan(Seeds.met(RandomPlans.many(4000)));
    }

    @Test
    void phonesThatAreAlikeHaveTheSamePaths() {
        Random random = Seeds.random(74);
        int alike = 0;
        for (int plans = 0; plans < RandomPlans.many(30); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (Phones.Alike some : Phones.classes(plan)) {
                List<List<BigInteger>> counts = some.phones().stream()
                        .map(phone ->
                                all(plan, phone).stream().map(CallPaths::count).toList())
                        .distinct()
                        .toList();
                assertThat(counts).hasSize(1);
                alike += some.phones().size() > 1 ? 1 : 0;
            }
        }
        assertThat(alike).isGreaterThanOrEqualTo(Seeds.met(1));
    }
}
