package app.bittern.server;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.DemoDraft;
import app.bittern.server.testing.RunningApplication;
import app.bittern.server.testing.ServerProcess;
import app.bittern.server.testing.TestDatabase;
import java.io.IOException;
import java.net.ServerSocket;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.HashMap;
import java.util.Map;
import java.util.function.IntFunction;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;

/// Measures how much of a processor the server takes for one request, as a process of its own with the quick
/// compiler alone, as `./bittern demo` starts it; what is looked for behind an edit is left aside. `./bittern bench
/// plan 5000 > /tmp/large.yaml`, then `mvn test -pl server -am -Dgroups=measure -DexcludedGroups=
/// -Dtest=ProcessorMeasure -Dbittern.plan=/tmp/large.yaml -Dsurefire.failIfNoSpecifiedTests=false`; for a server
/// that has run for long with both compilers `-Dbittern.compilers=4 -Dbittern.warm-up=8000` besides.
@Tag("measure")
class ProcessorMeasure {
    private static final int WARM_UP = Integer.getInteger("bittern.warm-up", 300);
    private static final int MEASURED = 400;
    private static final int COMPILERS = Integer.getInteger("bittern.compilers", 1);

    @Test
    void processorOfARequest() throws Exception {
        int port = freePort();
        Map<String, Object> settings = new HashMap<>(RunningApplication.properties(TestDatabase.fresh(), true, port));
        settings.put("BITTERN_BACKGROUND_MOMENT", Duration.ofDays(1));
        settings.put("BITTERN_DIFFERENCES_MOMENT", Duration.ofDays(1));
        ServerProcess server = ServerProcess.start(settings, port, COMPILERS);
        try {
            Client client = Client.at("http://127.0.0.1:" + port);
            client.signIn(RunningApplication.NAME, RunningApplication.PASSWORD);
            all(server, client, "demo", "/api/sites/saltreach/draft", WARM_UP, MEASURED);
            String file = System.getProperty("bittern.plan", "");
            if (!file.isEmpty()) {
                String key = DemoDraft.good(client.postText("/api/sites", Files.readString(Path.of(file))))
                        .at("/key")
                        .asString();
                all(server, client, "large", "/api/sites/" + key + "/draft", 40, 60);
            }
        } finally {
            server.process().destroy();
        }
    }

    private static void all(ServerProcess server, Client client, String name, String plan, int warmUp, int measured) {
        String number = client.get(plan).json().at("/number").asString().replace("+", "%2B");
        String extension = client.get(plan + "/objects/extension?rows=1")
                .json()
                .at("/rows/0/object")
                .asString();
        Map<String, IntFunction<Client.Answer>> questions = Map.of(
                "1 nothing", one -> client.get("/actuator/health/liveness"),
                "2 session", one -> client.get("/api/session"),
                "3 trace",
                        one -> client.get(
                                plan + "/trace?to=" + number + "&keys=3&at=2026-11-" + (10 + one % 20) + "T10:15"),
                "4 sheet", one -> client.get(plan + "/objects/" + extension),
                "5 list", one -> client.get(plan + "/objects/extension?rows=50"),
                "6 outline", one -> client.get(plan + "/outline?to=" + number),
                "7 edit",
                        one -> client.post(
                                plan + "/edits",
                                DemoDraft.wishes(DemoDraft.set(extension, "/name", "\"Person " + one + "\""))),
                "8 edit, outline",
                        one -> {
                            DemoDraft.good(client.post(
                                    plan + "/edits",
                                    DemoDraft.wishes(DemoDraft.set(extension, "/name", "\"Person " + one + "\""))));
                            return client.get(plan + "/outline?to=" + number);
                        });
        questions.entrySet().stream().sorted(Map.Entry.comparingByKey()).forEach(question -> {
            double first = each(server, question.getValue(), 0, warmUp);
            double then = each(server, question.getValue(), warmUp, measured);
            System.out.printf(
                    "%-6s %-16s ms of processor: %.1f each of the first %d, then %.2f%n",
                    name, question.getKey(), first, warmUp, then);
        });
    }

    private static double each(ServerProcess server, IntFunction<Client.Answer> question, int from, int times) {
        Duration before = used(server);
        for (int one = from; one < from + times; one++) {
            Client.Answer answer = question.apply(one);
            if (answer.status() != 200) {
                throw new IllegalStateException(answer.text());
            }
        }
        return used(server).minus(before).toNanos() / 1e6 / times;
    }

    private static Duration used(ServerProcess server) {
        return server.process().info().totalCpuDuration().orElseThrow();
    }

    private static int freePort() throws IOException {
        try (ServerSocket socket = new ServerSocket(0)) {
            return socket.getLocalPort();
        }
    }
}
