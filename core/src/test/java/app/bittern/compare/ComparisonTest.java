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
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.tuple;

import app.bittern.Plans;
import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Heard;
import app.bittern.call.Origin;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.callset.Calling;
import app.bittern.effect.Effect;
import app.bittern.effect.Effects;
import app.bittern.hours.Horizon;
import app.bittern.number.Caller;
import app.bittern.plan.Branch;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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

    private static Branch byCaller(String... cases) {
        return new Branch(
                "who",
                none(),
                none(),
                none(),
                new Branch.By.OfCaller(),
                branch("who", "h", cases).cases(),
                none());
    }

    private static List<Difference> noticed(Plan before, Plan after) {
        return Comparison.of(before, after, HORIZON).noticed();
    }

    /// However far it has come: a comparison that nobody wants any more ends.
    @Test
    void itEndsWhereNobodyWantsItAnyMore() {
        AtomicInteger asked = new AtomicInteger();
        Comparison whole = Comparison.of(
                desk(),
                desk().with(hours("terminal", "open: Mon-Fri 08:00-18:00", "closed")),
                HORIZON,
                () -> asked.incrementAndGet() > 0);
        assertThat(whole.noticed()).isNotEmpty();
        for (int last = 1; last < asked.get(); last++) {
            AtomicInteger left = new AtomicInteger(last);
            assertThatExceptionOfType(CancellationException.class)
                    .isThrownBy(() -> Comparison.of(
                            desk(),
                            desk().with(hours("terminal", "open: Mon-Fri 08:00-18:00", "closed")),
                            HORIZON,
                            () -> left.decrementAndGet() > 0));
        }
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
        assertThat(one.before().ending().orElseThrow().in()).isEqualTo("mailbox/n");
        assertThat(one.calling()).isEqualTo(new Calling.ToNumber(MAIN));
    }

    @Test
    void aKeyThatLeadsElsewhereIsToldOnceWithTheKey() {
        List<Difference> noticed = noticed(
                desk(),
                desk().with(menu("front", true, false, "ring-group/desk", "1", "extension/2001", "2", "mailbox/n")));
        assertThat(noticed).hasSize(1);
        assertThat(noticed.getFirst().choices()).containsExactly("2");
        assertThat(noticed.getFirst().after().ending().orElseThrow().in()).isEqualTo("mailbox/n");
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
        assertThat(noticed.getFirst().after().ending().orElseThrow().in()).isEqualTo("mailbox/n");
    }

    @Test
    void anAnnouncementPutInBetweenIsHeardAndTakesItsTimeAndARenamedMenuLeadsNobodyElsewhere() {
        Plan said = to("announcement/hello", DESK).with(announcement("hello", "greeting", "branch/open"));
        assertThat(noticed(desk(), said)).hasSize(2).allSatisfy(one -> {
            assertThat(one.at()).hasToString("announcement/hello");
            assertThat(one.notice()).isNotEqualTo(Difference.Notice.ENDS);
            assertThat(one.witness()).isPresent();
        });
        assertThat(Comparison.of(desk(), said, HORIZON).objects().added()).hasSize(1);
        Plan renamed = desk().without(new Ref(Kind.MENU, "front"))
                .with(menu("desk", true, false, "ring-group/desk", "1", "extension/2001", "2", "mailbox/m"))
                .with(branch("open", "terminal", "open", "menu/desk", "closed", "mailbox/n"));
        assertThat(noticed(desk(), renamed)).isEmpty();
    }

    @Test
    void aLongerRingTimeIsAWaitAndAnotherPromptIsHeard() {
        List<Difference> waited = noticed(desk(), desk().with(group("desk", 55, "mailbox/m", "2001")));
        assertThat(waited).extracting(Difference::notice).containsExactly(Difference.Notice.WAITS);
        Difference longer = waited.getFirst();
        assertThat(longer.at()).hasToString("ring-group/desk");
        assertThat(longer.before().second()).isEqualTo(20);
        assertThat(longer.after().second()).isEqualTo(55);
        List<Difference> heard = noticed(desk(), desk().with(prompt("ask", 14)));
        assertThat(heard).extracting(Difference::notice).contains(Difference.Notice.HEARS);
        assertThat(heard).extracting(Difference::notice).doesNotContain(Difference.Notice.ENDS);
        assertThat(heard).allSatisfy(one -> assertThat(one.at()).hasToString("menu/front"));
    }

    @Test
    void aPhoneThatOnlyOthersInsideCanDialIsComparedTooAndWhatAllNoticeIsToldOnce() {
        Plan inside = desk().with(extension("2002", Optional.of("m")));
        List<Difference> only = noticed(inside, inside.with(extension("2002", Optional.of("n"))));
        assertThat(only).hasSize(1);
        assertThat(only.getFirst().calling()).isEqualTo(new Calling.Phone(new Ref(Kind.EXTENSION, "2001"), "2002"));
        assertThat(only.getFirst().after().ending().orElseThrow().in()).isEqualTo("mailbox/n");
        List<Difference> both = noticed(desk(), desk().with(group("desk", 55, "mailbox/m", "2001")));
        assertThat(both).hasSize(1);
        assertThat(both.getFirst().calling()).isEqualTo(new Calling.ToNumber(MAIN));
        assertThat(both.getFirst().inside()).isTrue();
    }

    @Test
    void anotherMemberEndsCallsElsewhereAndIsShownByItsPhone() {
        Plan with = desk().with(extension("2002", none()));
        List<Difference> noticed = noticed(with, with.with(group("desk", 20, "mailbox/m", "2002")));
        // Where the member who was taken away is busy it now rings, and leads to the same.
        assertThat(noticed)
                .extracting(Difference::notice)
                .containsExactly(Difference.Notice.ENDS, Difference.Notice.WAITS);
        assertThat(noticed.getFirst().witness().orElseThrow().phones()).isNotEmpty();
    }

    @Test
    void theOrderOfCasesAndOfRoutesThatTakeCallsAlikeCounts() {
        Plan split = to("branch/who", mailbox("m"), mailbox("n"));
        Plan first = split.with(byCaller("prefix +4477", "mailbox/m", "prefix +44770", "mailbox/n"));
        Plan second = split.with(byCaller("prefix +44770", "mailbox/n", "prefix +4477", "mailbox/m"));
        Comparison cases = Comparison.of(first, second, HORIZON);
        assertThat(cases.objects().changed()).hasSize(1);
        assertThat(cases.noticed()).hasSize(1);
        Plan plain = split.with(Plans.route("main", "mailbox/m")).with(Plans.route("two", "mailbox/n"));
        List<PlanObject> other = new ArrayList<>(plain.objects());
        PlanObject main = plain.find(new Ref(Kind.ROUTE, "main")).orElseThrow();
        other.remove(main);
        other.add(main);
        Comparison routes = Comparison.of(plain, Plan.of(other), HORIZON);
        assertThat(routes.objects().reordered()).hasSize(2);
        assertThat(routes.noticed()).hasSize(1);
    }

    @Test
    void whatNobodyCanNoticeIsListedApart() {
        Plan unused = desk().with(mailbox("o"));
        Comparison comparison = Comparison.of(unused, unused.with(mailbox("o", Optional.of("hang-up"))), HORIZON);
        assertThat(comparison.noticed()).isEmpty();
        assertThat(comparison.unnoticed()).hasToString("[mailbox/o]");
        assertThat(comparison.objects().changed()).hasSize(1);
    }

    /// The branch itself is the same; what it asks is not: who was not known in time now is, and who is not known
    /// waits longer.
    @Test
    void anAnswerThatIsWaitedForLongerIsNoticed() {
        Plan bank = to("branch/known", DESK)
                .with(new Branch(
                        "known",
                        none(),
                        none(),
                        none(),
                        new Branch.By.OfLookup(new Ref(Kind.LOOKUP, "bank")),
                        branch("known", "h", "found", "mailbox/m", "failed", "mailbox/n")
                                .cases(),
                        none()))
                .with(lookup(2));
        List<Difference> noticed = noticed(bank, bank.with(lookup(4)));
        assertThat(noticed)
                .extracting(
                        Difference::notice,
                        one -> one.witness().orElseThrow().waiting().toString())
                .containsExactly(
                        tuple(Difference.Notice.ENDS, "{lookup/bank=[found after 4s]}"),
                        tuple(Difference.Notice.WAITS, "{lookup/bank=[failed]}"));
        assertThat(noticed.getFirst().before().ending().orElseThrow().in()).isEqualTo("mailbox/n");
        assertThat(noticed.getFirst().after().ending().orElseThrow().in()).isEqualTo("mailbox/m");
    }

    private static Lookup lookup(int seconds) {
        return new Lookup("bank", none(), none(), new Seconds(seconds), List.of());
    }

    @Test
    void aPlanDoesNotDifferFromItself() {
        Random random = Seeds.random(31);
        for (int plans = 0; plans < RandomPlans.many(60); plans++) {
            Plan plan = RandomPlans.plan(random);
            assertThat(Comparison.of(plan, plan, HORIZON).noticed()).isEmpty();
        }
    }

    @Test
    void everyDifferenceOfRandomPlansIsRealAndEveryCallThatEndsElsewhereOrHearsOtherwiseIsInOne() {
        Random random = Seeds.random(34);
        int shown = 0;
        int ending = 0;
        int hearing = 0;
        int setting = 0;
        int inside = 0;
        for (int plans = 0; plans < RandomPlans.many(230); plans++) {
            Plan before = RandomPlans.plan(random);
            Plan other = RandomPlans.plan(random);
            List<PlanObject> objects = other.objects();
            PlanObject changed = objects.get(2 + random.nextInt(objects.size() - 2));
            Plan after = before.with(changed);
            Comparison comparison = Comparison.of(before, after, HORIZON);
            for (Difference one : comparison.noticed()) {
                if (one.witness().isPresent() && one.notice() == Difference.Notice.ENDS) {
                    shown++;
                    Ending first = plain(Tracer.trace(before, one.witness().get()));
                    Ending second = plain(Tracer.trace(after, one.witness().get()));
                    assertThat(first).isEqualTo(plain(one.before().ending().orElseThrow()));
                    assertThat(second).isEqualTo(plain(one.after().ending().orElseThrow()));
                    assertThat(first).isNotEqualTo(second);
                }
            }
            for (Difference one : comparison.noticed()) {
                one.witness().ifPresent(bench -> {
                    Trace first = Tracer.trace(before, bench);
                    Trace second = Tracer.trace(after, bench);
                    assertThat(met(before, after, false, bench, first))
                            .as("%s", one)
                            .isNotEqualTo(met(after, before, true, bench, second));
                });
            }
            for (int benches = 0; benches < 30; benches++) {
                Bench bench =
                        benches % 3 == 0 ? RandomBenches.dialled(before, random) : RandomBenches.bench(before, random);
                if (dialledElsewhere(before, after, bench)) {
                    continue;
                }
                Trace first = Tracer.trace(before, bench);
                Trace second = Tracer.trace(after, bench);
                // Where a call is stopped for going round again and again tells nothing of where it went.
                if (first.ending().kind() == Ending.Kind.STOPPED
                        && second.ending().kind() == Ending.Kind.STOPPED) {
                    continue;
                }
                if (!plain(first).equals(plain(second))) {
                    ending++;
                    inside += bench.caller() instanceof Caller.Inside ? 1 : 0;
                    assertThat(comparison.noticed())
                            .as("%s: %s then %s on %s", changed, first.ending(), second.ending(), bench)
                            .anySatisfy(one -> assertThat(covers(comparison, one, bench, first, second))
                                    .isTrue());
                } else if (!heard(first).equals(heard(second))) {
                    hearing++;
                    assertThat(comparison.noticed())
                            .as("%s: %s on %s", changed, firstApart(first, second), bench)
                            .anySatisfy(one -> assertThat(covers(comparison, one, bench, first, second))
                                    .isTrue());
                } else if (!setOff(before, bench, first).equals(setOff(after, bench, second))) {
                    setting++;
                    assertThat(comparison.noticed())
                            .as("%s: %s on %s", changed, firstApart(first, second), bench)
                            .anySatisfy(one -> assertThat(covers(comparison, one, bench, first, second))
                                    .isTrue());
                }
            }
        }
        assertThat(setting).isGreaterThanOrEqualTo(Seeds.met(1));
        assertThat(inside).isGreaterThan(Seeds.met(RandomPlans.many(20)));
        assertThat(shown).isGreaterThan(Seeds.met(RandomPlans.many(100)));
        assertThat(ending).isGreaterThan(Seeds.met(RandomPlans.many(160)));
        assertThat(hearing).isGreaterThan(Seeds.met(RandomPlans.many(80)));
    }

    /// Whether a phone of the site dials what means something else, or what it may not in one of the plans; that
    /// is listed apart.
    private static boolean dialledElsewhere(Plan before, Plan after, Bench bench) {
        if (!(bench.called() instanceof Arrival.Inside(String digits))) {
            return false;
        }
        Dialling one = Dialling.of(before, digits);
        Dialling other = Dialling.of(after, digits);
        return !one.equals(other)
                || Origin.inside(before, bench.caller()).orElseThrow().may(before, one.leads())
                        != Origin.inside(after, bench.caller()).orElseThrow().may(after, other.leads());
    }

    /// What happens besides, whenever it does.
    private static Set<String> setOff(Plan plan, Bench bench, Trace trace) {
        return Effects.of(plan, bench, trace).stream()
                .filter(Effect::happens)
                .map(effect -> effect.what().id())
                .collect(Collectors.toCollection(TreeSet::new));
    }

    /// Whether a difference is about a call: it is one of its calls, and comes to the object in which the
    /// plans part.
    private static boolean covers(Comparison comparison, Difference one, Bench bench, Trace first, Trace second) {
        LocalDateTime local = LocalDateTime.ofInstant(bench.at(), HORIZON.zone());
        return comparison
                        .classes()
                        // Rules know phones of the site by what begins in them; their calls have no caller
                        // outside.
                        .like(
                                0,
                                bench.caller() instanceof Caller.Inside ? new Caller.Unavailable() : bench.caller(),
                                local,
                                bench.switches())
                        .meets(one.calls())
                && Stream.of(first, second)
                        .flatMap(trace -> trace.steps().stream())
                        .anyMatch(step -> step.object().equals(one.at().toString()));
    }

    /// All that people meet of a call.
    private static List<Object> met(Plan plan, Plan other, boolean later, Bench bench, Trace trace) {
        List<Effect> effects = Effects.of(plan, bench, trace);
        return List.of(
                told(trace),
                effects,
                Besides.of(plan, other, later, trace, effects).toList());
    }

    /// What callers notice of a trace: where it ends, after how long, and what they hear when.
    private static List<Object> told(Trace trace) {
        return List.of(
                plain(trace),
                trace.second(),
                trace.steps().stream().flatMap(step -> step.hears().stream()).toList());
    }

    /// The first step in which two traces are not alike, in both.
    private static String firstApart(Trace first, Trace second) {
        for (int step = 0; step < Math.min(first.steps().size(), second.steps().size()); step++) {
            Trace.Step one = first.steps().get(step);
            Trace.Step other = second.steps().get(step);
            if (one.second() != other.second()
                    || !one.hears().equals(other.hears())
                    || !one.object().equals(other.object())) {
                return one.object() + " by " + one.exit() + " " + one.hears() + " and " + other.object() + " by "
                        + other.exit() + " " + other.hears();
            }
        }
        return first.ending() + " and " + second.ending();
    }

    /// What is heard, and when: who rings makes no other sound.
    private static List<Heard> heard(Trace trace) {
        List<Heard> all = new ArrayList<>();
        for (Heard heard :
                trace.steps().stream().flatMap(step -> step.hears().stream()).toList()) {
            boolean plain = heard.sound() == Heard.Sound.RINGING || heard.sound() == Heard.Sound.SILENCE;
            String text = plain ? "" : heard.text();
            boolean goesOn = plain
                    && !all.isEmpty()
                    && all.getLast().sound() == heard.sound()
                    && all.getLast().to() == heard.from();
            all.add(new Heard(goesOn ? all.removeLast().from() : heard.from(), heard.to(), heard.sound(), text));
        }
        return all;
    }

    private static Ending plain(Trace trace) {
        return plain(trace.ending());
    }

    private static Ending plain(Ending ending) {
        return new Ending(ending.kind(), ending.in(), none(), ending.cause());
    }
}
