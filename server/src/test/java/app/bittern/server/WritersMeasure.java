package app.bittern.server;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.DemoDraft;
import app.bittern.server.testing.RunningApplication;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// Measures twenty people who change a plan of 5,000 extensions, each something every three seconds, for two
/// minutes, and whether what is answered is kept and nothing else: `./bittern bench plan 5000 >
/// /tmp/large.yaml`, then `mvn test -pl server -am -Dgroups=measure -DexcludedGroups= -Dtest=WritersMeasure
/// -Dbittern.plan=/tmp/large.yaml -Dsurefire.failIfNoSpecifiedTests=false`.
@Tag("measure")
class WritersMeasure {
    private static final int PEOPLE = 20;
    private static final Duration EACH = Duration.ofSeconds(3);
    private static final Duration MEASURED = Duration.ofMinutes(2);

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.empty().findingDifferences();

    private final Map<Integer, AtomicInteger> answers = new ConcurrentHashMap<>();
    private final ConcurrentLinkedQueue<Double> taken = new ConcurrentLinkedQueue<>();

    private static String read() throws IOException {
        return Files.readString(Path.of(System.getProperty("bittern.plan", "../demo/saltreach.yaml")));
    }

    @Test
    void twentyPeople() throws Exception {
        Client client = APPLICATION.client();
        client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
        JsonNode made = DemoDraft.good(client.postText("/api/sites", read()));
        String plan = "/api/sites/" + made.at("/key").asString() + "/draft";
        List<String> extensions = DemoDraft.texts(
                client.get(plan + "/objects/extension?rows=200").json().at("/rows"), "/object");
        long begin = System.nanoTime();
        try (ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int person = 0; person < PEOPLE; person++) {
                String object = extensions.get(person);
                int number = person;
                people.execute(() -> work(client, plan, object, number, begin));
            }
        }
        long version = client.get(plan).json().at("/version").asLong();
        List<Double> sorted = taken.stream().sorted().toList();
        System.out.printf(
                "answers %s, version %d; edits, ms: median %.0f, 95th percentile %.0f, maximum %.0f%n",
                new TreeMap<>(answers),
                version,
                sorted.get(sorted.size() / 2),
                sorted.get(sorted.size() * 95 / 100),
                sorted.getLast());
    }

    private void work(Client client, String plan, String object, int person, long begin) {
        int edit = 0;
        pause(EACH.multipliedBy(person).dividedBy(PEOPLE));
        while (System.nanoTime() - begin < MEASURED.toNanos()) {
            long start = System.nanoTime();
            String wishes =
                    DemoDraft.wishes(DemoDraft.set(object, "/name", "\"Person " + person + " edit " + edit++ + "\""));
            int status = client.post(plan + "/edits", wishes).status();
            answers.computeIfAbsent(status, one -> new AtomicInteger()).incrementAndGet();
            taken.add((System.nanoTime() - start) / 1e6);
            // What the others see of it is asked for as their screens do.
            client.get(plan);
            pause(EACH.minusNanos(System.nanoTime() - start));
        }
    }

    private static void pause(Duration time) {
        try {
            Thread.sleep(time.isNegative() ? Duration.ZERO : time);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
