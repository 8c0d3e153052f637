package app.bittern.paths;

import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.call.State;
import app.bittern.call.Window;
import app.bittern.plan.Contact;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// One path that a call can take: the states passed and the way out of each.
///
/// @param steps  from the route on
/// @param end    where it ends
/// @param window earliest and latest second of its end
/// @param when   at which times, for whom, with which switches turned where
/// @param calls  the same, as [ClassSets] number it
public record Path(List<Step> steps, End end, Window window, String when, int calls) {
    public Path {
        steps = List.copyOf(steps);
    }

    /// A state and what leads out of it.
    ///
    /// @param causes one of them happens
    /// @param window when, counted from entering the state
    public record Step(State state, List<Cause> causes, Window window) {
        public Step {
            causes = List.copyOf(causes);
        }
    }

    /// Where a path ends.
    public sealed interface End {
        /// The call comes to rest.
        record Rests(Ending ending) implements End {}

        /// The call is back where it was.
        record Returns(Ref to) implements End {}
    }

    /// The objects passed, in order; the stages of a chain are one.
    public List<Ref> objects() {
        return steps.stream()
                .filter(step -> step.state().stage() == 0)
                .map(step -> step.state().at())
                .toList();
    }

    /// What the caller chose, in order: keys, an extension's number, digits.
    public List<String> choices(Plan plan) {
        return steps.stream()
                .flatMap(step -> step.causes().stream())
                .flatMap(cause -> choice(plan, cause).stream())
                .toList();
    }

    /// What a caller keys for a choice; `?` for digits that are nobody's.
    static Optional<String> choice(Plan plan, Cause cause) {
        return switch (cause) {
            case Cause.Key(String pressed) -> Optional.of(pressed);
            case Cause.Callback(String pressed) -> Optional.of(pressed);
            case Cause.Dialled(String extension) -> Optional.of(extension);
            case Cause.Operator operator -> Optional.of("0");
            case Cause.Digits(Optional<String> found) ->
                Optional.of(found.map(number -> plan.find(new Ref(app.bittern.plan.Kind.CONTACT, number), Contact.class)
                                .flatMap(Contact::account)
                                .orElse(number))
                        .orElse("?"));
            default -> Optional.empty();
        };
    }
}
