package app.bittern.number;

import com.google.i18n.phonenumbers.NumberParseException;
import com.google.i18n.phonenumbers.PhoneNumberUtil;
import com.google.i18n.phonenumbers.PhoneNumberUtil.PhoneNumberFormat;
import com.google.i18n.phonenumbers.Phonenumber.PhoneNumber;
import java.util.Optional;
import java.util.regex.Pattern;

/// An international number such as `+441632960100`.
///
/// Source: ITU-T E.164 (country code and subscriber number, 15 digits at most).
///
/// @param text a plus sign and 6 to 15 digits, the first of them not 0
public record E164(String text) implements Comparable<E164> {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED = "a number in E.164, such as +441632960100 (a plus sign and 6 to 15 digits)";

    private static final Pattern SHAPE = Pattern.compile("\\+[1-9][0-9]{5,14}");

    /// @throws IllegalArgumentException where the text is not in E.164
    public E164 {
        if (!SHAPE.matcher(text).matches()) {
            throw new IllegalArgumentException("'" + text + "' is not " + ALLOWED);
        }
    }

    /// The number that the text is in E.164, or empty where it is not one.
    public static Optional<E164> parse(String text) {
        return SHAPE.matcher(text).matches() ? Optional.of(new E164(text)) : Optional.empty();
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
            return numbers.isPossibleNumber(read)
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
