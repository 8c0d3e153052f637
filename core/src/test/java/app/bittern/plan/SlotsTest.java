package app.bittern.plan;

import static app.bittern.Plans.group;
import static app.bittern.Plans.none;
import static app.bittern.Plans.route;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Plans;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

class SlotsTest {
    private static Ref ref(String text) {
        return Ref.parse(text).orElseThrow();
    }

    @Test
    void aRouteTellsWhereItLeadsAndThatItMust() {
        Slot slot = route("main", "queue/bookings").slot(Pointer.of("to")).orElseThrow();
        assertThat(slot.role()).isEqualTo(Role.LEADS_TO);
        assertThat(slot.target()).contains(ref("queue/bookings"));
        assertThat(slot.missing()).isFalse();
        assertThat(slot.takes().fitted(new Destination.HangUp())).isPresent();
        assertThat(slot.takes().fitted(new Destination.Repeat()))
                .as("in menus only")
                .isEmpty();
        assertThat(slot.takes().fitted(ref("prompt/welcome"))).isEmpty();
        assertThat(route("main", "nothing").slot(Pointer.of("to")).orElseThrow().missing())
                .isTrue();
    }

    @Test
    void aMemberIsAnEntryThatGoesWithItsPhone() {
        RingGroup desk = group("desk", 20, "hang-up", "2001", "2002", "+447700900321");
        RingGroup left = (RingGroup) desk.filled(
                slot -> slot.target().equals(Optional.of(ref("extension/2001"))) ? Optional.empty() : slot.holds());
        assertThat(left.members()).hasSize(2);
        assertThat(desk.slots().stream().map(slot -> slot.at().toString()))
                .containsExactly(
                        "/members/0/extension", "/members/1/extension", "/hears", "/noAnswer", "/busy", "/unreachable");
    }

    @Test
    void addressesAreReadAsTheyAreWritten() {
        Pointer odd = Pointer.of("talk", "queue/a~b", 3);
        assertThat(odd).hasToString("/talk/queue~1a~0b/3");
        assertThat(Pointer.parse(odd.toString())).contains(odd);
        assertThat(Pointer.parse("keys/3")).isEmpty();
        assertThat(Pointer.parse("/a~2")).isEmpty();
        assertThat(Pointer.parse("/a".repeat(100_000))).isEmpty();
        assertThat(Pointer.of("keys", 3, "to").within(Pointer.of("keys", 3))).isTrue();
    }

    @Test
    void goneOverWithoutChangeEveryObjectOfRandomPlansIsAsItWas() {
        Random random = Seeds.random(71);
        for (int plans = 0; plans < 40; plans++) {
            for (PlanObject object : RandomPlans.plan(random).objects()) {
                assertThat(object.filled(Slot::holds)).isEqualTo(object);
                Set<Pointer> addresses = new HashSet<>();
                object.slots()
                        .forEach(slot -> assertThat(addresses.add(slot.at()))
                                .as("%s %s", object.ref(), slot.at())
                                .isTrue());
            }
        }
    }

    @Test
    void whatIsPutInASlotStandsThereAndNowhereElse() {
        Random random = Seeds.random(72);
        List<Filling> others = List.of(
                new Destination.HangUp(),
                ref("mailbox/b0"),
                ref("extension/2003"),
                ref("prompt/ask"),
                ref("music/hold"));
        for (int plans = 0; plans < 20; plans++) {
            for (PlanObject object : RandomPlans.plan(random).objects()) {
                for (Slot slot : object.slots()) {
                    others.stream()
                            .flatMap(one -> slot.takes().fitted(one).stream())
                            .limit(2)
                            .forEach(one -> {
                                PlanObject filled = object.filled(
                                        any -> any.at().equals(slot.at()) ? Optional.of(one) : any.holds());
                                Slot now = filled.slot(slot.at()).orElseThrow();
                                assertThat(now.holds().map(Object::toString)).contains(one.toString());
                                assertThat(filled.filled(
                                                any -> any.at().equals(slot.at()) ? slot.holds() : any.holds()))
                                        .isEqualTo(object);
                            });
                }
            }
        }
    }

    @Test
    void renamingAndRenamingBackGivesThePlanAsItWas() {
        Random random = Seeds.random(73);
        Plan plan = RandomPlans.plan(random);
        for (PlanObject object : plan.objects()) {
            Ref old = object.ref();
            if (old.kind().keys() != Kind.Keys.WORDS || old.kind().form() == Kind.Form.SINGLE) {
                continue;
            }
            Ref renamed = new Ref(old.kind(), "quite-another");
            for (Plan.Use use : plan.uses(old)) {
                PlanObject user = plan.find(use.object()).orElseThrow();
                PlanObject changed = user.renamed(old, renamed);
                assertThat(changed.slots()).noneMatch(slot -> slot.target().equals(Optional.of(old)));
                assertThat(changed.renamed(renamed, old)).isEqualTo(user);
            }
        }
    }

    @Test
    void aUseIsFoundForEverySlotThatNamesAnObject() {
        Plan plan = Plans.to("ring-group/desk", group("desk", 20, "mailbox/m", "2001"), Plans.mailbox("m"));
        assertThat(plan.uses(ref("mailbox/m")))
                .extracting(use -> use.object() + " " + use.slot().at())
                .containsExactly("ring-group/desk /noAnswer");
        assertThat(plan.uses(ref("mailbox/none"))).isEmpty();
    }

    @Test
    void whatATrafficIsAboutIsNamedByItsFields() {
        Traffic traffic = new Traffic(
                none(),
                Map.of(),
                Map.of(ref("menu/front"), Map.of()),
                Map.of(ref("queue/q"), new Seconds(60)),
                none(),
                none());
        assertThat(traffic.slots())
                .extracting(slot -> slot.at() + " " + slot.target().orElseThrow())
                .containsExactly("/choices/menu~1front menu/front", "/talk/queue~1q queue/q");
        assertThat(traffic.renamed(ref("queue/q"), ref("queue/r")).slots())
                .extracting(slot -> slot.at().toString())
                .contains("/talk/queue~1r");
    }
}
