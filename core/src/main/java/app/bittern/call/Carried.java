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
/// @param hears  what the route lets callers hear where an object has nothing of its own
/// @param reason why the call may come to a mailbox: the last answer that was not given
public record Carried(Optional<Ref> hears, Optional<Mailbox.Reason> reason) {
    /// As a call begins.
    public static final Carried NOTHING = new Carried(Optional.empty(), Optional.empty());

    /// What it carries after leaving a state.
    public Carried past(Plan plan, State state, Cause cause) {
        Optional<Ref> music = state.at().kind() == Kind.ROUTE
                ? plan.find(state.at(), Route.class)
                        .flatMap(route -> route.dress().hears())
                : hears;
        if (cause instanceof Cause.Busy) {
            return new Carried(music, Optional.of(Mailbox.Reason.BUSY));
        }
        if (cause instanceof Cause.NoAnswer || cause instanceof Cause.Overflow) {
            return new Carried(music, Optional.of(Mailbox.Reason.NO_ANSWER));
        }
        if (cause instanceof Cause.Case(String name)) {
            return new Carried(music, name.equals("closed") ? Optional.of(Mailbox.Reason.CLOSED) : Optional.empty());
        }
        return new Carried(music, reason);
    }
}
