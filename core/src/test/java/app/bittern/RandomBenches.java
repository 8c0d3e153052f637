package app.bittern;

import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Found;
import app.bittern.call.KeyPress;
import app.bittern.call.Presence;
import app.bittern.call.Reaction;
import app.bittern.number.Caller;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Stream;

/// Calls of any sort to random plans, and from their phones.
public final class RandomBenches {
    /// What phones dial: numbers of the site, codes, the inbound number in its forms, outside numbers, nothing.
    private static final List<String> DIALLED = List.of(
            "2001",
            "2002",
            "200",
            "300",
            "2800",
            "*7",
            "*70",
            "*701",
            "*71",
            "01632960100",
            "00441632960100",
            "+441632960100",
            "999",
            "990",
            "02079460000",
            "02979460000",
            "2999",
            "2500",
            "2610",
            "2620",
            "2630",
            "2640",
            "2650",
            "2660",
            "100",
            "#1",
            "5");

    private RandomBenches() {}

    /// A bench with a caller, an instant, keys, phones, switches, agents and lines of any sort.
    public static Bench bench(Plan plan, Random random) {
        List<KeyPress> keys = new ArrayList<>();
        String[] presses = {
            "-",
            "1",
            "2",
            "!1",
            "0",
            "!0",
            "9",
            "2001",
            "*",
            "40001",
            "40002",
            "55555",
            "-",
            "!40001",
            "1@3s",
            "1@25s",
            "2@9s 1@31s",
            "!12",
            "!120",
            "21",
            "!100",
            "!40001",
            "2@1s 0@4s"
        };
        for (int count = random.nextInt(8); count > 0; count--) {
            keys.add(KeyPress.parse(presses[random.nextInt(presses.length)]).orElseThrow());
        }
        Map<String, List<Reaction>> phones = new TreeMap<>();
        List<String> reactions = List.of(
                "silent", "busy", "off", "answers 0s", "answers 7s", "answers 30s", "declines 2s", "machine 4s");
        for (String phone : List.of("2001", "2002", "2003", "+447700900321")) {
            phones.put(phone, several(reactions, Reaction::parse, random));
        }
        String[] callers = {
            "withheld", "unavailable", "+447700900123", "+447900000001", "+447900000002", "+447900000003"
        };
        List<String> presences =
                List.of("in", "in", "out", "paused", "busy for 9s", "in; out from 11s", "out; in from 5s");
        Map<String, List<Presence>> agents = new TreeMap<>();
        Stream.concat(RandomPlans.EXTENSIONS.stream(), Stream.of("+447700900321"))
                .filter(extension -> random.nextBoolean())
                .forEach(extension -> agents.put(extension, several(presences, Presence::parse, random)));
        List<String> finds = List.of("0", "0", "1", "2", "full", "0, last 2002", "1, last 2003");
        Map<Ref, List<Found>> waiting = new LinkedHashMap<>();
        plan.all(Queue.class).forEach(queue -> waiting.put(queue.ref(), several(finds, Found::parse, random)));
        if (random.nextInt(4) > 0) {
            List<String> says =
                    List.of("found", "tag vip after 2s", "tag late", "not-found after 1s", "failed", "found after 9s");
            plan.all(Lookup.class)
                    .forEach(lookup -> waiting.put(
                            lookup.ref(),
                            several(says, text -> Found.parseLookup(text).map(List::getFirst), random)));
        }
        waiting.put(new Ref(Kind.MAILBOX, "b1"), several(finds, Found::parse, random));
        Stream.of("line", "other")
                .filter(trunk -> random.nextBoolean())
                .forEach(trunk -> waiting.put(
                        new Ref(Kind.TRUNK, trunk),
                        several(List.of("free", "full", "down"), RandomBenches::trunk, random)));
        return new Bench(
                new Arrival.Meant(Plans.MAIN),
                Caller.parse(callers[random.nextInt(callers.length)]).orElseThrow(),
                Instant.parse("2026-11-23T00:00:00Z").plusSeconds(random.nextInt(52 * 7 * 24 * 3600)),
                keys,
                random.nextInt(4) == 0,
                phones,
                Map.of(new Ref(Kind.SWITCH, "night"), random.nextBoolean() ? "day" : "night"),
                agents,
                waiting);
    }

    private static Optional<Found> trunk(String word) {
        return switch (word) {
            case "full" -> Optional.of(new Found.Full());
            case "down" -> Optional.of(new Found.Down());
            default -> Optional.of(new Found.Ahead(0));
        };
    }

    /// A bench like others, on which a phone of the site dials something.
    public static Bench dialled(Plan plan, Random random) {
        Bench like = bench(plan, random);
        return new Bench(
                new Arrival.Inside(DIALLED.get(random.nextInt(DIALLED.size()))),
                new Caller.Inside(RandomPlans.EXTENSIONS.get(random.nextInt(RandomPlans.EXTENSIONS.size()))),
                like.at(),
                like.keys(),
                like.again(),
                like.phones(),
                like.switches(),
                like.agents(),
                like.waiting());
    }

    private static <T> List<T> several(List<String> words, Function<String, Optional<T>> parse, Random random) {
        return random.ints(1 + random.nextInt(3), 0, words.size())
                .mapToObj(one -> parse.apply(words.get(one)).orElseThrow())
                .toList();
    }
}
