package app.bittern.paths;

import app.bittern.call.Cause;
import app.bittern.call.Ending;
import app.bittern.callset.CallSet;
import app.bittern.graph.Tangle;
import app.bittern.plan.Contact;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.witness.Step;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// One path that a call can take: the states passed and the way out of each.
///
/// @param steps from the route on; in a tangle those of the quickest way through it
/// @param end   where it ends
/// @param span  earliest and latest second of its end
/// @param calls at which times, for whom, with which switches turned where
/// @param shown those of them that take just these steps: all outside tangles
public record Path(List<Step> steps, End end, Span span, CallSet calls, CallSet shown) {
    public Path {
        steps = List.copyOf(steps);
    }

    /// Where a path ends.
    public sealed interface End {
        /// The call comes to rest.
        record Rests(Ending ending) implements End {}

        /// The call is back where it was.
        record Returns(Ref to) implements End {}

        /// The call goes round in a tangle, which it came into at an object.
        record GoesRound(Ref at, Tangle.Around how) implements End {}

        /// A word for it: that of the ending, `returns` or `goes-round`.
        default String word() {
            return switch (this) {
                case Rests(Ending ending) -> ending.kind().word();
                case Returns returns -> RETURNS;
                case GoesRound round -> GOES_ROUND;
            };
        }

        /// Where: a reference, or `outside/` and the number.
        default String in() {
            return switch (this) {
                case Rests(Ending ending) -> ending.in();
                case Returns(Ref to) -> to.toString();
                case GoesRound(Ref at, Tangle.Around how) -> at.toString();
            };
        }
    }

    /// The word for paths that come back.
    public static final String RETURNS = "returns";

    /// The word for paths that go round in a tangle.
    public static final String GOES_ROUND = "goes-round";

    /// How a call goes round, in words.
    public static String words(Tangle.Around how) {
        return switch (how) {
            case ENDLESS -> "lost: endless";
            case UNCHOSEN -> "goes round";
            case CHOSEN -> "goes round, callers choose";
        };
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
    public static Optional<String> choice(Plan plan, Cause cause) {
        return switch (cause) {
            case Cause.Key(String pressed) -> Optional.of(pressed);
            case Cause.Callback(String pressed) -> Optional.of(pressed);
            case Cause.Dialled(String extension) -> Optional.of(extension);
            case Cause.Operator operator -> Optional.of("0");
            case Cause.Digits(Optional<String> found) ->
                Optional.of(found.map(number -> plan.find(new Ref(Kind.CONTACT, number), Contact.class)
                                .flatMap(Contact::account)
                                .orElse(number))
                        .orElse("?"));
            case Cause.Passed o -> Optional.empty();
            case Cause.NoNumber o -> Optional.empty();
            case Cause.Case o -> Optional.empty();
            case Cause.NoValidKey o -> Optional.empty();
            case Cause.NoKey o -> Optional.empty();
            case Cause.WrongKey o -> Optional.empty();
            case Cause.Answered o -> Optional.empty();
            case Cause.NoAnswer o -> Optional.empty();
            case Cause.Busy o -> Optional.empty();
            case Cause.Unreachable o -> Optional.empty();
            case Cause.Forwarded o -> Optional.empty();
            case Cause.Message o -> Optional.empty();
            case Cause.NoValidDigits o -> Optional.empty();
            case Cause.Full o -> Optional.empty();
            case Cause.NoAgents o -> Optional.empty();
            case Cause.AgentsGone o -> Optional.empty();
            case Cause.Overflow o -> Optional.empty();
            case Cause.Paged o -> Optional.empty();
            case Cause.Done o -> Optional.empty();
            case Cause.Barred o -> Optional.empty();
            case Cause.ByTrunk o -> Optional.empty();
            case Cause.NoChannel o -> Optional.empty();
        };
    }

    /// What is allowed as the word of an end, as a refusal says it.
    public static List<String> words() {
        List<String> words = new java.util.ArrayList<>();
        for (Ending.Kind kind : Ending.Kind.values()) {
            words.add(kind.name().toLowerCase(Locale.ROOT).replace('_', '-'));
        }
        words.add(RETURNS);
        words.add(GOES_ROUND);
        return List.copyOf(words);
    }
}
