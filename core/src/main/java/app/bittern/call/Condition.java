package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.List;
import java.util.Optional;

/// What must hold for an outcome to be possible at all, apart from what callers and phones do.
public sealed interface Condition {
    record Always() implements Condition {}

    /// Hours are in a state at the call's instant.
    record HoursIn(Ref hours, String state) implements Condition {}

    /// A switch is in a position.
    record SwitchIn(Ref turned, String position) implements Condition {}

    /// The caller is one of some, and none of others.
    ///
    /// @param none what the caller must not be
    /// @param is   what the caller must be; anybody where absent
    record CallerIs(List<Route.From> none, Optional<Route.From> is) implements Condition {
        public CallerIs {
            none = List.copyOf(none);
        }

        /// Whether a caller is.
        public boolean holds(Plan plan, Caller caller) {
            return is.map(one -> Callers.is(plan, caller, one)).orElse(true)
                    && none.stream().noneMatch(one -> Callers.is(plan, caller, one));
        }
    }
}
