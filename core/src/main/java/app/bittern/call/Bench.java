package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import java.time.Instant;
import java.util.Collections;
import java.util.LinkedHashMap;
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
/// @param switches positions, by switch; live where absent
/// @param agents   extensions of agents who have logged in by phone
/// @param waiting  callers already waiting, by queue; messages already kept, by mailbox
public record Bench(
        E164 called,
        Caller caller,
        Instant at,
        List<KeyPress> keys,
        Map<String, PhoneState> phones,
        Map<Ref, String> switches,
        List<String> agents,
        Map<Ref, Integer> waiting) {
    public Bench {
        keys = List.copyOf(keys);
        phones = Collections.unmodifiableMap(new TreeMap<>(phones));
        switches = Collections.unmodifiableMap(new LinkedHashMap<>(switches));
        agents = List.copyOf(agents);
        waiting = Collections.unmodifiableMap(new LinkedHashMap<>(waiting));
    }

    /// Switches as live, nobody logged in by phone, nobody waiting.
    public Bench(E164 called, Caller caller, Instant at, List<KeyPress> keys, Map<String, PhoneState> phones) {
        this(called, caller, at, keys, phones, Map.of(), List.of(), Map.of());
    }

    /// A call with no keys pressed and nobody answering.
    public static Bench of(E164 called, Caller caller, Instant at) {
        return new Bench(called, caller, at, List.of(), Map.of());
    }

    /// The position of a switch.
    public String position(Switch turned) {
        return switches.getOrDefault(turned.ref(), turned.now());
    }

    /// What a phone does.
    public PhoneState phone(String number) {
        return phones.getOrDefault(number, new PhoneState.Silent());
    }
}
