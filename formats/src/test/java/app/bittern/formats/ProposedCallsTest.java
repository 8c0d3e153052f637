package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.cover.Coverage;
import app.bittern.cover.Proposal;
import app.bittern.formats.answer.ProposedCalls;
import app.bittern.hours.Horizon;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Paths;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.TestCall;
import app.bittern.proof.Proof;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class ProposedCallsTest {
    /// Kept as they are written, the proposed calls of the demo plan come true, and no step is left that none takes.
    @Test
    void theCallsProposedForTheDemoPlanComeTrueAndTakeEveryStep() {
        Plan plan = PlanFileTest.demo();
        Paths paths = Paths.of(
                plan, Horizon.around(LocalDate.of(2026, 11, 24), plan.site().timeZone()));
        List<NumberPaths> numbers = plan.all(InboundNumber.class)
                .map(InboundNumber::called)
                .map(paths::of)
                .toList();
        List<TestCall> proposed = new ArrayList<>();
        for (NumberPaths number : numbers) {
            Proposal proposal = Proposal.of(number).orElseThrow();
            assertThat(proposal.calls().size()).isBetween(proposal.least(), proposal.least() + 2);
            ProposedCalls.of(plan, proposal).forEach(one -> proposed.add(one.call()));
        }
        Plan with = read(PlanFile.yaml(plan) + "\n", proposed);
        assertThat(Proof.all(with)).hasSizeGreaterThan(proposed.size()).allMatch(Proof::passed);
        for (NumberPaths number : numbers) {
            assertThat(Coverage.of(
                                    number,
                                    proposed.stream()
                                            .flatMap(call -> Proof.bench(plan, call).stream())
                                            .toList())
                            .missed())
                    .as("%s", number.called())
                    .isEmpty();
        }
    }

    /// The plan with test calls as a plan file has them.
    private static Plan read(String plan, List<TestCall> more) {
        String section = PlanFile.section(Kind.TEST_CALL, more);
        String entries = section.substring(section.indexOf('\n') + 1);
        String whole = plan.replaceFirst(
                "(?m)^testCalls:\n", "testCalls:\n" + java.util.regex.Matcher.quoteReplacement(entries));
        PlanFile.Result result = PlanFile.read(whole);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }
}
