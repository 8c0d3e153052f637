package app.bittern.call;

import app.bittern.plan.Pointer;
import java.util.Optional;
import java.util.function.UnaryOperator;

/// One way in which a caller can leave an object.
///
/// @param cause  what makes it happen; two outcomes of a state that have the same are for calls that have none in
///               common
/// @param window when, counted from entering the object
/// @param when   what must hold for it to be possible
/// @param onward where it leads
/// @param slot   the place in the object that decides where it leads; none where nothing can be given
public record Outcome(Cause cause, Window window, Condition when, Onward onward, Optional<Pointer> slot) {
    static Outcome of(Cause cause, Window window, Onward onward) {
        return new Outcome(cause, window, new Condition.Always(), onward, Optional.empty());
    }

    /// The same where something must hold.
    Outcome given(Condition condition) {
        return new Outcome(cause, window, condition, onward, slot);
    }

    /// The same with the place that decides where it leads.
    Outcome by(String... steps) {
        return at(Pointer.of((Object[]) steps));
    }

    /// The same with the place that decides where it leads.
    Outcome at(Pointer place) {
        return new Outcome(cause, window, when, onward, Optional.of(place));
    }

    /// The same with what it carries on changed.
    Outcome carrying(UnaryOperator<Context> change) {
        Onward changed = switch (onward) {
            case Onward.Next(State next) ->
                new Onward.Next(new State(next.at(), next.stage(), change.apply(next.context())));
            case Onward.Ends(Ending ending, Context carried) -> new Onward.Ends(ending, change.apply(carried));
        };
        return new Outcome(cause, window, when, changed, slot);
    }

    /// The same in another window.
    public Outcome in(Window other) {
        return new Outcome(cause, other, when, onward, slot);
    }
}
