package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.compare.Comparison;
import app.bittern.compare.Difference;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;

/// What callers notice of what they hear without leaving the line.
class InsideTheWaitTest {
    private static final String PLAN = """
            bittern: 2
            site: { key: quay, timeZone: Europe/London, country: GB, languages: [en-GB] }
            numbers: { "+441632960100": {} }
            routes:
              main: { called: "+441632960100", to: queue/tickets }
            extensions: { "2001": { phones: [desk] } }
            mailboxes: { tickets: {} }
            menus:
              sailings:
                prompts: [prompt/sailings]
                keys: { "9": { to: back } }
                noKey: { to: back }
                wrongKey: { to: back }
            prompts:
              sailings: { en-GB: "The next boat leaves at nine. Nine leads back." }
              keys: { en-GB: "Press one for sailings." }
            queues:
              tickets:
                agents: [ { extension: "2001" } ]
                maxWait: 60s
                overflow: mailbox/tickets
                meanwhile:
                  - { at: 5s, say: prompt/keys, keys: { "1": { to: menu/sailings, keepPlace: true } } }
            """;

    private static Plan plan(String text) {
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    private static Comparison changed(String text, String from, String to) {
        Plan before = plan(text);
        return Comparison.of(
                before,
                plan(text.replace(from, to)),
                Horizon.around(LocalDate.of(2026, 11, 23), before.site().timeZone()));
    }

    @Test
    void whatAMenuSaysThatKeepsThePlaceIsNoticed() {
        Comparison comparison = changed(PLAN, "at nine.", "at noon.");
        assertThat(comparison.noticed()).extracting(Difference::notice).contains(Difference.Notice.HEARS);
        assertThat(comparison.unnoticed()).isEmpty();
    }
}
