package app.bittern.server;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.ThreadLocalRandom;
import java.util.function.Supplier;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Measures what 200 people wait who each ask for something a second after they have been answered; run with
/// `mvn test -pl server -am -Dtest=LoadMeasure -Dsurefire.failIfNoSpecifiedTests=false`.
@Tag("measure")
class LoadMeasure {
    private static final String PLAN = "/api/sites/saltreach/draft";
    private static final int PEOPLE = 200;
    private static final Duration WARM_UP = Duration.ofSeconds(15);
    private static final Duration MEASURED = Duration.ofSeconds(45);

    /// One session in so many changes something with each tenth thing it asks.
    private static final int EDITORS = 10;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().findingDifferences();

    private final Map<String, List<Double>> taken = new ConcurrentHashMap<>();

    @Test
    void twoHundredSessions() throws InterruptedException {
        // One sign-in for all: passwords are hashed slowly, which is not what is measured here.
        Client client = APPLICATION.signedIn();
        long begin = System.nanoTime();
        try (ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int person = 0; person < PEOPLE; person++) {
                int number = person;
                people.execute(() -> work(client, number, begin));
            }
        }
        new TreeMap<>(taken).forEach((what, times) -> {
            List<Double> sorted = new ArrayList<>(times);
            Collections.sort(sorted);
            System.out.printf(
                    "%-10s %6d asked, ms: median %.1f, 95th percentile %.1f, maximum %.1f%n",
                    what,
                    sorted.size(),
                    sorted.get(sorted.size() / 2),
                    sorted.get(sorted.size() * 95 / 100),
                    sorted.getLast());
        });
    }

    private void work(Client client, int person, long begin) {
        Random random = new Random(person);
        while (System.nanoTime() - begin < WARM_UP.plus(MEASURED).toNanos()) {
            think();
            int minute = 15 * random.nextInt(4);
            String at = "2026-11-%02dT%02d:%02d".formatted(1 + random.nextInt(28), random.nextInt(24), minute);
            switch (random.nextInt(10)) {
                case 0, 1, 2, 3 ->
                    ask(
                            "trace",
                            begin,
                            () -> client.get(PLAN + "/trace?to=%2B441632960100&from=%2B447700900123&keys=3&at=" + at));
                case 4, 5 -> ask("object", begin, () -> client.get(PLAN + "/objects/queue/bookings"));
                case 6 -> ask("outline", begin, () -> client.get(PLAN + "/outline?to=%2B441632960100"));
                case 7 -> ask("site", begin, () -> client.get(PLAN));
                case 8 -> ask("numbers", begin, () -> client.get(PLAN + "/numbers?at=" + at));
                case 9 -> {
                    if (person % EDITORS == 0) {
                        String name = "Name " + random.nextInt(1000);
                        ask(
                                "edit",
                                begin,
                                () -> client.post(
                                        PLAN + "/edits",
                                        "{\"wishes\":[{\"set\":{\"object\":\"prompt/closed\",\"field\":\"/name\",\"value\":\""
                                                + name + "\"}}]}"));
                    } else {
                        ask("findings", begin, () -> client.get(PLAN + "/findings"));
                    }
                }
                default -> throw new IllegalStateException();
            }
        }
    }

    private void ask(String what, long begin, Supplier<Client.Answer> question) {
        long start = System.nanoTime();
        Client.Answer answer = question.get();
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.text());
        }
        if (start - begin > WARM_UP.toNanos()) {
            taken.computeIfAbsent(what, one -> Collections.synchronizedList(new ArrayList<>()))
                    .add((System.nanoTime() - start) / 1e6);
        }
    }

    private static void think() {
        try {
            Thread.sleep(900 + ThreadLocalRandom.current().nextInt(200));
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
