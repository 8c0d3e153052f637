package app.bittern.paths;

import app.bittern.call.Answer;
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
/// @param shown those of them that take just these steps as quickly as any: all outside tangles where they are alike
/// @param slow those of them that can take the longest
public record Path(List<Step> steps, End end, Span span, CallSet calls, CallSet shown, CallSet slow) {
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
                .map(step -> step.causes().getFirst())
                .flatMap(cause -> chosen(plan, cause).stream())
                .toList();
    }

    /// What a caller keys for a choice, one after another; `?` for digits that are nobody's.
    public static List<String> chosen(Plan plan, Cause cause) {
        return switch (cause) {
            case Cause.Key(String pressed) -> List.of(pressed);
            case Cause.Callback(String pressed) -> List.of(pressed);
            case Cause.Within(String pressed, String digits) -> List.of(pressed, digits);
            case Cause.Dialled(String extension) -> List.of(extension);
            case Cause.KeyZero zero -> List.of("0");
            case Cause.Digits(Optional<String> found) ->
                List.of(found.map(number -> plan.find(new Ref(Kind.CONTACT, number), Contact.class)
                                .flatMap(Contact::account)
                                .orElse(number))
                        .orElse("?"));
            case Cause.Looked(Answer answer, boolean keyed) -> keyed ? List.of("?") : List.of();
            case Cause.Passed o -> List.of();
            case Cause.NoNumber o -> List.of();
            case Cause.Case o -> List.of();
            case Cause.NoValidKey o -> List.of();
            case Cause.NoKey o -> List.of();
            case Cause.WrongKey o -> List.of();
            case Cause.Answered o -> List.of();
            case Cause.NoAnswer o -> List.of();
            case Cause.Busy o -> List.of();
            case Cause.Unreachable o -> List.of();
            case Cause.Forwarded o -> List.of();
            case Cause.Message o -> List.of();
            case Cause.NoValidDigits o -> List.of();
            case Cause.Full o -> List.of();
            case Cause.NoAgents o -> List.of();
            case Cause.AgentsGone o -> List.of();
            case Cause.Overflow o -> List.of();
            case Cause.Paged o -> List.of();
            case Cause.Done o -> List.of();
            case Cause.Barred o -> List.of();
            case Cause.ByTrunk o -> List.of();
            case Cause.NoChannel o -> List.of();
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
