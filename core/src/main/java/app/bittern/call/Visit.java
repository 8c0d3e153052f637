package app.bittern.call;

import app.bittern.plan.Ref;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// What the world does during one visit of a call to an object.
///
/// @param keys   what the caller keys, in the order it is asked for
/// @param phones what phones do, each in order
/// @param agents where agents are, wait by wait
/// @param found  what is found in a queue or a mailbox, time by time
public record Visit(
        List<KeyPress> keys,
        Map<String, List<Reaction>> phones,
        Map<String, List<Presence>> agents,
        Map<Ref, List<Found>> found) {
    /// A visit in which nothing is done.
    public static final Visit NONE = new Visit(List.of(), Map.of(), Map.of(), Map.of());

    public Visit {
        keys = List.copyOf(keys);
        phones = Collections.unmodifiableMap(new LinkedHashMap<>(phones));
        agents = Collections.unmodifiableMap(new LinkedHashMap<>(agents));
        found = Collections.unmodifiableMap(new LinkedHashMap<>(found));
    }

    static Visit keyed(List<KeyPress> keys) {
        return new Visit(keys, Map.of(), Map.of(), Map.of());
    }

    static Visit rung(Map<String, List<Reaction>> phones) {
        return new Visit(List.of(), phones, Map.of(), Map.of());
    }

    static Visit finding(Ref ref, Found found) {
        return new Visit(List.of(), Map.of(), Map.of(), Map.of(ref, List.of(found)));
    }

    /// Whether nothing in it waits for a second of its own: whoever does something does it at once or not at all.
    public boolean atOnce() {
        return keys.stream().noneMatch(KeyPress::timed)
                && phones.values().stream().flatMap(List::stream).allMatch(Visit::atOnce)
                && agents.values().stream()
                        .flatMap(List::stream)
                        .flatMap(presence -> presence.changes().stream())
                        .allMatch(change -> change.from() == 0);
    }

    private static boolean atOnce(Reaction reaction) {
        return switch (reaction) {
            case Reaction.Answers(int after) -> after == 0;
            case Reaction.Machine(int after) -> after == 0;
            case Reaction.Declines(int after) -> after == 0;
            case Reaction.Silent silent -> true;
            case Reaction.Busy busy -> true;
            case Reaction.Off off -> true;
        };
    }

    Visit with(KeyPress... pressed) {
        return new Visit(List.of(pressed), phones, agents, found);
    }

    /// The same where something is found besides.
    public Visit with(Ref ref, Found more) {
        Map<Ref, List<Found>> all = new LinkedHashMap<>(found);
        all.put(ref, List.of(more));
        return new Visit(keys, phones, agents, all);
    }

    /// The same with a phone that reacts at once where agents are rung.
    Visit with(String phone, Reaction reaction) {
        Map<String, List<Reaction>> all = new LinkedHashMap<>(phones);
        all.put(phone, List.of(reaction));
        return new Visit(keys, all, agents, found);
    }

    /// This visit as all that happens in a call.
    public Bench on(Bench call) {
        return new Bench(call.called(), call.caller(), call.at(), keys, false, phones, call.switches(), agents, found);
    }
}
