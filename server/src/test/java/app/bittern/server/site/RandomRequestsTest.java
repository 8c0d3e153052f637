package app.bittern.server.site;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Seeds;
import app.bittern.server.testing.Client;
import app.bittern.server.testing.Endpoints;
import app.bittern.server.testing.RunningApplication;
import java.io.IOException;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.web.bind.annotation.RequestMethod;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/// Whatever is asked of the application, it answers, or says in a sentence what is wrong: never with a fault
/// of its own.
class RandomRequestsTest {
    private static final String SITE = "/api/sites/saltreach/draft";
    private static final boolean LONG = Boolean.getBoolean("bittern.all-plans");
    private static final int TIMES = LONG ? 400 : 150;
    private static final int EACH = LONG ? 40 : 15;
    private static final JsonMapper MAPPER = JsonMapper.builder().build();
    private static final List<String> TEXTS = List.of(
            "",
            " ",
            "+441632960100",
            "01632 960100",
            "withheld",
            "ring-group/reception",
            "mailbox/none",
            "mailbox/",
            "hours/terminal",
            "site/saltreach",
            "/ringFor",
            "/keys/1/to",
            "/members/0",
            "/members/999999",
            "~",
            "/a~2",
            "20s",
            "2026-11-24T10:15",
            "2026-03-29T01:30",
            "2026-13-45",
            "1,-,!5",
            "2001=busy",
            "2001=answers 7s then busy",
            "timetable=reduced",
            "bookings=full",
            "x".repeat(5000),
            "a\u0000b",
            "\uD800",
            "٣",
            "{\"a\":1}",
            "-1",
            "99999999999999999999");
    private static final List<String> NAMES = List.of(
            "to", "from", "at", "keys", "phone", "turned", "agent", "waiting", "find", "kind", "object", "version");

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    private final Client client = APPLICATION.client();

    @BeforeEach
    void signIn() {
        client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
    }

    private static <T> T one(List<T> of, Random random) {
        return of.get(random.nextInt(of.size()));
    }

