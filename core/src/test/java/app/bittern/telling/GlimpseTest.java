package app.bittern.telling;

import static app.bittern.Plans.MAIN;
import static app.bittern.Plans.announcement;
import static app.bittern.Plans.extension;
import static app.bittern.Plans.group;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.menu;
import static app.bittern.Plans.none;
import static app.bittern.Plans.prompt;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomBenches;
import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Bench;
import app.bittern.call.Reaction;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// A call in few words.
class GlimpseTest {
    private static final Bench SILENT =
            Bench.of(MAIN, new Caller.Known(new E164("+447700900123")), Instant.parse("2026-11-24T10:15:00Z"));

    private static Plan plan(String first) {
        PlanObject[] all = {
            menu("desk", true, false, "ring-group/quay"),
            announcement("shut", "shut", "mailbox/quay"),
            prompt("shut", 5),
            group("quay", 21, "ring-group/shed", "2001", "2002", "2003+30"),
            group("shed", 9, "mailbox/quay", "2003"),
            mailbox("quay"),
            extension("2001", none()),
            extension("2002", none()),
            extension("2003", none())
        };
        return to(first, all);
    }

    private static String of(Plan plan, Bench bench) {
        return Glimpse.of(plan, Tracer.trace(plan, bench));
    }

    /// A phone whose delay is longer than the group rings is none that rings.
    @Test
    void whoIsRungForHowLongAndWhereTheCallRests() {
        assertThat(of(plan("ring-group/shed"), SILENT)).isEqualTo("shed, 1 phone, 9 s, else message in quay");
        assertThat(of(plan("ring-group/quay"), SILENT))
                .isEqualTo("quay, 2 phones, 21 s, then 1 more, else message in quay");
        assertThat(of(plan("menu/desk"), SILENT))
                .isEqualTo("menu desk, then quay, 2 phones, 21 s, then 1 more, else message in quay");
        assertThat(of(plan("extension/2001"), SILENT)).startsWith("2001, 20 s, else ");
    }

    @Test
    void whatLeavesNoChoiceLeadsOn() {
        assertThat(of(plan("announcement/shut"), SILENT)).isEqualTo("announcement shut, then message in quay");
        assertThat(of(plan("mailbox/quay"), SILENT)).isEqualTo("message in quay");
        Bench answered = new Bench(
                SILENT.called(),
                SILENT.caller(),
                SILENT.at(),
                List.of(),
                false,
                Map.of("2002", List.of(new Reaction.Answers(6))),
                Map.of(),
                Map.of(),
                Map.of());
        assertThat(of(plan("ring-group/quay"), answered)).isEqualTo("quay, 2 phones, 6 s: answered by 2002");
    }

    /// Whatever a call does, it is said where it rests, and of no object that it did not pass.
    @Test
    void everyCallIsSaidToItsEnd() {
        Random random = Seeds.random(37);
        for (int plans = 0; plans < RandomPlans.many(200); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (int calls = 0; calls < 20; calls++) {
                Trace trace = Tracer.trace(plan, RandomBenches.bench(plan, random));
                String end = InWords.ended(plan, trace.ending());
                String says = Glimpse.of(plan, trace);
                assertThat(says).endsWith(end);
                List<String> passed = trace.steps().stream()
                        .map(Trace.Step::object)
                        .map(object -> Ref.parse(object).map(plan::title).orElse(object))
                        .toList();
                String way = says.substring(0, says.length() - end.length());
                assertThat(way.isEmpty() || passed.stream().anyMatch(way::contains))
                        .as(says)
                        .isTrue();
            }
        }
    }
}
