package app.bittern.finding;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.edit.Edits;
import app.bittern.edit.PlanEdit;
import app.bittern.edit.Planned;
import app.bittern.edit.Rewiring;
import app.bittern.hours.Horizon;
import app.bittern.number.Caller;
import app.bittern.plan.Accepted;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// What holds of the findings of any plan.
class FindingsOfRandomPlansTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    /// Findings about which routes there are, not about where a call comes to.
    private static final Set<String> OF_ROUTES = Set.of("route-tied", "no-route-for-anything", "trunk-channels");

    @Test
    void everyCallThatShowsOneComesToItsPlace() {
        Random random = Seeds.random(51);
        Set<String> shown = new TreeSet<>();
        for (int plans = 0; plans < 40; plans++) {
            Plan plan = RandomPlans.plan(random);
            for (Finding finding : Catalogue.examine(plan, HORIZON)) {
                assertThat(finding.says()).endsWith(".").doesNotContain("  ");
                finding.witness()
                        .filter(bench -> !OF_ROUTES.contains(finding.code()))
                        .ifPresent(bench -> {
                            shown.add(finding.code());
                            Trace trace = Tracer.trace(plan, bench);
                            Set<String> met = trace.steps().stream()
                                    .map(Trace.Step::object)
                                    .collect(Collectors.toCollection(TreeSet::new));
                            met.add(trace.ending().in());
                            boolean prompt = finding.object().kind() == Kind.PROMPT;
                            assertThat(finding.places())
                                    .as("%s on %s", finding, trace.steps())
                                    .anySatisfy(place -> assertThat(prompt
                                                    || met.contains(
                                                            place.object().toString()))
                                            .isTrue());
                        });
            }
        }
        List<String> usual =
                List.of("hole", "lost", "endless", "round", "silence", "cut-off", "prompt-language", "queue-unstaffed");
        assertThat(usual.stream().filter(shown::contains))
                .as("%s", shown)
                .hasSizeGreaterThanOrEqualTo(Seeds.met(usual.size()));
    }

    /// Calls of phones of the site too.
    @Test
    void everyCallThatIsLostWithNobodyToRingOrRoundAndRoundIsFound() {
        Random random = Seeds.random(54);
        int inside = 0;
        int outside = 0;
        for (int plans = 0; plans < RandomPlans.many(30); plans++) {
            Plan plan = RandomPlans.plan(random);
            Examination examination = new Examination(plan, HORIZON);
            Map<Ending.Lost, Set<String>> found = Map.of(
                    Ending.Lost.NOBODY, objects(examination, "lost"),
                    // A round that can take time is told as such, though a call may go it in none.
                    Ending.Lost.ENDLESS,
                            Stream.of("endless", "round")
                                    .flatMap(code -> objects(examination, code).stream())
                                    .collect(Collectors.toSet()));
            for (int benches = 0; benches < 60; benches++) {
                Bench bench =
                        benches % 2 == 0 ? RandomBenches.dialled(plan, random) : RandomBenches.bench(plan, random);
                Trace trace = Tracer.trace(plan, bench);
                Set<String> told = trace.ending()
                        .cause()
                        .flatMap(cause -> Optional.ofNullable(found.get(cause)))
                        .orElse(Set.of());
                if (trace.ending().cause().filter(found::containsKey).isPresent()) {
                    inside += bench.caller() instanceof Caller.Inside ? 1 : 0;
                    outside += bench.caller() instanceof Caller.Inside ? 0 : 1;
                    assertThat(trace.steps())
                            .as("%s of %s", trace.ending(), bench)
                            .anySatisfy(step -> assertThat(told).contains(step.object()));
                }
            }
        }
        assertThat(inside).isGreaterThan(Seeds.met(RandomPlans.many(10)));
        assertThat(outside).isGreaterThan(Seeds.met(RandomPlans.many(10)));
    }

    private static Set<String> objects(Examination examination, String code) {
        return Catalogue.checks().stream()
                .filter(check -> check.about().code().equals(code))
                .flatMap(check -> check.examine(examination).stream())
                .map(finding -> finding.object().toString())
                .collect(Collectors.toSet());
    }

    @Test
    void anObjectUnderAnotherKeyHasTheSameFindings() {
        Random random = Seeds.random(52);
        for (int plans = 0; plans < RandomPlans.many(8); plans++) {
            Plan plan = RandomPlans.plan(random);
            List<Finding> before = Catalogue.examine(plan, HORIZON);
            for (String named : List.of("ring-group/g0", "queue/q1", "menu/m0", "hours/day", "mailbox/b0")) {
                Ref old = Ref.parse(named).orElseThrow();
                Ref renamed = new Ref(old.kind(), "another");
                PlanEdit edit = ((Planned.Made) Rewiring.rename(plan, old, "another")).edit();
                Plan after = ((Edits.Result.Applied) Edits.apply(plan, edit)).plan();
                assertThat(about(Catalogue.examine(after, HORIZON), renamed, renamed))
                        .as(named)
                        .isEqualTo(about(before, old, renamed));
            }
        }
    }

    /// What findings are about, with one object under another key.
    private static List<String> about(List<Finding> findings, Ref from, Ref to) {
        return findings.stream()
                .map(finding -> finding.code() + " " + finding.severity() + " "
                        + finding.places().stream()
                                .map(place -> (place.object().equals(from) ? to : place.object()) + " " + place.field())
                                .toList())
                .sorted()
                .toList();
    }

    /// Each finding, accepted place by place, is accepted as a whole, and whatever is renamed it stays so.
    @Test
    void whatIsAcceptedStaysAccepted() {
        Random random = Seeds.random(53);
        for (int plans = 0; plans < RandomPlans.many(14); plans++) {
            Plan plan = RandomPlans.plan(random);
            List<Accepted> all = new ArrayList<>();
            Examination examination = new Examination(plan, HORIZON);
            for (Check check : Catalogue.checks()) {
                for (Finding finding : check.examine(examination)) {
                    all.add(new Accepted(
                            "a" + all.size(),
                            Optional.empty(),
                            finding.code(),
                            finding.object(),
                            finding.field(),
                            finding.values(),
                            "Known"));
                }
            }
            Plan accepting = plan;
            for (Accepted one : all) {
                accepting = accepting.with(one);
            }
            assertThat(Catalogue.examine(accepting, HORIZON))
                    .allSatisfy(finding -> assertThat(finding.accepted()).contains("Known"));
            PlanEdit edit = ((Planned.Made) Rewiring.rename(accepting, new Ref(Kind.QUEUE, "q0"), "waiting")).edit();
            Plan renamed = ((Edits.Result.Applied) Edits.apply(accepting, edit)).plan();
            assertThat(Catalogue.examine(renamed, HORIZON))
                    .allSatisfy(finding ->
                            assertThat(finding.accepted()).as("%s", finding).contains("Known"));
        }
    }
}
