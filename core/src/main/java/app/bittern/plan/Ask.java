package app.bittern.plan;

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
/// @param to       where a call with valid digits goes, found or not
/// @param giveUp   where it goes after the last failed try
public record Ask(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        List<Ref> prompts,
        int fewest,
        int most,
        Seconds keyWait,
        int tries,
        FailedTry noKey,
        FailedTry wrongKey,
        Optional<LookIn> lookIn,
        Optional<Destination> to,
        Optional<Destination> giveUp)
        implements PlanObject {
    /// What digits are compared with.
    public enum LookIn {
        /// The account of a contact.
        ACCOUNT("contacts.account"),
        /// The number of a contact, as it is dialled in the site's country.
        NUMBER("contacts.number");

        private final String word;

        LookIn(String word) {
            this.word = word;
        }

        /// As the plan file writes it: `contacts.account`.
        public String word() {
            return word;
        }
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
                places.refs("prompts", Role.SAYS, prompts, Kind.PROMPT),
                fewest,
                most,
                keyWait,
                tries,
                noKey.over(places.in("noKey"), false),
                wrongKey.over(places.in("wrongKey"), false),
                lookIn,
                places.needs("to", to),
                places.needs("giveUp", giveUp));
    }
}
