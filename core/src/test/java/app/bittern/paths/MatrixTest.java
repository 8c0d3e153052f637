package app.bittern.paths;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.branch;
import static app.bittern.Plans.extension;
import static app.bittern.Plans.hours;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.menu;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.KeyPress;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.hours.Horizon;
import app.bittern.number.Caller;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class MatrixTest {
    private static final ZoneId LONDON = ZoneId.of("Europe/London");
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), LONDON);
    private static final Caller CALLER = new Caller.Withheld();

    /// A menu in open hours, a mailbox else.
    private static final Plan DESK = to(
            "branch/open",
            hours("terminal", "open: Mon-Fri 08:00-17:00", "closed"),
            branch("open", "terminal", "open", "menu/front", "closed", "mailbox/n"),
            menu("front", true, false, "busy", "1", "extension/2001", "2", "hang-up"),
            prompt("ask", 10),
            prompt("no-key", 4),
            prompt("wrong-key", 4),
            prompt("greeting", 4),
            extension("2001", Optional.of("m")),
            mailbox("m"),
            mailbox("n"));

    private static Matrix of(Plan plan) {
        return Matrix.of(Paths.of(plan, HORIZON).of(MAIN), CALLER);
    }

    private static List<String> ends(Matrix.Row row) {
        return row.cells().stream()
                .map(cell -> cell.map(
                                at -> at.ending().kind() + " " + at.ending().in())
                        .orElse("not asked"))
                .toList();
    }

    @Test
    void aKeyEndsWhereItLeadsWhileItIsAskedFor() {
        Matrix matrix = of(DESK);
        assertThat(matrix.columns())
                .extracting(Matrix.Column::when)
                .containsExactly("Mon–Fri 00:00–08:00 and 17:00–24:00, Sat and Sun all day", "Mon–Fri 08:00–17:00");
        assertThat(matrix.rows())
                .extracting(Matrix.Row::pressed)
                .containsExactly(Optional.empty(), Optional.of("1"), Optional.of("2"));
        assertThat(ends(matrix.rows().get(0))).containsExactly("MESSAGE mailbox/n", "BUSY menu/front");
        assertThat(ends(matrix.rows().get(1))).containsExactly("not asked", "MESSAGE mailbox/m");
        assertThat(ends(matrix.rows().get(2))).containsExactly("not asked", "HUNG_UP menu/front");
    }

    @Test
    void aCellHasTheCallThatShowsIt() {
        for (Matrix.Row row : of(DESK).rows()) {
            row.cells().stream().flatMap(Optional::stream).forEach(cell -> {
                Trace trace = Tracer.trace(DESK, cell.bench());
                assertThat(trace.ending()).isEqualTo(cell.ending());
                assertThat(trace.second()).isEqualTo(cell.second());
            });
        }
    }

    /// What a column says holds at every instant of it, not only at its example.
    @Test
    void aColumnStandsForEveryInstantOfItsStates() {
        Random random = Seeds.random(61);
        int looked = 0;
        for (int plans = 0; plans < RandomPlans.many(60); plans++) {
            Plan plan = RandomPlans.plan(random);
            NumberPaths number = Paths.of(plan, HORIZON).of(MAIN);
            Matrix matrix = Matrix.of(number, CALLER);
            for (int times = 0; times < 20; times++) {
                LocalDateTime local = HORIZON.from().atStartOfDay().plusMinutes(random.nextInt(53 * 7 * 24 * 60));
                Instant at = local.atZone(LONDON).toInstant();
                for (int column = 0; column < matrix.columns().size(); column++) {
                    Matrix.Column one = matrix.columns().get(column);
                    if (!holds(plan, one.states(), LocalDateTime.ofInstant(at, LONDON))) {
                        continue;
                    }
                    Matrix.Row row =
                            matrix.rows().get(random.nextInt(matrix.rows().size()));
                    Optional<Ending> said = row.cells().get(column).map(Matrix.Cell::ending);
                    Bench bench = Bench.of(MAIN, CALLER, at)
                            .turned(one.positions())
                            .with(row.pressed()
                                    .map(key -> List.of(new KeyPress(key, false)))
                                    .orElse(List.of()));
                    if (said.isPresent()) {
                        looked++;
                        assertThat(Tracer.trace(plan, bench).ending())
                                .as("%s at %s", one, local)
                                .isEqualTo(said.get());
                    }
                }
            }
        }
        assertThat(looked).isGreaterThan(Seeds.met(RandomPlans.many(1_000)));
    }

    private static boolean holds(Plan plan, Map<Ref, String> states, LocalDateTime local) {
        return states.entrySet().stream()
                .allMatch(state -> plan.find(state.getKey(), Hours.class)
                        .orElseThrow()
                        .at(plan.site())
                        .stateAt(local)
                        .equals(state.getValue()));
    }
}
