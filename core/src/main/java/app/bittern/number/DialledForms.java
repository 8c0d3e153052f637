package app.bittern.number;

import com.google.i18n.phonenumbers.NumberParseException;
import com.google.i18n.phonenumbers.PhoneNumberUtil;
import com.google.i18n.phonenumbers.PhoneNumberUtil.PhoneNumberFormat;
import com.google.i18n.phonenumbers.Phonenumber.PhoneNumber;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// The digits by which people in a country dial a number: `01632960100` and `00441632960100` in `GB`.
///
/// Source: ITU-T E.164 Annex A (international and national prefixes), with the prefixes of libphonenumber's data.
public final class DialledForms {
    private DialledForms() {}

    /// All ways to dial a number from a fixed line, the shortest usual one first: as it is written in the country,
    /// with the national prefix where there is one, and with the international prefix.
    ///
    /// @param country ISO 3166 code of two letters
    public static List<String> of(E164 number, String country) {
        PhoneNumberUtil numbers = PhoneNumberUtil.getInstance();
        Set<String> forms = new LinkedHashSet<>();
        try {
            PhoneNumber read = numbers.parse(number.text(), "ZZ");
            if (read.getCountryCode() == numbers.getCountryCodeForRegion(country)) {
                forms.add(digits(numbers.format(read, PhoneNumberFormat.NATIONAL)));
                String national = numbers.getNddPrefixForRegion(country, true);
                if (national != null && !national.isEmpty()) {
                    forms.add(national + numbers.getNationalSignificantNumber(read));
                }
            }
        } catch (NumberParseException unassignedCountryCode) {
            // Then it has the international form alone.
        }
        forms.add(international(numbers, country) + number.text().substring(1));
        return List.copyOf(forms);
    }

    /// What is dialled in a country before a country code. The library formats whole numbers only, so it is what
    /// stands before one of another country.
    private static String international(PhoneNumberUtil numbers, String country) {
        int abroad = numbers.getCountryCodeForRegion(country) == 44 ? 49 : 44;
        PhoneNumber example = new PhoneNumber().setCountryCode(abroad).setNationalNumber(1_632_960_100L);
        String formatted = digits(numbers.formatOutOfCountryCallingNumber(example, country));
        int code = formatted.indexOf(abroad + "1632960100");
        return code <= 0 ? "00" : formatted.substring(0, code);
    }

    private static String digits(String formatted) {
        return formatted.replaceAll("[^0-9]", "");
    }
}
