package app.bittern.finding.checks;

import static app.bittern.Plans.branch;
import static app.bittern.Plans.extension;
import static app.bittern.Plans.group;
import static app.bittern.Plans.hours;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.menu;
import static app.bittern.Plans.none;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.edit.Edits;
import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import java.time.LocalDate;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

class HoleTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 23);

    private static List<Finding> found(Plan plan) {
        return Catalogue.examine(plan, MONDAY).stream()
                .filter(finding -> finding.code().equals("hole"))
                .toList();
    }

    /// Front desk, open hours only: nobody presses, Reception rings, and what follows is missing.
    private static Plan offending() {
        return to(
                "branch/open",
                hours("terminal", "open: Mon-Fri 08:00-17:00", "closed"),
                branch("open", "terminal", "open", "menu/front", "closed", "hang-up"),
                menu("front", true, false, "ring-group/reception", "1", "hang-up"),
                prompt("ask", 10),
                prompt("no-key", 4),
                prompt("wrong-key", 4),
                group("reception", 20, "mailbox/reception", "2001"),
                extension("2001", none()));
    }

    @Test
    void aMissingMailboxIsFoundWithTheCallsThatFallInAndOneThatProvesIt() {
        List<Finding> findings = found(offending());
        assertThat(findings).hasSize(1);
        Finding hole = findings.getFirst();
        assertThat(hole.object()).hasToString("ring-group/reception");
        assertThat(hole.field()).contains(Pointer.of("noAnswer"));
        assertThat(hole.says())
                .isEqualTo("Ring group reception leads to mailbox 'reception', which does not exist (/noAnswer).");
        assertThat(hole.calls()).containsExactly("Main line +44 1632 960100, Mon–Fri 08:00–17:00");
        Trace trace = Tracer.trace(offending(), hole.witness().orElseThrow());
        assertThat(trace.ending().cause()).contains(Ending.Lost.HOLE);
        assertThat(trace.ending().in()).isEqualTo("ring-group/reception");
    }

    @Test
    void theNearestInnocentPlanHasNone() {
        assertThat(found(offending().with(mailbox("reception")).with(prompt("greeting", 5))))
                .isEmpty();
    }

    @Test
    void theFixRemovesTheFindingAndAddsNone() {
        Finding hole = found(offending()).getFirst();
        assertThat(hole.fixes()).hasSize(1);
        Edits.Result.Applied fixed = (Edits.Result.Applied)
                Edits.apply(offending(), hole.fixes().getFirst().edit());
        assertThat(found(fixed.plan())).isEmpty();
    }

    @Test
    void aStateWithoutACaseIsAHole() {
        Plan plan = to(
                "branch/open",
                hours("terminal", "open: Mon-Fri 08:00-17:00", "closed"),
                branch("open", "terminal", "open", "hang-up"));
        assertThat(found(plan))
                .extracting(finding -> finding.field().orElseThrow())
                .containsExactly(Pointer.of("cases", "closed"));
        assertThat(found(plan).getFirst().witness()).isPresent();
    }

    @Test
    void aHoleThatNoCallComesToHasNoWitness() {
        Plan plan = to("hang-up", group("unused", 20, "mailbox/gone", "2001"), extension("2001", none()));
        assertThat(found(plan)).hasSize(1);
        assertThat(found(plan).getFirst().calls()).isEmpty();
        assertThat(found(plan).getFirst().witness()).isEmpty();
    }

    @Test
    void everyWitnessInRandomPlansComesToTheObjectOfItsFinding() {
        Random random = Seeds.random(5);
        int witnesses = 0;
        for (int plans = 0; plans < RandomPlans.many(40); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (Finding finding : found(plan)) {
                if (finding.witness().isPresent()) {
                    witnesses++;
                    Trace trace = Tracer.trace(plan, finding.witness().get());
                    assertThat(trace.steps())
                            .extracting(Trace.Step::object)
                            .contains(finding.object().toString());
                }
            }
        }
        assertThat(witnesses).isGreaterThan(Seeds.met(RandomPlans.many(40)));
    }
}
