package app.bittern.server;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.work.Work;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// Measures the server on a plan of 5,000 extensions: `./bittern bench plan 5000 > /tmp/large.yaml`, then `mvn
/// test -pl server -am -Dtest=LargePlanMeasure -Dbittern.plan=/tmp/large.yaml
/// -Dsurefire.failIfNoSpecifiedTests=false`.
@Tag("measure")
class LargePlanMeasure {
    private static final int EDITS = 40;

    /// Between one edit and the next: people look at what they have done.
    private static final long THINK_MILLIS = 3000;
    private static final int PEOPLE = 10;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.empty().findingDifferences();

    private final Client client = APPLICATION.client();

    private static double since(long start) {
        return (System.nanoTime() - start) / 1e6;
    }

    private JsonNode timed(String what, String path) {
        long start = System.nanoTime();
        Client.Answer answer = client.get(path);
        System.out.printf(
                "%-40s %8.1f ms, %d kB%n", what, since(start), answer.text().length() / 1000);
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.text());
        }
        return answer.json();
    }

    @Test
    void theLargePlan() throws Exception {
        String file = read();
        client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
        long start = System.nanoTime();
        JsonNode made = client.postText("/api/sites", file).json();
        System.out.printf("%-40s %8.1f ms%n", "taken in", since(start));
        String plan = "/api/sites/" + made.at("/key").asString() + "/draft";
        timed("list of sites, nothing loaded", "/api/sites");
        JsonNode site = timed("the plan as a whole", plan);
        String number = site.at("/number").asString().replace("+", "%2B");
        timed("first findings, as far as known", plan + "/findings");
        timed("first list of 200 extensions", plan + "/objects/extension?rows=200&column=ringFor");
        timed("first journal", plan + "/journal");
        timed("first outline", plan + "/outline?to=" + number);
        timed("outline again", plan + "/outline?to=" + number);
        timed("a sheet", plan + "/objects/extension/" + extension(plan));
        timed("who reaches it", plan + "/objects/extension/" + extension(plan) + "/reached");
        timed("who reaches it, again", plan + "/objects/extension/" + extension(plan) + "/reached");
        screens(plan, number);
        timed("all findings", plan + "/findings?wait=20000");
        tenAtOnce(plan, number);
        edits(plan, number);
    }

    /// What the screens ask for that build a plan, each the first time and again.
    private void screens(String plan, String number) {
        String at = "at=2026-11-24T10:15";
        String queue = plan + "/queues/" + first(plan, "queue");
        twice("overview, at a glance", plan + "/glance");
        twice("people, 100 rows", plan + "/people");
        twice("what one may dial", plan + "/people/" + extension(plan) + "/may-dial");
        twice("hours, a week", plan + "/week-of-hours?" + at);
        twice("hours in full", plan + "/rules-of-hours/" + first(plan, "hours"));
        twice("numbers, 50 rows", plan + "/numbers?rows=50&" + at);
        twice("routes of a number", plan + "/routes-in-order?number=" + number);
        twice("all routes", plan + "/routes-in-order");
        twice("numbering plan", plan + "/numbering");
        twice("what matched nothing", plan + "/arrivals");
        twice("groups, 20", plan + "/groups");
        twice("a wait to scale", queue + "/score?" + at);
        twice("how many agents", queue + "/staff?" + at);
        twice("voicemail, 20 mailboxes", plan + "/voicemail?rows=20");
    }

    private void twice(String what, String path) {
        timed(what + ", first", path);
        timed(what + ", again", path);
    }

    private String extension(String plan) {
        return first(plan, "extension");
    }

    private String first(String plan, String kind) {
        return client.get(plan + "/objects/" + kind + "?rows=1")
                .json()
                .at("/rows/0/key")
                .asString();
    }

    private static String read() throws IOException {
        return Files.readString(Path.of(System.getProperty("bittern.plan", "/tmp/large.yaml")));
    }

    private void tenAtOnce(String plan, String number) throws InterruptedException {
        edit(plan, extension(plan), 1000);
        long before = APPLICATION.bean(Work.class).computed();
        long start = System.nanoTime();
        List<Callable<Client.Answer>> all = new ArrayList<>();
        for (int person = 0; person < PEOPLE; person++) {
            all.add(() -> client.get(plan + "/outline?to=" + number));
        }
        try (ExecutorService people = Executors.newFixedThreadPool(PEOPLE)) {
            var _ = people.invokeAll(all);
        }
        System.out.printf(
                "%-40s %8.1f ms, %d computation%n",
                "outline for ten people at once",
                since(start),
                APPLICATION.bean(Work.class).computed() - before);
    }

    private void edit(String plan, String extension, int times) {
        Client.Answer answer = client.post(
                plan + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"extension/" + extension
                        + "\",\"field\":\"/name\",\"value\":\"Person " + times + "\"}}]}");
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.text());
        }
    }

    /// From the edit to the data of the changed sheet, as the front end asks: the edit, the plan as a whole,
    /// the sheet.
    private void edits(String plan, String number) throws InterruptedException {
        String extension = extension(plan);
        List<Double> taken = new ArrayList<>();
        List<Double> outlines = new ArrayList<>();
        for (int times = 0; times < EDITS; times++) {
            long start = System.nanoTime();
            edit(plan, extension, times);
            client.get(plan);
            client.get(plan + "/objects/extension/" + extension);
            taken.add(since(start));
            Thread.sleep(THINK_MILLIS);
            start = System.nanoTime();
            client.get(plan + "/outline?to=" + number);
            outlines.add(since(start));
        }
        print("edit to changed sheet", taken);
        print("outline of a changed plan", outlines);
    }

    private static void print(String what, List<Double> times) {
        Collections.sort(times);
        System.out.printf(
                "%-40s median %.1f, 95th percentile %.1f, maximum %.1f ms%n",
                what, times.get(times.size() / 2), times.get(times.size() * 95 / 100), times.getLast());
    }
}
