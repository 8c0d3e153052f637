package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

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
        Map<String, Case> cases,
        Optional<Case> otherwise)
        implements PlanObject {
    /// What stands for all that no case is for.
    public static final String OTHERWISE = "else";

    private static final Pattern PREFIX = Pattern.compile("prefix \\+[1-9][0-9]{0,14}");

    public Branch {
        cases = Collections.unmodifiableMap(new LinkedHashMap<>(cases));
    }

    /// What becomes of the calls in a case.
    ///
    /// @param to      where they go
    /// @param sets    what they are given
    /// @param greetAs the greeting that a mailbox gives them
    public record Case(Destination to, Sets sets, Optional<Mailbox.Reason> greetAs) {
        /// A case that leads somewhere, and does nothing else.
        public static Case to(Destination to) {
            return new Case(to, Sets.NOTHING, Optional.empty());
        }

        /// Whether it leads somewhere and does nothing else; it is written by its destination alone.
        public boolean plain() {
            return sets.nothing() && greetAs.isEmpty();
        }

        /// Where in a plan file its destination stands, in the field or the map that it is an entry of.
        ///
        /// @param steps the address of the case
        public Pointer slot(String... steps) {
            Pointer here = Pointer.of((Object[]) steps);
            return plain() ? here : here.to("to");
        }

        private Optional<Case> entry(Places list, String name) {
            Optional<Destination> kept =
                    plain() ? list.entry(name, to) : list.in(name).entry("to", to);
            return kept.map(one -> new Case(one, sets, greetAs));
        }

        private static Optional<Case> rest(Places places, Optional<Case> otherwise) {
            return otherwise
                    .filter(one -> !one.plain())
                    .map(one -> places.in(OTHERWISE)
                            .may("to", Optional.of(one.to()))
                            .map(to -> new Case(to, one.sets(), one.greetAs())))
                    .orElseGet(
                            () -> places.may(OTHERWISE, otherwise.map(Case::to)).map(Case::to));
        }
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

        /// What something outside knows of the caller, or has said of the digits: as an ask, or `failed`.
        record OfLookup(Ref lookup) implements By {}

        private By over(Places places) {
            return target().flatMap(ref -> of(
                            places.whole("by", Role.DECIDES_BY, ref, Kind.HOURS, Kind.SWITCH, Kind.ASK, Kind.LOOKUP)))
                    .orElse(this);
        }

        /// The object it asks, where it is one.
        default Optional<Ref> target() {
            return switch (this) {
                case OfHours(Ref hours) -> Optional.of(hours);
                case OfSwitch(Ref turned) -> Optional.of(turned);
                case OfAsk(Ref ask) -> Optional.of(ask);
                case OfLookup(Ref lookup) -> Optional.of(lookup);
                case OfCaller caller -> Optional.empty();
                case OfLanguage language -> Optional.empty();
            };
        }

        /// What is allowed, as a refusal says it.
        String ALLOWED = "what decides: hours/key, switch/key, ask/key, lookup/key, caller or language";

        /// Reads what [Branch#by()] is written as.
        static Optional<By> parse(String text) {
            return switch (text) {
                case "caller" -> Optional.of(new OfCaller());
                case "language" -> Optional.of(new OfLanguage());
                default -> Ref.parse(text).flatMap(By::of);
            };
        }

        private static Optional<By> of(Ref ref) {
            if (ref.kind() == Kind.HOURS) {
                return Optional.of(new OfHours(ref));
            }
            if (ref.kind() == Kind.SWITCH) {
                return Optional.of(new OfSwitch(ref));
            }
            if (ref.kind() == Kind.LOOKUP) {
                return Optional.of(new OfLookup(ref));
            }
            return ref.kind() == Kind.ASK ? Optional.of(new OfAsk(ref)) : Optional.empty();
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

    /// What becomes of a state: its case, else what is for the rest.
    public Optional<Case> taken(String state) {
        return Optional.ofNullable(cases.get(state)).or(() -> otherwise);
    }

    @Override
    public List<Sets> gives() {
        return Stream.concat(cases.values().stream(), otherwise.stream())
                .map(Case::sets)
                .toList();
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
                places.entries("cases", cases, (all, state, one) -> one.entry(all, state)),
                Case.rest(places, otherwise));
    }
}
