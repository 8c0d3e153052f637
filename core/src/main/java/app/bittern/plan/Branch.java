package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;

/// Sends calls several ways, by the state that something is in.
///
/// @param by        what decides
/// @param cases     a destination for each state, in order
/// @param otherwise the destination of states without a case
public record Branch(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        By by,
        Map<String, Destination> cases,
        Optional<Destination> otherwise)
        implements PlanObject {
    private static final Pattern PREFIX = Pattern.compile("prefix \\+[1-9][0-9]{0,14}");

    public Branch {
        cases = Collections.unmodifiableMap(new LinkedHashMap<>(cases));
    }

    /// What a branch asks.
    public sealed interface By {
        /// The state of hours at the call's instant.
        record OfHours(Ref hours) implements By {}

        /// The position of a switch.
        record OfSwitch(Ref turned) implements By {}

        /// Who calls: the first case that holds, each one of [Case].
        record OfCaller() implements By {}

        /// The language in force.
        record OfLanguage() implements By {}

        /// What was found for digits asked for: `tag haulier`, `found` or `not-found`.
        record OfAsk(Ref ask) implements By {}

        private By over(Places places) {
            return target().flatMap(
                            ref -> of(places.whole("by", Role.DECIDES_BY, ref, Kind.HOURS, Kind.SWITCH, Kind.ASK)))
                    .orElse(this);
        }

        /// The object it asks, where it is one.
        default Optional<Ref> target() {
            return switch (this) {
                case OfHours(Ref hours) -> Optional.of(hours);
                case OfSwitch(Ref turned) -> Optional.of(turned);
                case OfAsk(Ref ask) -> Optional.of(ask);
                case OfCaller caller -> Optional.empty();
                case OfLanguage language -> Optional.empty();
            };
        }

        /// What is allowed, as a refusal says it.
        String ALLOWED = "what decides: hours/key, switch/key, ask/key, caller or language";

        /// Reads what [Branch#by()] is written as.
        static Optional<By> parse(String text) {
            return switch (text) {
                case "caller" -> Optional.of(new OfCaller());
                case "language" -> Optional.of(new OfLanguage());
                default -> Ref.parse(text).flatMap(By::of);
            };
        }

        private static Optional<By> of(Ref ref) {
            return ref.kind() == Kind.HOURS
                    ? Optional.of(new OfHours(ref))
                    : ref.kind() == Kind.SWITCH
                            ? Optional.of(new OfSwitch(ref))
                            : ref.kind() == Kind.ASK ? Optional.of(new OfAsk(ref)) : Optional.empty();
        }

        /// As the plan file writes it.
        default String text() {
            return target().map(Ref::toString).orElseGet(() -> this instanceof OfCaller ? "caller" : "language");
        }
    }

    /// The callers that a case of a branch by caller is for: `tag haulier`, `prefix +4416`, a number, `withheld`
    /// or `unavailable`.
    public static Optional<Route.From> callers(String state) {
        if (state.startsWith("tag ") && state.length() > 4) {
            return Optional.of(new Route.From.Tag(state.substring(4)));
        }
        if (PREFIX.matcher(state).matches()) {
            return Optional.of(new Route.From.Prefix(state.substring(7)));
        }
        return Route.From.parse(state);
    }

    /// The destination of a state: its case, else what is for the rest.
    public Optional<Destination> destination(String state) {
        return Optional.ofNullable(cases.get(state)).or(() -> otherwise);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.BRANCH, key);
    }

    @Override
    public Branch over(Places places) {
        return new Branch(
                places.key(key),
                name,
                note,
                number,
                by.over(places),
                places.entries("cases", cases, (all, state, to) -> all.entry(state, to)),
                places.may("else", otherwise));
    }
}
