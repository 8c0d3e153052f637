package app.bittern.call;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.Optional;

/// What a call carries along that leads it nowhere, and that its caller hears: `music/harbour` while it waits,
/// and what a called phone shows.
///
/// It is no part of a state, as no way depends on it; who asks what is heard must bring it along.
///
/// @param dress  how the route that took it presents it
public record Carried(Route.Dress dress) {
    /// As a call begins.
    public static final Carried NOTHING = new Carried(Route.Dress.PLAIN);

    /// What the route lets callers hear where an object has nothing of its own.
    public Optional<Ref> hears() {
        return dress.hears();
    }

    /// What it carries after leaving a state.
    public Carried past(Plan plan, State state) {
        return state.at().kind() == Kind.ROUTE
                ? plan.find(state.at(), Route.class)
                        .map(route -> new Carried(route.dress()))
                        .orElse(this)
                : this;
    }
}
