package app.bittern.call;

import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.Optional;

/// What a call carries along that leads it nowhere, and that its caller hears: `music/harbour` while it waits,
/// and the greeting for "busy".
///
/// It is no part of a state, as no way depends on it; who asks what is heard must bring it along.
///
/// @param dress  how the route that took it presents it
/// @param reason why the call may come to a mailbox: the last answer that was not given
public record Carried(Route.Dress dress, Optional<Mailbox.Reason> reason) {
    /// As a call begins.
    public static final Carried NOTHING = new Carried(Route.Dress.PLAIN, Optional.empty());

    /// What the route lets callers hear where an object has nothing of its own.
    public Optional<Ref> hears() {
        return dress.hears();
    }

    /// What it carries after leaving a state.
    public Carried past(Plan plan, State state, Cause cause) {
        Route.Dress now = state.at().kind() == Kind.ROUTE
                ? plan.find(state.at(), Route.class).map(Route::dress).orElse(dress)
                : dress;
        if (cause instanceof Cause.Busy) {
            return new Carried(now, Optional.of(Mailbox.Reason.BUSY));
        }
        if (cause instanceof Cause.NoAnswer || cause instanceof Cause.Overflow) {
            return new Carried(now, Optional.of(Mailbox.Reason.NO_ANSWER));
        }
        if (cause instanceof Cause.Case(String name)) {
            return new Carried(now, name.equals("closed") ? Optional.of(Mailbox.Reason.CLOSED) : Optional.empty());
        }
        return new Carried(now, reason);
    }
}
