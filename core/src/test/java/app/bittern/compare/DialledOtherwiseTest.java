package app.bittern.compare;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.call.Account;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Phones;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// What is told of phones that dial, held against calls that they make.
class DialledOtherwiseTest {
    private static final Instant AT = Instant.parse("2026-11-24T10:15:00Z");

    /// Where a phone that dials is at once: the object that it comes to, that it may not, how its call goes out.
    private static List<Object> comes(Plan plan, Ref phone, String dialled) {
        Trace trace = Tracer.trace(plan, Bench.dialled(phone, dialled, AT));
        Ending ending = trace.ending();
        boolean refused = ending.kind() == Ending.Kind.BARRED
                || (ending.kind() == Ending.Kind.UNMATCHED && trace.steps().size() == 1);
        String second =
                refused || trace.steps().size() < 2 ? "" : trace.steps().get(1).object();
        return List.of(
                refused ? ending.kind() + " " + ending.in() : "on",
                // Which route takes a call to a number of the site depends on who calls and when.
                second.startsWith("route/") ? "route" : second,
                trace.steps().getFirst().lasts(),
                trace.steps().stream()
                        .flatMap(step -> step.account() instanceof Account.SentOut sent ? sent(sent) : Stream.of())
                        .toList());
    }

    private static Stream<Object> sent(Account.SentOut sent) {
        return Stream.of(
                sent.sent(),
                sent.tried().stream().map(tried -> tried.trunk().ref()).toList());
    }

    private static Extension same(Plan plan, Extension phone) {
        return plan.find(phone.ref(), Extension.class).orElseThrow();
    }

    /// Each difference is one that a phone of such a class meets, and each that a phone meets is told.
    @Test
    void whatIsToldIsWhatPhonesMeet() {
        Random random = Seeds.random(41);
        int told = 0;
        int met = 0;
        for (int plans = 0; plans < 50; plans++) {
            Plan before = RandomPlans.plan(random);
            List<PlanObject> other = RandomPlans.plan(random).objects().stream()
                    .filter(one -> one instanceof Outbound
                            || one instanceof ClassOfService
                            || one instanceof Code
                            || one instanceof Extension)
                    .toList();
            Plan after = before.with(other.get(random.nextInt(other.size())));
            List<DialledOtherwise> all = DialledOtherwise.of(before, after);
            List<Extension> phones = before.all(Extension.class)
                    .filter(phone -> phone.callerId().isEmpty()
                            && same(after, phone).callerId().isEmpty())
                    .toList();
            List<String> examples = Stream.of(before, after)
                    .flatMap(plan -> Phones.examples(plan).stream())
                    .distinct()
                    .toList();
            for (Extension phone : phones) {
                for (String dialled : examples) {
                    Optional<DialledOtherwise> difference = all.stream()
                            .filter(one -> one.dialled().equals(dialled)
                                    && (same(after, phone).classOfService().equals(phone.classOfService())
                                            ? one.services().contains(phone.classOfService())
                                            : one.phones().contains(phone.ref())))
                            .findFirst();
                    boolean differs = !comes(before, phone.ref(), dialled).equals(comes(after, phone.ref(), dialled));
                    if (differs) {
                        assertThat(difference)
                                .as("plan %d: %s dials %s", plans, phone.ref(), dialled)
                                .isPresent();
                        met++;
                    }
                    told += difference.isPresent() ? 1 : 0;
                }
            }
            assertThat(all).allSatisfy(one -> assertThat(one.before()).isNotEqualTo(one.after()));
            assertThat(DialledOtherwise.of(before, before)).isEmpty();
        }
        assertThat(met).isGreaterThan(Seeds.met(20));
        // Who is barred from a route that has changed meets nothing; what differs behind a full trunk is told too.
        assertThat(told).isGreaterThanOrEqualTo(met);
    }
}
