package app.bittern.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Collects digits from the caller, such as an account number.
///
/// @param fewest   digits at least, 1 to 32
/// @param most     digits at most, 1 to 32
/// @param keyWait  how long each digit is waited for
/// @param tries    how often it asks, 1 to 10
/// @param noKey    after a try without a digit
/// @param wrongKey after a try with too few digits
/// @param lookIn   where the digits are looked up
/// @param dials    whether digits that are a number of the site go there
/// @param sets     what a call with valid digits is given
/// @param to       where it goes, found or not
/// @param giveUp   where it goes after the last failed try
public record Ask(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        List<Spoken> prompts,
        int fewest,
        int most,
        Seconds keyWait,
        int tries,
        FailedTry noKey,
        FailedTry wrongKey,
        Optional<LookIn> lookIn,
        boolean dials,
        Sets sets,
        Optional<Destination> to,
        Optional<Destination> giveUp)
        implements PlanObject {
    /// What digits are compared with.
    public sealed interface LookIn {
        /// What is allowed, as a refusal says it.
        String ALLOWED = "contacts.account, contacts.number or a lookup such as lookup/key";

        /// The account of a contact.
        record OfAccount() implements LookIn {
            @Override
            public String toString() {
                return "contacts.account";
            }
        }

        /// The number of a contact, as it is dialled in the site's country.
        record OfNumber() implements LookIn {
            @Override
            public String toString() {
                return "contacts.number";
            }
        }

        /// Something outside.
        record OfLookup(Ref lookup) implements LookIn {
            @Override
            public String toString() {
                return lookup.toString();
            }
        }

        /// Reads what `toString` writes.
        static Optional<LookIn> parse(String text) {
            return switch (text) {
                case "contacts.account" -> Optional.of(new OfAccount());
                case "contacts.number" -> Optional.of(new OfNumber());
                default ->
                    Ref.parse(text).filter(ref -> ref.kind() == Kind.LOOKUP).map(OfLookup::new);
            };
        }

        private static Optional<LookIn> over(Places places, Optional<LookIn> lookIn) {
            Optional<Ref> lookup =
                    lookIn.flatMap(one -> one instanceof OfLookup(Ref ref) ? Optional.of(ref) : Optional.empty());
            return lookIn.isPresent() && lookup.isEmpty()
                    ? lookIn
                    : places.ref("lookIn", Role.ASKS, lookup, Kind.LOOKUP).map(OfLookup::new);
        }
    }

    /// The same asking for digits, whatever they are.
    public Ask forDigits() {
        return new Ask(
                key,
                name,
                note,
                number,
                prompts,
                fewest,
                most,
                keyWait,
                tries,
                noKey,
                wrongKey,
                Optional.empty(),
                false,
                sets,
                to,
                giveUp);
    }

    /// The lookup that is asked with the digits.
    public Optional<Ref> lookup() {
        return lookIn.flatMap(one -> one instanceof LookIn.OfLookup(Ref ref) ? Optional.of(ref) : Optional.empty());
    }

    /// @throws IllegalArgumentException where the digits or the tries are out of range
    public Ask {
        prompts = List.copyOf(prompts);
        if (fewest < 1 || most < fewest || most > 32 || tries < 1 || tries > 10) {
            throw new IllegalArgumentException(fewest + ".." + most + " digits, " + tries
                    + " tries: 1 to 32 digits and 1 to 10 tries are allowed");
        }
    }

    /// Whether digits are as many as asked for.
    public boolean valid(String digits) {
        return digits.length() >= fewest
                && digits.length() <= most
                && digits.chars().allMatch(digit -> digit >= '0' && digit <= '9');
    }

    /// Where a last try without a key leads.
    public Optional<Destination> onNoKey() {
        return noKey.to().or(() -> giveUp);
    }

    /// Where a last try with a wrong one leads.
    public Optional<Destination> onWrongKey() {
        return wrongKey.to().or(() -> giveUp);
    }

    /// Whether both lead to the same.
    public boolean failsAlike() {
        return onNoKey().equals(onWrongKey());
    }

    @Override
    public List<Sets> gives() {
        return List.of(sets);
    }

    @Override
    public List<Spoken> spoken() {
        List<Spoken> all = new ArrayList<>(prompts);
        noKey.prompt().ifPresent(all::add);
        wrongKey.prompt().ifPresent(all::add);
        return all;
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.ASK, key);
    }

    @Override
    public Ask over(Places places) {
        return new Ask(
                places.key(key),
                name,
                note,
                number,
                places.spoken("prompts", prompts),
                fewest,
                most,
                keyWait,
                tries,
                noKey.over(places.in("noKey"), Takes.DESTINATION_IN_ASK),
                wrongKey.over(places.in("wrongKey"), Takes.DESTINATION_IN_ASK),
                LookIn.over(places, lookIn),
                dials,
                sets,
                places.needsInAsk("to", to),
                onNoKey().isPresent() && onWrongKey().isPresent()
                        ? places.may("giveUp", giveUp, Takes.DESTINATION_IN_ASK)
                        : places.needsInAsk("giveUp", giveUp));
    }
}
