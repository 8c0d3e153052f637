package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.number.E164;
import app.bittern.outline.Outline;
import app.bittern.outline.Part;
import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/// The outline of the demo plan says every kind of object with all its ways out.
class DemoOutlineTest {
    private static final List<String> ROWS = Outline.of(PlanFileTest.demo(), new E164("+441632960100")).stream()
            .map(row -> row.window().earliest() + "-" + row.window().latest() + " "
                    + row.parts().stream().map(Part::text).collect(Collectors.joining(" ")))
            .toList();

    @Test
    void aBranchByDigitsShowsEveryCase() {
        assertThat(ROWS)
                .anyMatch(row -> row.contains("digits given, any of 3 contacts' or nobody's: branch Known account?"));
        assertThat(ROWS).anyMatch(row -> row.contains("tag haulier: queue Freight"));
        assertThat(ROWS).anyMatch(row -> row.contains(" found: queue Bookings"));
        assertThat(ROWS).anyMatch(row -> row.contains("not-found: ring group Reception"));
    }

    @Test
    void aChainShowsWhereItLeadsAfterAllItsStages() {
        int chain = 0;
        while (!ROWS.get(chain).contains("chain Freight's duty phone, then Bea rings")) {
            chain++;
        }
        assertThat(ROWS.get(chain)).contains("+44 7700 900321 for 25 s then Bea Torrance 2013 for 15 s · answered");
        assertThat(ROWS.get(chain + 1)).contains("mailbox Freight");
        assertThat(ROWS).noneMatch(row -> row.contains("unreachable: chain Freight's duty phone, then Bea"));
    }

    @Test
    void queuesSayWhoTakesCallsAndEveryWayOut() {
        assertThat(ROWS)
                .anyMatch(row ->
                        row.contains("queue Bookings on joining") && row.contains("waits 6 min at most for 2010 2011"));
        assertThat(ROWS).anyMatch(row -> row.contains("full: ring group Reception"));
        assertThat(ROWS).anyMatch(row -> row.contains("no agents or no agents left: mailbox Bookings"));
    }
}
