package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What must hold for an outcome to be possible at all, apart from what callers and phones do.
public sealed interface Condition {
    record Always() implements Condition {}

    /// All of them hold.
    record AllOf(List<Condition> all) implements Condition {
        public AllOf {
            all = List.copyOf(all);
        }
    }

    /// At least one of them holds.
    record AnyOf(List<Condition> any) implements Condition {
        public AnyOf {
            any = List.copyOf(any);
        }
    }

    /// The call is made on a day or before, or after it.
    ///
    /// @param after whether it is after it
    record Day(LocalDate last, boolean after) implements Condition {}

    /// All of some, the least that says so.
    static Condition all(Condition... some) {
        List<Condition> asked = Stream.of(some)
                .flatMap(one -> one instanceof AllOf(List<Condition> all) ? all.stream() : Stream.of(one))
                .filter(one -> !(one instanceof Always))
                .toList();
        return asked.isEmpty() ? new Always() : asked.size() == 1 ? asked.getFirst() : new AllOf(asked);
    }

    /// Any of some, the least that says so.
    static Condition any(Condition... some) {
        List<Condition> asked = Stream.of(some)
                .flatMap(one -> one instanceof AnyOf(List<Condition> any) ? any.stream() : Stream.of(one))
                .toList();
        return asked.contains(new Always()) ? new Always() : asked.size() == 1 ? asked.getFirst() : new AnyOf(asked);
    }

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
