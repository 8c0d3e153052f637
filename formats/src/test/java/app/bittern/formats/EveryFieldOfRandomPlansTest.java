package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import java.util.Collections;
import java.util.EnumSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

/// What the laws of the engine are held over: random plans that set every field which a call can feel.
class EveryFieldOfRandomPlansTest {
    /// Of kinds that random plans have what no call depends on; names and notes are no part of it either.
    private static final Set<String> FELT_BY_NO_CALL = Set.of(
            "code/pin",
            "site/emergency/*",
            "site/ringCycle",
            "contact/company",
            "extension/agentId",
            "extension/email",
            "extension/place/building",
            "extension/place/floor",
            "extension/place/room",
            "mailbox/deliver/withSound",
            "mailbox/deliver/thenRemove",
            "mailbox/longestMessage",
            "mailbox/owner",
            "mailbox/pin",
            "menu/keys/*/label",
            "number/carrier",
            "number/due",
            "number/order",
            "number/report",
            "number/status",
            "number/trunk",
            "page/address",
            "page/phones/*",
            "prompt/music",
            "route/alert",
            "site/blocks/*/for",
            "site/blocks/*/from",
            "site/blocks/*/note",
            "site/blocks/*/to",
            "site/voiceChannels",
            "trap-target/community",
            "trunk/deliversCaller");

    @Test
    void randomPlansSetEveryFieldThatACallCanFeel() {
        Set<FieldForm> seen = Collections.newSetFromMap(new IdentityHashMap<>());
        Set<Kind> kinds = EnumSet.noneOf(Kind.class);
        Random random = Seeds.random(97);
        for (int plans = 0; plans < RandomPlans.many(150); plans++) {
            Plan plan = RandomPlans.plan(random);
            for (PlanObject object : plan.objects()) {
                kinds.add(object.ref().kind());
                FieldForm.walk(object.ref().kind(), ObjectJson.write(object), (at, form, value) -> seen.add(form));
            }
        }
        Set<String> unset = new TreeSet<>();
        kinds.forEach(kind ->
                FieldForm.of(kind).forEach(form -> unset(kind.word() + "/" + form.name(), form, seen, unset)));
        unset.removeIf(at -> at.endsWith("/name") || at.endsWith("/note") || FELT_BY_NO_CALL.contains(at));
        assertThat(unset).isEmpty();
    }

    private static void unset(String at, FieldForm form, Set<FieldForm> seen, Set<String> unset) {
        boolean leaf =
                form.types().stream().anyMatch(type -> type != FieldForm.Type.LIST && type != FieldForm.Type.FIELDS);
        if (leaf && !seen.contains(form)) {
            unset.add(at);
        }
        List<FieldForm> inside = form.fields();
        inside.forEach(field -> unset(at + "/" + field.name(), field, seen, unset));
        form.each().ifPresent(each -> unset(at + "/*", each, seen, unset));
    }
}
