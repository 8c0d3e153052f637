package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import java.time.Instant;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// The conditions of the call under test.
///
/// @param called the number called
/// @param caller who calls
/// @param at     when
/// @param keys   what the caller keys, in the order it is asked for; after the last, silence
/// @param phones what each phone does, by extension or outside number in E.164; silent where absent
public record Bench(E164 called, Caller caller, Instant at, List<KeyPress> keys, Map<String, PhoneState> phones) {
    public Bench {
        keys = List.copyOf(keys);
        phones = Collections.unmodifiableMap(new TreeMap<>(phones));
    }

    /// A call with no keys pressed and nobody answering.
    public static Bench of(E164 called, Caller caller, Instant at) {
        return new Bench(called, caller, at, List.of(), Map.of());
    }

    /// What a phone does.
    public PhoneState phone(String number) {
        return phones.getOrDefault(number, new PhoneState.Silent());
    }
}
