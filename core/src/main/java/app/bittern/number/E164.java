package app.bittern.number;

import com.google.i18n.phonenumbers.NumberParseException;
import com.google.i18n.phonenumbers.PhoneNumberUtil;
import com.google.i18n.phonenumbers.PhoneNumberUtil.PhoneNumberFormat;
import com.google.i18n.phonenumbers.Phonenumber.PhoneNumber;
import java.util.Optional;

/// An international number such as `+441632960100`.
///
/// Source: ITU-T E.164 (country code and subscriber number, 15 digits at most).
///
/// @param text a plus sign and 6 to 15 digits, the first of them not 0
public record E164(String text) implements Comparable<E164> {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "a number in E.164, such as +441632960100 (a plus sign and 6 to 15 digits)";

    /// What is allowed where numbers are meant that begin alike, as a refusal says it.
    public static final String ALLOWED_BEGINNING = "the beginning of a number in E.164, such as \"+441632\"";

    private static final int FEWEST = 6;
    private static final int MOST = 15;

    /// @throws IllegalArgumentException where the text is not in E.164
    public E164 {
        if (!sound(text)) {
            throw new IllegalArgumentException("'" + text + "' is not " + ALLOWED);
        }
    }

    /// By hand, as numbers are made all the time.
    private static boolean sound(String text) {
        int digits = text.length() - 1;
        if (digits < FEWEST || digits > MOST || text.charAt(0) != '+' || text.charAt(1) == '0') {
            return false;
        }
        for (int at = 1; at < text.length(); at++) {
            if (text.charAt(at) < '0' || text.charAt(at) > '9') {
                return false;
            }
        }
        return true;
    }

    /// The number that the text is in E.164, or empty where it is not one.
    public static Optional<E164> parse(String text) {
        return sound(text) ? Optional.of(new E164(text)) : Optional.empty();
    }

    /// The number that a person in a country means, with or without the international prefix,
    /// spaces and brackets: `01632 960100` in `GB`.
    ///
    /// @param country ISO 3166 code of two letters
    public static Optional<E164> typed(String text, String country) {
        String bare = text.replaceAll("[\\s().-]", "");
        Optional<E164> exact = parse(bare);
        if (exact.isPresent() || !bare.matches("\\+?[0-9]+")) {
            return exact;
        }
        try {
            PhoneNumberUtil numbers = PhoneNumberUtil.getInstance();
            PhoneNumber read = numbers.parse(bare, country);
            // A number without its area, which only neighbours can dial, is not one that arrives on a trunk;
            // one that is too short keeps the national prefix in what the library reads.
            String prefix = numbers.getNddPrefixForRegion(country, true);
            boolean whole = prefix == null
                    || prefix.isEmpty()
                    || !bare.startsWith(prefix)
                    || !numbers.getNationalSignificantNumber(read).startsWith(prefix);
            return whole && numbers.isPossibleNumberWithReason(read) == PhoneNumberUtil.ValidationResult.IS_POSSIBLE
                    ? parse(numbers.format(read, PhoneNumberFormat.E164))
                    : Optional.empty();
        } catch (NumberParseException notANumber) {
            return Optional.empty();
        }
    }

    /// Grouped with its country code: `+44 1632 960100`.
    public String international() {
        return formatted(PhoneNumberFormat.INTERNATIONAL);
    }

    /// As it is written inside the country where that is the number's own, else with its country code.
    ///
    /// @param country ISO 3166 code of two letters
    public String shownIn(String country) {
        PhoneNumberUtil numbers = PhoneNumberUtil.getInstance();
        int code = numbers.getCountryCodeForRegion(country);
        boolean own = code != 0 && text.startsWith("+" + code);
        return formatted(own ? PhoneNumberFormat.NATIONAL : PhoneNumberFormat.INTERNATIONAL);
    }

    /// What kind of call it is from a country: `mobile`, `national`, `international` or `premium`.
    ///
    /// @param country ISO 3166 code of two letters
    public String category(String country) {
        try {
            PhoneNumberUtil numbers = PhoneNumberUtil.getInstance();
            PhoneNumber read = numbers.parse(text, "ZZ");
            if (read.getCountryCode() != numbers.getCountryCodeForRegion(country)) {
                return "international";
            }
            return switch (numbers.getNumberType(read)) {
                case MOBILE -> "mobile";
                case PREMIUM_RATE -> "premium";
                default -> "national";
            };
        } catch (NumberParseException unassignedCountryCode) {
            return "international";
        }
    }

    private String formatted(PhoneNumberFormat format) {
        try {
            PhoneNumberUtil numbers = PhoneNumberUtil.getInstance();
            return numbers.format(numbers.parse(text, "ZZ"), format);
        } catch (NumberParseException unassignedCountryCode) {
            return text;
        }
    }

    @Override
    public int compareTo(E164 other) {
        return text.compareTo(other.text);
    }

    @Override
    public String toString() {
        return text;
    }
}
