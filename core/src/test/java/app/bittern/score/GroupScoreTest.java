package app.bittern.score;

import static app.bittern.Plans.extension;
import static app.bittern.Plans.group;
import static app.bittern.Plans.hunt;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.none;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Account;
import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Context;
import app.bittern.call.Outcome;
import app.bittern.call.Rung;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Transition;
import app.bittern.plan.Group;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Plan;
import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// When the phones of a group ring.
class GroupScoreTest {
    private static final GroupScore.Phone NONE = new GroupScore.Phone(false, List.of());

    private static GroupScore.Phone phone(Ring... rings) {
        return new GroupScore.Phone(true, List.of(rings));
    }

    private static GroupScore of(Group group) {
        Plan plan = to(
                group.ref().toString(),
                group,
                mailbox("quay"),
                extension("2001", none()),
                Plans.disturbed("2002"),
                extension("2003", none()));
        return GroupScore.of(plan, group);
    }

    /// Who is on do not disturb is passed over in no time, and so is not waited for.
    @Test
    void aHuntPassesOverWhoDoesNotRing() {
        GroupScore score = of(hunt("quay", 12, 2, "mailbox/quay", "2001", "2002", "2003"));
        assertThat(score.lasts()).isEqualTo(48);
        assertThat(score.members())
                .containsExactly(
                        phone(new Ring(0, 12), new Ring(24, 36)), NONE, phone(new Ring(12, 24), new Ring(36, 48)));
        assertThat(score.leaves()).isEqualTo(new Cause.NoAnswer());
    }

    @Test
    void togetherEachRingsFromItsDelayToTheEnd() {
        GroupScore score = of(group("quay", 21, "mailbox/quay", "2001", "2002", "2003+8", "2003+30"));
        assertThat(score.lasts()).isEqualTo(21);
        assertThat(score.members()).containsExactly(phone(new Ring(0, 21)), NONE, phone(new Ring(8, 21)), phone());
    }

    @Test
    void whereNobodyCanRingTheCallLeavesAtOnce() {
        GroupScore score = of(group("quay", 21, "mailbox/quay", "2002"));
        assertThat(score.lasts()).isZero();
        assertThat(score.leaves()).isEqualTo(new Cause.Busy());
    }

    /// Every second of a score is one of the paths' windows, and of every call in which nobody answers.
    @Test
    void everySecondIsThatOfThePathsAndOfCalls() {
        Random random = Seeds.random(61);
        int calls = 0;
        for (int plans = 0; plans < RandomPlans.many(200); plans++) {
            Plan plan = RandomPlans.plan(random);
            plan.all(Group.class).forEach(group -> leavesAsItsPathsDo(plan, group));
            for (int call = 0; call < 10; call++) {
                Bench bench = RandomBenches.bench(plan, random);
                Bench silent = new Bench(
                        bench.called(),
                        bench.caller(),
                        bench.at(),
                        bench.keys(),
                        bench.again(),
                        Map.of(),
                        bench.switches(),
                        bench.agents(),
                        bench.waiting());
                for (Trace.Step step : Tracer.trace(plan, silent).steps()) {
                    calls += rings(plan, step) ? 1 : 0;
                }
            }
        }
        assertThat(calls).isGreaterThan(Seeds.met(100));
    }

    private static void leavesAsItsPathsDo(Plan plan, Group group) {
        GroupScore score = GroupScore.of(plan, group);
        State state = new State(group.ref(), Context.in(plan.site().defaultLanguage()));
        List<Outcome> outcomes = Transition.outcomes(plan, state).stream()
                .filter(outcome -> outcome.cause().equals(score.leaves()))
                .toList();
        assertThat(outcomes).hasSize(1);
        assertThat(outcomes.getFirst().window().latest()).isEqualTo(score.lasts());
        assertThat(score.members()).hasSameSizeAs(group.members());
        assertThat(score.members().stream().flatMap(phone -> phone.rings().stream()))
                .allMatch(ring -> ring.to() <= score.lasts());
    }

    /// Whether a step is one at a group; how long it is there and who is rung when is then as its score says.
    private static boolean rings(Plan plan, Trace.Step step) {
        if (step.account() instanceof Account.Hunted(HuntGroup group, List<Account.Hunt> members, var rung)) {
            GroupScore score = GroupScore.of(plan, group);
            assertThat(step.lasts()).isEqualTo(score.lasts());
            List<Account.RungAt> drawn = new ArrayList<>();
            for (int place = 0; place < members.size(); place++) {
                for (Ring ring : score.members().get(place).rings()) {
                    drawn.add(new Account.RungAt(members.get(place).party(), ring.from()));
                }
            }
            assertThat(drawn).containsExactlyInAnyOrderElementsOf(rung);
            return true;
        }
        if (step.account() instanceof Account.RangTogether(RingGroup group, List<Rung> members)) {
            GroupScore score = GroupScore.of(plan, group);
            assertThat(step.lasts()).isEqualTo(score.lasts());
            for (int place = 0; place < members.size(); place++) {
                Rung rung = members.get(place);
                assertThat(score.members().get(place).rings())
                        .isEqualTo(rung.rings() ? List.of(new Ring(rung.from(), step.lasts())) : List.of());
            }
            return true;
        }
        return false;
    }
}
