package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Path;
import app.bittern.paths.PathFilter;
import app.bittern.paths.PathList;
import app.bittern.paths.Paths;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.proof.BenchText;
import app.bittern.proof.Proof;
import app.bittern.telling.Telling;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

class BenchTextTest {
    private static final String PLAN = """
            bittern: 2
            site: { key: quay, name: Quay, country: GB, timeZone: Europe/London, languages: [en-GB] }
            trunks: { t: { channels: 4, delivers: e164 } }
            numbers: { "+441632960700": { trunk: t } }
            routes: { main: { called: "+441632960700", to: queue/q } }
            queues: { q: { agents: [{ extension: "2001" }, { extension: "2002", login: by-phone }], maxWait: 60s,
                           longestLine: 3, full: extension/2001, overflow: queue/q } }
            extensions:
              "2001": { forward: { busy: queue/q, noAnswer: queue/q, unreachable: hang-up } }
              "2002": {}
            testCalls:
              - name: The second time there is room
                call: "+441632960700"
                at: 2026-11-24T10:15
                phones: { "2001": [busy, silent, answers 3s] }
                agents: { "2002": [out, "out; in from 50s"], "2001": in }
                waiting: { queue/q: [full, 0] }
                expect: { ending: answered, in: queue/q, by: extension/2001, within: 18s }
            """;

    private static Plan plan(String text) {
        return ((PlanFile.Result.Read) PlanFile.read(text)).plan();
    }

    @Test
    void aTestCallSaysHowTheWorldReactsTimeAfterTime() {
        Plan plan = plan(PLAN);
        assertThat(Proof.all(plan))
                .hasSize(1)
                .allSatisfy(proof -> assertThat(proof.failures()).isEmpty());
        String written = PlanFile.yaml(plan);
        assertThat(written).contains("[busy, silent, answers 3s]").contains("[full, 0]");
        assertThat(plan(written)).isEqualTo(plan);
    }

    /// Digits of a wrong length, and digits that no number or two numbers end with, are calls all the same.
    @Test
    void digitsThatATrunkCannotMeanAreTakenByTheRouteForAnythingOrByNone() {
        String head = """
                bittern: 2
                site: { key: quay, name: Quay, country: GB, timeZone: Europe/London, languages: [en-GB] }
                trunks: { old: { channels: 4, delivers: last 3 } }
                numbers: { "+441632960700": { trunk: old }, "+441632970700": { trunk: old }, "+441632960701": { trunk: old } }
                routes: { main: { called: { prefix: "+44" }, to: busy }%s }
                """;
        Plan own = plan(head.formatted(""));
        Plan any = plan(head.formatted(", any: { to: hang-up }"));
        for (String digits : List.of("12", "999", "700")) {
            BenchText text = onTrunk(digits);
            Bench call = read(text, own);
            Trace none = Tracer.trace(own, call);
            assertThat(none.ending().kind()).as(digits).isEqualTo(Ending.Kind.UNMATCHED);
            assertThat(none.ending().in()).isEqualTo("trunk/old");
            assertThat(new Telling(own, call).what(none.steps().getFirst())).contains("old delivered " + digits);
            Trace taken = Tracer.trace(any, read(text, any));
            assertThat(taken.ending().kind()).isEqualTo(Ending.Kind.HUNG_UP);
            assertThat(taken.steps().getFirst().object()).isEqualTo("route/any");
            assertThat(BenchText.of(any, read(text, any))).isEqualTo(text);
        }
        assertThat(Tracer.trace(own, read(onTrunk("701"), own)).ending().kind()).isEqualTo(Ending.Kind.BUSY);
        assertThat(onTrunk("seven").read(own)).isInstanceOf(BenchText.Result.Refused.class);
    }

    private static BenchText onTrunk(String digits) {
        return new BenchText(
                digits,
                Optional.of("old"),
                "withheld",
                "2026-11-24T10:15",
                "",
                List.of(),
                List.of(),
                List.of(),
                List.of());
    }

    private static Bench read(BenchText text, Plan plan) {
        BenchText.Result result = text.read(plan);
        assertThat(result).as("%s", result).isInstanceOf(BenchText.Result.Read.class);
        return ((BenchText.Result.Read) result).bench();
    }

    @Test
    void theCommandLineSaysTheSameInOneText() {
        Plan plan = plan(PLAN);
        BenchText text = new BenchText(
                "+441632960700",
                Optional.empty(),
                "withheld",
                "2026-11-24T10:15",
                "1,-,!5,5@7s,2@1s 0@4s,again",
                List.of("2001=busy then silent then answers 3s"),
                List.of(),
                List.of("2002=out then out; in from 50s", "2001"),
                List.of("q=full then 0"));
        Bench bench = ((BenchText.Result.Read) text.read(plan)).bench();
        assertThat(bench.again()).isTrue();
        assertThat(Tracer.trace(plan, bench).ending().by()).contains("extension/2001");
        assertThat(BenchText.of(plan, bench).keys()).isEqualTo("1,-,!5,5@7s,2@1s 0@4s,again");
        BenchText.Result wrong = new BenchText(
                        "+441632960700",
                        Optional.empty(),
                        "withheld",
                        "2026-11-24T10:15",
                        "again,1",
                        List.of("2001=busy then"),
                        List.of(),
                        List.of("2001=in from", "2999"),
                        List.of("q=many"))
                .read(plan);
        assertThat(((BenchText.Result.Refused) wrong).problems()).hasSize(5);
    }

    @Test
    void theBenchOfEveryListedPathOfTheDemoReadsBackAndWalksAlike() throws Exception {
        Plan plan = plan(Files.readString(java.nio.file.Path.of("../demo/saltreach.yaml"), StandardCharsets.UTF_8));
        Paths paths = Paths.of(
                plan, new Horizon(LocalDate.of(2026, 11, 23), plan.site().timeZone()));
        int walked = 0;
        for (E164 called :
                plan.all(InboundNumber.class).map(InboundNumber::called).toList()) {
            NumberPaths number = paths.of(called);
            for (Path path : PathList.of(number, PathFilter.ALL, 0, 300)) {
                List<Bench> benches = Stream.concat(number.bench(path).stream(), number.slowestBench(path).stream())
                        .toList();
                assertThat(benches).as("%s", path).isNotEmpty();
                for (Bench bench : benches) {
                    Bench back =
                            ((BenchText.Result.Read) BenchText.of(plan, bench).read(plan)).bench();
                    assertThat(back).isEqualTo(bench);
                    Trace trace = Tracer.trace(plan, back);
                    assertThat(path.end() instanceof Path.End.Rests
                                    && !path.span().contains(trace.second()))
                            .as("%s", path)
                            .isFalse();
                    walked++;
                }
            }
        }
        assertThat(walked).isGreaterThan(500);
    }
}
