package app.bittern.benchmarks;

import java.util.LinkedHashMap;
import java.util.Map;
import java.util.function.IntFunction;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// Plans that are small and hard: whatever leads to everything else, and long rows of the same.
final class Shapes {
    private static final String HEAD = """
            bittern: 2
            site: { key: shape, timeZone: Europe/London, country: GB, languages: [en-GB, nb-NO] }
            numbers: { "+441632960100": {} }
            """;
    private static final String PROMPT =
            "prompts: { p: { en-GB: \"Press a key now.\", nb-NO: \"Trykk en tast nå.\" } }\n";

    private Shapes() {}

    /// The plan files, by the names of their shapes.
    static Map<String, String> all() {
        Map<String, String> all = new LinkedHashMap<>();
        all.put("menus", to("menu/m0") + PROMPT + menus(""));
        all.put(
                "back",
                to("menu/m0")
                        + PROMPT
                        + menus("      \"0\": { to: back }\n      \"*\": { to: repeat, sets: { language: nb-NO } }\n"));
        all.put("queues", to("queue/q0") + "extensions: { \"2001\": {} }\nqueues:\n" + rows(60, Shapes::queue));
        all.put("forwards", to("extension/2000") + "extensions:\n" + rows(40, Shapes::forwarding));
        all.put(
                "prefixes",
                to("branch/b") + "branches:\n  b:\n    by: caller\n    else: hang-up\n    cases:\n"
                        + rows(2000, index -> "      \"prefix +44" + (7000 + index) + "\": busy\n"));
        all.put("ranges", HEAD + "routes:\n" + rows(500, Shapes::range));
        all.put(
                "chain",
                to("chain/c") + "extensions: { \"2001\": {} }\nchains:\n  c:\n    then: hang-up\n    stages:\n"
                        + rows(300, index -> "      - { ring: extension/2001, for: 10s }\n"));
        all.put(
                "announcements",
                to("announcement/a0") + PROMPT + "announcements:\n" + rows(20_000, Shapes::announcement));
        all.put("levels", to("menu/m0") + "menus:\n" + rows(12, Shapes::level));
        all.put("holes", HEAD + "routes:\n" + rows(400, Shapes::hole));
        all.put("contacts", to("ask/a") + PROMPT + CONTACTS + "contacts:\n" + rows(10_000, Shapes::contact));
        all.put(
                "hunt",
                to("hunt-group/h")
                        + "huntGroups:\n  h:\n    ringEach: 20s\n    laps: 20\n    noAnswer: hang-up\n    members:\n"
                        + rows(1000, index -> "      - { extension: \"" + (1000 + index) + "\" }\n")
                        + "extensions:\n" + rows(1000, index -> "  \"" + (1000 + index) + "\": {}\n"));
        all.put(
                "lookups",
                to("branch/b0") + "branches:\n" + rows(16, Shapes::asking) + "lookups:\n"
                        + rows(8, index -> "  l" + index + ": { answersWithin: 3s }\n"));
        all.put(
                "asks",
                to("ask/a0") + PROMPT + "contacts: [ { number: \"+447700900111\", account: \"10001\" } ]\nasks:\n"
                        + rows(14, Shapes::ask) + "branches:\n" + rows(14, Shapes::askedFor));
        all.put(
                "switches",
                to("branch/b0") + "switches:\n"
                        + rows(60, index -> "  s" + index + ": { positions: [a, b], now: a }\n") + "branches:\n"
                        + rows(60, Shapes::turned));
        all.put(
                "items",
                to("queue/q") + "extensions: { \"2001\": {} }\nhours:\n" + rows(40, Shapes::hours) + ITEMS
                        + rows(40, Shapes::item));
        return all;
    }

    /// An ask for an account, and a branch by it of which one case leads back.
    private static final String CONTACTS = """
            asks: { a: { prompts: [prompt/p], digits: 5, lookIn: contacts.account, to: branch/b, giveUp: hang-up } }
            branches: { b: { by: ask/a, cases: { tag t0: ask/a, found: hang-up, not-found: busy } } }
            """;

    private static final String ITEMS = """
            queues:
              q:
                agents: [ { extension: "2001" } ]
                maxWait: 50m
                overflow: hang-up
                meanwhile:
            """;

    private static String contact(int index) {
        return "  - { number: \"+4477009%05d\", account: \"%05d\", tags: [t%d] }\n"
                .formatted(index, 10_000 + index, index % 3);
    }

