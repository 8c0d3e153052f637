package app.bittern.compare;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.announcement;
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
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Tracer;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

class ComparisonTest {
    private static final Horizon HORIZON = new Horizon(LocalDate.of(2026, 11, 23), ZoneId.of("Europe/London"));

    private static final PlanObject[] DESK = {
        hours("terminal", "open: Mon-Fri 08:00-17:00", "closed"),
        branch("open", "terminal", "open", "menu/front", "closed", "mailbox/n"),
        menu("front", true, false, "ring-group/desk", "1", "extension/2001", "2", "mailbox/m"),
        prompt("ask", 10),
        prompt("no-key", 4),
        prompt("wrong-key", 4),
        prompt("greeting", 4),
        group("desk", 20, "mailbox/m", "2001"),
        extension("2001", Optional.of("m")),
        mailbox("m"),
        mailbox("n")
    };

    private static Plan desk() {
        return to("branch/open", DESK);
    }

    private static List<Difference> noticed(Plan before, Plan after) {
        return Comparison.of(before, after, HORIZON).noticed();
    }

    @Test
    void laterClosingIsToldOnceWithItsHours() {
        List<Difference> noticed =
                noticed(desk(), desk().with(hours("terminal", "open: Mon-Fri 08:00-18:00", "closed")));
        assertThat(noticed).hasSize(1);
        Difference one = noticed.getFirst();
        assertThat(one.when()).isEqualTo("Mon–Fri 17:00–18:00");
        assertThat(one.choices()).isEmpty();
        assertThat(one.caller()).isEmpty();
        assertThat(one.before().in()).isEqualTo("mailbox/n");
        assertThat(one.number()).isEqualTo(MAIN);
    }

    @Test
    void aKeyThatLeadsElsewhereIsToldOnceWithTheKey() {
        List<Difference> noticed = noticed(
                desk(),
                desk().with(menu("front", true, false, "ring-group/desk", "1", "extension/2001", "2", "mailbox/n")));
        assertThat(noticed).hasSize(1);
        assertThat(noticed.getFirst().choices()).containsExactly("2");
        assertThat(noticed.getFirst().after().in()).isEqualTo("mailbox/n");
        assertThat(noticed.getFirst().when()).isEqualTo("Mon–Fri 08:00–17:00");
    }

    @Test
    void aNewKeyIsADifferenceToWhatTheOldMenuDoesWithIt() {
        List<Difference> noticed = noticed(
                desk(),
                desk().with(menu(
                        "front",
                        true,
                        false,
                        "ring-group/desk",
                        "1",
                        "extension/2001",
                        "2",
                        "mailbox/m",
                        "3",
                        "mailbox/n")));
        assertThat(noticed).hasSize(1);
        assertThat(noticed.getFirst().choices()).containsExactly("3");
        assertThat(noticed.getFirst().after().in()).isEqualTo("mailbox/n");
    }

    @Test
    void anAnnouncementPutInBetweenAndARenamedMenuLeadNobodyElsewhere() {
        Plan said = to("announcement/hello", DESK).with(announcement("hello", "greeting", "branch/open"));
        assertThat(noticed(desk(), said)).isEmpty();
        assertThat(Comparison.of(desk(), said, HORIZON).objects().added()).hasSize(1);
        Plan renamed = desk().without(new app.bittern.plan.Ref(app.bittern.plan.Kind.MENU, "front"))
                .with(menu("desk", true, false, "ring-group/desk", "1", "extension/2001", "2", "mailbox/m"))
                .with(branch("open", "terminal", "open", "menu/desk", "closed", "mailbox/n"));
        assertThat(noticed(desk(), renamed)).isEmpty();
    }

    @Test
    void whatNobodyCanNoticeIsListedApart() {
        Plan unused = desk().with(mailbox("o"));
        Comparison comparison = Comparison.of(unused, unused.with(mailbox("o", Optional.of("hang-up"))), HORIZON);
        assertThat(comparison.noticed()).isEmpty();
        assertThat(comparison.unnoticed()).hasToString("[mailbox/o]");
        assertThat(comparison.objects().changed()).hasSize(1);
    }

    @Test
    void aPlanDoesNotDifferFromItself() {
        Random random = new Random(31);
        for (int plans = 0; plans < 60; plans++) {
            Plan plan = RandomPlans.plan(random);
            assertThat(Comparison.of(plan, plan, HORIZON).noticed()).isEmpty();
        }
    }

    @Test
    void everyDifferenceOfRandomPlansIsRealAndAPlainTraceThatDiffersIsAmongThem() {
        Random random = new Random(32);
        int differences = 0;
        int ending = 0;
        int told = 0;
        for (int plans = 0; plans < 60; plans++) {
            Plan before = RandomPlans.plan(random);
            Plan other = RandomPlans.plan(random);
            List<PlanObject> objects = other.objects();
            Plan after = before.with(objects.get(2 + random.nextInt(objects.size() - 2)));
            List<Difference> noticed = noticed(before, after);
            for (Difference one : noticed) {
                differences++;
                assertThat(plain(Tracer.trace(before, one.witness()).ending())).isEqualTo(plain(one.before()));
                assertThat(plain(Tracer.trace(after, one.witness()).ending())).isEqualTo(plain(one.after()));
                assertThat(plain(one.before())).isNotEqualTo(plain(one.after()));
            }
            for (int benches = 0; benches < 30; benches++) {
                Bench bench = RandomPlans.bench(before, random);
                boolean differs = !plain(Tracer.trace(before, bench).ending())
                        .equals(plain(Tracer.trace(after, bench).ending()));
                ending += differs ? 1 : 0;
                told += differs && !noticed.isEmpty() ? 1 : 0;
            }
        }
        assertThat(differences).isGreaterThan(30);
        // A difference is told only where a call is found that shows it.
        assertThat(told).as("of %s benches that end elsewhere", ending).isGreaterThan(ending * 75 / 100);
    }

    private static Ending plain(Ending ending) {
        return new Ending(ending.kind(), ending.in(), none(), ending.cause());
    }
}
