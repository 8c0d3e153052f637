package app.bittern.call;

import static app.bittern.Plans.extension;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.none;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox.Reason;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Sets;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/// What a call carries, and why it comes to a mailbox, as its greeting may tell.
class CarriedTest {
    private static final Plan PLAN = to(
            "extension/2001",
            extension("2001", Optional.of("m")),
            mailbox("m"),
            new Branch(
                    "when",
                    none(),
                    none(),
                    none(),
                    new Branch.By.OfLanguage(),
                    Map.of(
                            "en-GB",
                            new Branch.Case(
                                    Destination.parse("mailbox/m").orElseThrow(),
                                    Sets.NOTHING,
                                    Optional.of(Reason.CLOSED))),
                    none()));
    private static final Context BEGUN = Context.in("en-GB");

    private static Optional<Reason> after(String at, Cause cause, Context before) {
        return Transition.outcomes(PLAN, new State(Ref.parse(at).orElseThrow(), before), cause).stream()
                .flatMap(outcome -> outcome.onward() instanceof Onward.Next(State next)
                        ? next.context().facts().greeting().stream()
                        : Stream.of())
                .findFirst();
    }

    @Test
    void anExtensionThatIsLeftUnansweredOrBusyIsTheReason() {
        assertThat(after("extension/2001", new Cause.Busy(), BEGUN)).contains(Reason.BUSY);
        assertThat(after("extension/2001", new Cause.NoAnswer(), BEGUN)).contains(Reason.NO_ANSWER);
        assertThat(after("extension/2001", new Cause.NoAnswer(), BEGUN.greeted(Optional.of(Reason.BUSY))))
                .contains(Reason.NO_ANSWER);
        assertThat(after("extension/2001", new Cause.Unreachable(), BEGUN)).isEqualTo(none());
        assertThat(after("extension/2001", new Cause.Unreachable(), BEGUN.greeted(Optional.of(Reason.BUSY))))
                .contains(Reason.BUSY);
    }

    @Test
    void aCaseSaysItWhereItIsToldTo() {
        assertThat(after("branch/when", new Cause.Case("en-GB"), BEGUN)).contains(Reason.CLOSED);
    }

    @Test
    void aRouteWithoutMusicLetsNothingBeHeard() {
        State route = new State(new Ref(Kind.ROUTE, "main"), Context.in("en-GB"));
        assertThat(Carried.NOTHING.past(PLAN, route)).isEqualTo(Carried.NOTHING);
    }
}