    /// Eight look-ups asked one after another, and then once more.
    private static String asking(int index) {
        String next = index == 15 ? "hang-up" : "branch/b" + (index + 1);
        return "  b%d: { by: lookup/l%d, cases: { found: %s, failed: %s, not-found: %s } }\n"
                .formatted(index, index % 8, next, next, index < 8 ? next : "busy");
    }

    private static String ask(int index) {
        return "  a%d: { prompts: [prompt/p], digits: 5, lookIn: contacts.account, to: %s, giveUp: hang-up }\n"
                .formatted(index, index == 13 ? "branch/b0" : "ask/a" + (index + 1));
    }

    private static String askedFor(int index) {
        return "  b%d: { by: ask/a%d, cases: { found: %s, not-found: busy } }\n"
                .formatted(index, index, index == 13 ? "hang-up" : "branch/b" + (index + 1));
    }

    private static String turned(int index) {
        return "  b%d: { by: switch/s%d, cases: { a: %s, b: %s } }\n"
                .formatted(
                        index,
                        index,
                        index == 59 ? "hang-up" : "branch/b" + (index + 1),
                        index == 59 ? "busy" : "branch/b" + (index + 1));
    }

    private static String hours(int index) {
        return "  h%d: { states: [ { state: a, weekly: [\"Mon-Fri %02d:%02d-%02d:%02d\"] }, { state: b } ] }\n"
                .formatted(index, 6 + index / 4, index % 4 * 15, 14 + index / 8, index % 4 * 15);
    }

    private static String item(int index) {
        return "      - { at: %dm, say: position, while: hours/h%d a, keys: { \"%d\": { to: hang-up } } }\n"
                .formatted(index + 1, index, index % 10);
    }

    private static String to(String destination) {
        return HEAD + "routes: { main: { to: " + destination + " } }\n";
    }

    private static String rows(int many, IntFunction<String> row) {
        return IntStream.range(0, many).mapToObj(row).collect(Collectors.joining());
    }

    /// 200 menus of nine keys that can all be reached from each other.
    private static String menus(String more) {
        return "menus:\n"
                + rows(
                        200,
                        index -> "  m" + index
                                + ":\n    prompts: [prompt/p]\n    tries: 2\n    giveUp: hang-up\n    keys:\n"
                                + rows(
                                        9,
                                        key -> "      \"" + (key + 1) + "\": { to: menu/m"
                                                + (index * 7 + key * 13 + 1) % 200 + " }\n")
                                + more);
    }

    private static String queue(int index) {
        return """
                  q%d:
                    agents: [ { extension: "2001" } ]
                    maxWait: 30s
                    overflow: queue/q%d
                    longestLine: 5
                    full: queue/q%d
                    noAgents: { newCallers: refuse, to: queue/q%d }
                    meanwhile: [ { at: 10s, keys: { "1": { to: queue/q%d }, "2": { to: queue/q%d } } } ]
                """.formatted(
                        index,
                        (index + 1) % 60,
                        (index * 7 + 3) % 60,
                        (index * 11 + 5) % 60,
                        (index * 13 + 2) % 60,
                        (index * 17 + 4) % 60);
    }

    private static String forwarding(int index) {
        return "  \"%d\": { forward: { busy: extension/%d, noAnswer: extension/%d, unreachable: extension/%d } }\n"
                .formatted(2000 + index, 2000 + (index + 1) % 40, 2000 + (index + 2) % 40, 2000 + (index + 3) % 40);
    }

    private static String range(int index) {
        return "  r%d: { called: { from: \"+4416329%d\", to: \"+4416329%d\" }, to: busy }\n"
                .formatted(index, 60_000 + index * 10, 64_000 + index * 10);
    }

    private static String announcement(int index) {
        return "  a%d: { prompts: [prompt/p], to: %s }\n"
                .formatted(index, index == 19_999 ? "hang-up" : "announcement/a" + (index + 1));
    }

    /// A menu each of whose ten keys leads to the next.
    private static String level(int index) {
        return "  m" + index + ":\n    tries: 1\n    giveUp: hang-up\n    keys:\n"
                + rows(
                        10,
                        key -> "      \"" + key + "\": { to: " + (index == 11 ? "hang-up" : "menu/m" + (index + 1))
                                + " }\n");
    }

    private static String hole(int index) {
        return "  r%d: { called: \"+44163296%04d\", to: mailbox/gone-%d }\n".formatted(index, index, index);
    }
}