    private static String query(Random random) {
        return IntStream.range(0, random.nextInt(5))
                .mapToObj(index -> one(NAMES, random) + "=" + encoded(one(TEXTS, random)))
                .collect(Collectors.joining("&", "?", ""));
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private static void holds(String asked, Client.Answer answer) {
        assertThat(answer.status()).as("%s: %s", asked, answer.text()).isLessThan(500);
        if (answer.status() >= 400) {
            // A problem names the address that was asked for (RFC 9457, instance); each sentence repeats little of it.
            int sentences = answer.text().contains("\"says\":[")
                    ? answer.json().at("/says").size()
                    : 1;
            assertThat(answer.text().length()).as(asked).isLessThan(1000 + 1000 * sentences + asked.length());
        }
    }

    /// What stands in a path: mostly what there is, else anything.
    private static String step(String name, Random random) {
        List<String> known = switch (name) {
            case "site" -> List.of("saltreach");
            case "plan" -> List.of("draft", "live", "1");
            case "kind" -> List.of("queue", "extension", "menu", "site", "test-call", "contact");
            case "key" -> List.of("bookings", "2001", "front-desk", "saltreach", "freight");
            case "session", "id", "name" -> List.of("0", "1", "exporter");
            default -> throw new IllegalStateException(name);
        };
        return random.nextInt(6) > 0
                ? one(known, random)
                : encoded(one(TEXTS, random)).replace("+", "%20").replace("%2F", "x");
    }

    private static String address(Endpoints.Endpoint endpoint, Random random) {
        String path = endpoint.path();
        for (String name : endpoint.inPath()) {
            path = path.replace("{" + name + "}", step(name, random));
        }
        String query = endpoint.query().stream()
                .filter(one -> one.needed() ? random.nextInt(8) > 0 : random.nextInt(2) == 0)
                .map(one -> one.name() + "=" + encoded(one(TEXTS, random)))
                .collect(Collectors.joining("&", "?", ""));
        return path + query;
    }

    /// After these nothing more could be asked, or nobody could sign in for a while.
    private static final Set<String> ENDING =
            Set.of("signOut", "removeSite", "changePassword", "wantFactor", "factorOff");

    /// From the description of every endpoint: none has a fault of its own, whatever it is asked. Each is asked some
    /// times; then all go on for some seconds, or for minutes with `-Dbittern.fuzz=PT5M`.
    @Test
    void everyEndpointAnswersOrRefuses() throws IOException {
        Random random = Seeds.random(81);
        List<Endpoints.Endpoint> all = Endpoints.answering().stream()
                .filter(endpoint -> !ENDING.contains(endpoint.name()))
                .toList();
        for (Endpoints.Endpoint endpoint : all) {
            for (int times = 0; times < EACH; times++) {
                ask(endpoint, random, times % 5 == 0);
            }
        }
        long end = System.nanoTime()
                + Duration.parse(System.getProperty("bittern.fuzz", "PT4S")).toNanos();
        while (System.nanoTime() < end) {
            ask(one(all, random), random, random.nextInt(5) == 0);
        }
    }

    private void ask(Endpoints.Endpoint endpoint, Random random, boolean wild) throws IOException {
        String path = address(endpoint, random);
        if (endpoint.method() == RequestMethod.GET) {
            holds(path, client.get(path));
        } else if (endpoint.method() == RequestMethod.DELETE) {
            holds(path, client.remove(path));
        } else if (endpoint.takes().startsWith("text")) {
            String text = wild ? one(TEXTS, random) : spoilt(file(endpoint.name()), random);
            holds(path, client.postText(path, text));
        } else {
            ObjectNode body = MAPPER.createObjectNode();
            fill(body, random, 0);
            holds(path, client.post(path, wild ? one(TEXTS, random) : body.toString()));
        }
    }

    /// What an endpoint that takes text is given as it should be.
    private static String file(String endpoint) throws IOException {
        return switch (endpoint) {
            case "readCalendar" -> CALENDAR;
            case "readNumbers" -> NUMBERS;
            case "importFile", "siteFromFile" -> Files.readString(Path.of("../demo/saltreach.yaml"));
            default -> throw new IllegalStateException(endpoint + " takes a text of which there is no sample here");
        };
    }

    private static final String CALENDAR = """
            BEGIN:VCALENDAR
            VERSION:2.0
            PRODID:-//bittern//test//EN
            BEGIN:VEVENT
            UID:1
            DTSTAMP:20261101T000000Z
            DTSTART;VALUE=DATE:20261225
            RRULE:FREQ=YEARLY;COUNT=3
            SUMMARY:Christmas Day
            END:VEVENT
            BEGIN:VEVENT
            UID:2
            DTSTAMP:20261101T000000Z
            DTSTART;TZID=Europe/London:20261127T150000
            DTEND;TZID=Europe/London:20261127T170000
            EXDATE:20261204T150000
            SUMMARY:Closed early
            END:VEVENT
            END:VCALENDAR
            """;

    private static final String NUMBERS = """
            01632 960100
            +44 1632 960101, Bookings
            (01632) 960 102	Freight
            960103-960110
            """;

    /// A text with some of it taken out, put in twice, or put in from elsewhere.
    private static String spoilt(String whole, Random random) {
        StringBuilder text = new StringBuilder(whole);
        for (int times = 1 + random.nextInt(6); times > 0; times--) {
            int at = random.nextInt(text.length());
            int until = Math.min(text.length(), at + random.nextInt(12));
            switch (random.nextInt(3)) {
                case 0 -> text.delete(at, until);
                case 1 -> text.insert(at, one(TEXTS, random));
                default -> text.insert(at, text.substring(at, until));
            }
        }
        return text.toString();
    }

    @Test
    void everyQuestionIsAnsweredOrRefused() {
        Random random = Seeds.random(83);
        for (int times = 0; times < TIMES; times++) {
            String path = SITE + one(List.of("", "/numbers", "/trace", "/none", "/edits"), random) + query(random);
            holds(path, client.get(path));
        }
        for (String site : TEXTS) {
            String path = "/api/sites/" + encoded(site).replace("+", "%20");
            holds(path, client.get(path));
            holds(path, client.remove(path));
        }
    }

    /// A value of any sort, such as a wish holds, or not.
    private static void any(ObjectNode in, String name, Random random, int depth) {
        switch (random.nextInt(depth > 3 ? 5 : 8)) {
            case 0 -> in.putNull(name);
            case 1 -> in.put(name, random.nextInt());
            case 2 -> in.put(name, random.nextBoolean());
            case 3, 4 -> in.put(name, one(TEXTS, random));
            case 5 -> fill(in.putObject(name), random, depth + 1);
            case 6 -> {
                ArrayNode list = in.putArray(name);
                for (int index = random.nextInt(3); index > 0; index--) {
                    fill(list.addObject(), random, depth + 1);
                }
            }
            default -> {}
        }
    }

    private static void fill(ObjectNode node, Random random, int depth) {
        List<String> fields = List.of(
                "object", "field", "value", "body", "instead", "code", "title", "name", "ringFor", "members", "colour");
        for (int index = random.nextInt(5); index > 0; index--) {
            any(node, one(fields, random), random, depth);
        }
    }

    @Test
    void everyWishIsDoneOrRefused() {
        Random random = Seeds.random(82);
        int done = 0;
        for (int times = 0; times < TIMES; times++) {
            ObjectNode body = MAPPER.createObjectNode();
            ArrayNode wishes = body.putArray("wishes");
            for (int index = random.nextInt(3); index >= 0; index--) {
                ObjectNode wish = wishes.addObject();
                String verb = one(List.of("set", "set", "create", "remove", "fix", "paint"), random);
                ObjectNode what = wish.putObject(verb);
                what.put(
                        "object",
                        one(List.of("ring-group/reception", "mailbox/reception", "mailbox/new", "x"), random));
                what.put("field", one(List.of("/name", "/ringFor", "/noAnswer", "/members/0", "x"), random));
                any(what, one(List.of("value", "body", "instead", "field", "title"), random), random, 0);
                if (verb.equals("set") && random.nextInt(3) > 0) {
                    what.remove(List.of("body", "instead", "title"));
                }
            }
            if (random.nextInt(3) == 0) {
                body.put("version", random.nextInt(10));
            }
            String asked = body.toString();
            Client.Answer answer = client.post(SITE + "/edits", asked);
            holds(asked, answer);
            done += answer.status() == 200 ? 1 : 0;
            if (times % 7 == 0) {
                holds("undo", client.post(SITE + "/undo" + query(random), ""));
                holds("redo", client.post(SITE + "/redo", ""));
            }
        }
        assertThat(done).as("wishes that were done").isPositive();
    }

    @Test
    void everyPlanFileAndSignInIsTakenOrRefused() {
        for (String text : TEXTS) {
            holds(text, client.postText("/api/sites", text));
            holds(text, client.post("/api/sites", text));
            holds(text, client.post("/api/session", text));
        }
        holds("large", client.postText("/api/sites", "x".repeat(21_000_000)));
    }
}
