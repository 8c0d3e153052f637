package app.bittern.call;

import static app.bittern.Plans.extension;
import static app.bittern.Plans.mailbox;
import static app.bittern.Plans.none;
import static app.bittern.Plans.to;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox.Reason;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/// Why a call comes to a mailbox, as its greeting may tell.
class CarriedTest {
    private static final Plan PLAN = to("extension/2001", extension("2001", Optional.of("m")), mailbox("m"));
    private static final State AT = new State(new Ref(Kind.EXTENSION, "2001"), Context.in("en-GB"));

    private static Optional<Reason> after(Cause... causes) {
        Carried carried = Carried.NOTHING;
        for (Cause cause : causes) {
            carried = carried.past(PLAN, AT, cause);
        }
        return carried.reason();
    }

    @Test
    void theLastAnswerThatWasNotGivenCounts() {
        assertThat(after()).isEqualTo(none());
        assertThat(after(new Cause.Busy())).contains(Reason.BUSY);
        assertThat(after(new Cause.NoAnswer())).contains(Reason.NO_ANSWER);
        assertThat(after(new Cause.Overflow())).contains(Reason.NO_ANSWER);
        assertThat(after(new Cause.Busy(), new Cause.NoAnswer())).contains(Reason.NO_ANSWER);
        assertThat(after(new Cause.NoAnswer(), new Cause.Busy())).contains(Reason.BUSY);
    }

    @Test
    void whatIsPassedOnTheWayChangesNothing() {
        assertThat(after(new Cause.Busy(), new Cause.Passed())).contains(Reason.BUSY);
        assertThat(after(new Cause.Busy(), new Cause.Unreachable())).contains(Reason.BUSY);
        assertThat(after(new Cause.Key("1"))).isEqualTo(none());
    }

    @Test
    void aCaseTellsWhetherItIsClosed() {
        assertThat(after(new Cause.Case("closed"))).contains(Reason.CLOSED);
        assertThat(after(new Cause.Case("open"))).isEqualTo(none());
        assertThat(after(new Cause.Case("closed"), new Cause.Case("open"))).isEqualTo(none());
    }

    @Test
    void aRouteWithoutMusicLetsNothingBeHeard() {
        State route = new State(new Ref(Kind.ROUTE, "main"), Context.in("en-GB"));
        assertThat(Carried.NOTHING.past(PLAN, route, new Cause.Passed())).isEqualTo(Carried.NOTHING);
    }
}
