package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Kind;
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
/// The world reacts by the times it is asked: each list in order, its last for all further times.
///
/// @param called   the number called, digits that mean none, or what a phone of the site dials
/// @param caller   who calls
/// @param at       when
/// @param keys     what the caller keys, in the order it is asked for; after the last, silence
/// @param again    whether the keys begin anew after the last
/// @param phones   what each phone does, by extension or outside number in E.164; silent where absent
/// @param switches positions, by switch; as they are now where absent
/// @param agents   where each agent is, by extension; where absent, in where always in, else out
/// @param waiting  what is found in each queue, mailbox and trunk; nobody, nothing and free where absent
public record Bench(
        Arrival called,
        Caller caller,
        Instant at,
        List<KeyPress> keys,
        boolean again,
        Map<String, List<Reaction>> phones,
        Map<Ref, String> switches,
        Map<String, List<Presence>> agents,
        Map<Ref, List<Found>> waiting) {
    public Bench {
        if (called instanceof Arrival.Inside != caller instanceof Caller.Inside) {
            throw new IllegalArgumentException(caller + " calls and " + called
                    + " is called; digits are dialled inside by phones of the site, and by them alone");
        }
        keys = List.copyOf(keys);
        phones = Collections.unmodifiableMap(new TreeMap<>(phones));
        switches = Collections.unmodifiableMap(new LinkedHashMap<>(switches));
        agents = Collections.unmodifiableMap(new TreeMap<>(agents));
        waiting = Collections.unmodifiableMap(new LinkedHashMap<>(waiting));
    }

    /// Switches as they are now, agents where they always are, nobody waiting.
    public Bench(E164 called, Caller caller, Instant at, List<KeyPress> keys, Map<String, List<Reaction>> phones) {
        this(new Arrival.Meant(called), caller, at, keys, false, phones, Map.of(), Map.of(), Map.of());
    }

    /// A call with no keys pressed and nobody answering.
    public static Bench of(E164 called, Caller caller, Instant at) {
        return new Bench(called, caller, at, List.of(), Map.of());
    }

    /// What a phone of the site dials, with no keys pressed and nobody answering.
    public static Bench dialled(Ref phone, String digits, Instant at) {
        return new Bench(
                new Arrival.Inside(digits),
                new Caller.Inside(phone.key()),
                at,
                List.of(),
                false,
                Map.of(),
                Map.of(),
                Map.of(),
                Map.of());
    }

    /// The phone of the site that calls.
    Ref phone() {
        if (caller instanceof Caller.Inside(String number)) {
            return new Ref(Kind.EXTENSION, number);
        }
        throw new IllegalArgumentException(caller + " is no phone of the site");
    }

    public Bench with(List<KeyPress> pressed) {
        return new Bench(called, caller, at, pressed, again, phones, switches, agents, waiting);
    }

    public Bench at(Instant instant) {
        return new Bench(called, caller, instant, keys, again, phones, switches, agents, waiting);
    }

    public Bench turned(Map<Ref, String> positions) {
        return new Bench(called, caller, at, keys, again, phones, positions, agents, waiting);
    }

    /// The position of a switch.
    public String position(Switch turned) {
        return switches.getOrDefault(turned.ref(), turned.now());
    }

    /// What a phone does, in order.
    public List<Reaction> phone(String number) {
        return phones.getOrDefault(number, Reaction.SILENT);
    }
}
