package app.bittern.call;

import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import java.time.LocalDateTime;
import java.util.Optional;

/// A bench in the course of a call: the keys are used up one after another.
final class BenchInHand {
    private final Bench bench;
    private final LocalDateTime local;
    private int keysUsed;
    private Optional<Mailbox.Reason> reason = Optional.empty();

    BenchInHand(Bench bench, Plan plan) {
        this.bench = bench;
        this.local = LocalDateTime.ofInstant(bench.at(), plan.site().timeZone());
    }

    Bench bench() {
        return bench;
    }

    /// The call's instant at the site. The whole call is judged by it, so that hours asked twice in
    /// one call answer alike.
    LocalDateTime local() {
        return local;
    }

    int keysUsed() {
        return keysUsed;
    }

    /// The next key asked for, without taking it.
    KeyPress peek() {
        return keysUsed < bench.keys().size() ? bench.keys().get(keysUsed) : KeyPress.SILENCE;
    }

    /// The next key asked for.
    KeyPress take() {
        KeyPress next = peek();
        keysUsed++;
        return next;
    }

    /// Notes why the call goes on.
    void note(Cause cause) {
        if (cause instanceof Cause.Busy) {
            reason = Optional.of(Mailbox.Reason.BUSY);
        } else if (cause instanceof Cause.NoAnswer || cause instanceof Cause.Overflow) {
            reason = Optional.of(Mailbox.Reason.NO_ANSWER);
        } else if (cause instanceof Cause.Case(String state)) {
            reason = state.equals("closed") ? Optional.of(Mailbox.Reason.CLOSED) : Optional.empty();
        }
    }

    /// Why the call has come where it is, as a mailbox may tell callers: the last answer that was not given.
    Optional<Mailbox.Reason> reason() {
        return reason;
    }
}
