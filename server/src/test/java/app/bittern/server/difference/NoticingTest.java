package app.bittern.server.difference;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.compare.Comparison;
import app.bittern.formats.PlanFile;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class NoticingTest {
    private static Plan to(String destination) {
        String file = """
                bittern: 2
                site: { key: quay, name: Quay, timeZone: Europe/London, country: GB, languages: [en-GB] }
                numbers: { "+441632960100": {} }
                routes: { main: { called: "+441632960100", to: %s } }
                """.formatted(destination);
        return switch (PlanFile.read(file)) {
            case PlanFile.Result.Read(Plan plan) -> plan;
            case PlanFile.Result.Refused(List<Problem> problems) -> throw new AssertionError(problems);
        };
    }

    private static Comparison compared(Plan before, Plan after) {
        return Comparison.of(
                before,
                after,
                new Horizon(LocalDate.of(2026, 11, 23), before.site().timeZone()));
    }

    private static Comparison unfinished(Comparison whole) {
        return new Comparison(
                whole.noticed(),
                whole.classes(),
                whole.objects(),
                whole.dialled(),
                whole.shown(),
                whole.unnoticed(),
                Optional.of("The plan is too tangled."));
    }

    @Test
    void whatWasLeftOutIsSaidWithWhatWasFound() {
        Plan busy = to("busy");
        Plan gone = to("hang-up");
        Comparison same = compared(busy, busy);
        assertThat(Noticing.of(same, busy, busy).says()).isEqualTo("callers notice nothing");
        assertThat(Noticing.of(unfinished(same), busy, busy).says())
                .isEqualTo("of what was compared: callers notice nothing. The plan is too tangled.");
        Comparison other = compared(busy, gone);
        assertThat(Noticing.of(unfinished(other), busy, gone).says())
                .isEqualTo("of what was compared: 1 kind of call ends elsewhere. The plan is too tangled.");
    }
}
