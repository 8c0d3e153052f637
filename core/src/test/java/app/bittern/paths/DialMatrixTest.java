package app.bittern.paths;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Tracer;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// The matrix of what phones may dial says what their calls do.
class DialMatrixTest {
    private static final Instant AT = Instant.parse("2026-11-24T10:15:00Z");

    @Test
    void aPhoneMayDialJustWhatItsCallsAreNotBarredFrom() {
        Random random = Seeds.random(91);
        int barred = 0;
        int nothing = 0;
        for (int plans = 0; plans < RandomPlans.many(150); plans++) {
            Plan plan = RandomPlans.plan(random);
            DialMatrix matrix = DialMatrix.of(plan);
            for (DialMatrix.Row row : matrix.rows()) {
                for (int column = 0; column < matrix.columns().size(); column++) {
                    for (Ref phone : matrix.columns().get(column).phones()) {
                        Ending first = Tracer.trace(plan, Bench.dialled(phone, row.dialled(), AT))
                                .ending();
                        boolean refused = first.kind() == Ending.Kind.BARRED;
                        boolean nowhere = row.leads() instanceof Dialling.Leads.Nowhere;
                        assertThat(row.may().get(column))
                                .as("plan %d, %s dials %s: %s", plans, phone, row.dialled(), first)
                                .isEqualTo(!refused && !nowhere);
                        barred += refused ? 1 : 0;
                        nothing += nowhere ? 1 : 0;
                    }
                }
            }
        }
        assertThat(barred).isGreaterThan(Seeds.met(100));
        assertThat(nothing).isGreaterThan(Seeds.met(100));
    }

    /// Whatever is told apart has an example that is dialled so: each outbound route that can be dialled at all.
    @Test
    void everyPhoneIsInOneColumnAndEveryExampleLeadsWhereItsRowSays() {
        Random random = Seeds.random(92);
        for (int plans = 0; plans < RandomPlans.many(100); plans++) {
            Plan plan = RandomPlans.plan(random);
            DialMatrix matrix = DialMatrix.of(plan);
            assertThat(matrix.columns().stream().flatMap(column -> column.phones().stream()))
                    .hasSize((int) plan.all(Extension.class).count())
                    .doesNotHaveDuplicates();
            matrix.rows()
                    .forEach(row ->
                            assertThat(Dialling.of(plan, row.dialled()).leads()).isEqualTo(row.leads()));
        }
    }
}
