package app.bittern.plan;

import app.bittern.number.DialPattern;
import app.bittern.number.E164;
import java.util.List;
import java.util.Optional;

/// Where dialled outside numbers go.
///
/// @param dialled  the patterns it takes
/// @param category what a class of service must hold for it
/// @param strip    digits taken away at the beginning, 0 to 15
/// @param before   digits put before the rest
/// @param trunks   tried in order
/// @param callerId the number shown
/// @param enabled  whether it takes calls
public record Outbound(
        String key,
        Optional<String> name,
        Optional<String> note,
        List<DialPattern> dialled,
        String category,
        int strip,
        Optional<String> before,
        List<Ref> trunks,
        Optional<E164> callerId,
        boolean enabled)
        implements PlanObject {
    public Outbound {
        dialled = List.copyOf(dialled);
        trunks = List.copyOf(trunks);
    }

    /// What goes out for dialled digits: without those stripped, with those before.
    public String sent(String digits) {
        return before.orElse("") + digits.substring(Math.min(strip, digits.length()));
    }

    /// What is dialled so that a number goes out by one of its patterns: `9999` for `999` where a 9 is stripped.
    public Optional<String> dialledFor(String number) {
        return dialled.stream()
                .flatMap(pattern -> dialledFor(pattern, number).stream())
                .findFirst();
    }

    /// The same by one of its patterns.
    public Optional<String> dialledFor(DialPattern pattern, String number) {
        String put = before.orElse("");
        return number.startsWith(put) ? pattern.leaving(number.substring(put.length()), strip) : Optional.empty();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.OUTBOUND, key);
    }

    @Override
    public Outbound over(Places places) {
        return new Outbound(
                places.key(key),
                name,
                note,
                dialled,
                category,
                strip,
                before,
                places.refs("trunks", Role.BELONGS_TO, trunks, Kind.TRUNK),
                callerId,
                enabled);
    }
}
