package app.bittern.server.edit;

import static app.bittern.server.testing.DemoDraft.good;
import static app.bittern.server.testing.DemoDraft.set;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.RunningApplication;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// Many who change one plan at once: what is answered is kept, what is kept is answered, and nothing twice.
class ManyWritersTest {
    private static final String DRAFT = "/api/sites/saltreach/draft";
    private static final int WRITERS = 20;
    private static final int EDITS = 6;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().computingNothingForLater();

    private static String named(String name, String once) {
        return "{\"once\":\"" + once + "\",\"wishes\":[" + set("prompt/closed", "/name", "\"" + name + "\"") + "]}";
    }

    @Test
    void everyEditOfTwentyAtOnceIsKeptAndAnswered() {
        Client client = APPLICATION.signedIn();
        long before = client.get(DRAFT).json().at("/version").asLong();
        Set<Long> versions = ConcurrentHashMap.newKeySet();
        try (ExecutorService writers = Executors.newVirtualThreadPerTaskExecutor()) {
            IntStream.range(0, WRITERS)
                    .mapToObj(writer -> writers.submit(() -> {
                        for (int edit = 0; edit < EDITS; edit++) {
                            String name = "Writer " + writer + " edit " + edit;
                            versions.add(good(client.post(DRAFT + "/edits", named(name, "edit-" + writer + "-" + edit)))
                                    .at("/version")
                                    .asLong());
                        }
                        return writer;
                    }))
                    .toList()
                    .forEach(writer -> assertThat(writer).succeedsWithin(java.time.Duration.ofMinutes(2)));
        }
        assertThat(versions).hasSize(WRITERS * EDITS);
        assertThat(client.get(DRAFT).json().at("/version").asLong()).isEqualTo(before + WRITERS * EDITS);
    }

    @Test
    void anEditThatIsSentAgainIsTheSameEdit() {
        Client client = APPLICATION.signedIn();
        JsonNode first = good(client.post(DRAFT + "/edits", named("Once", "sent-twice")));
        JsonNode again = good(client.post(DRAFT + "/edits", named("Once", "sent-twice")));
        assertThat(again.at("/version")).isEqualTo(first.at("/version"));
        assertThat(again.at("/says")).isEqualTo(first.at("/says"));
        JsonNode undone = good(client.post(DRAFT + "/undo?once=undone-twice", ""));
        assertThat(good(client.post(DRAFT + "/undo?once=undone-twice", "")).at("/version"))
                .isEqualTo(undone.at("/version"));
        assertThat(client.get(DRAFT).json().at("/version").asLong())
                .isEqualTo(undone.at("/version").asLong());
        assertThat(client.post(DRAFT + "/edits", named("Once", "?"))
                        .json()
                        .at("/says/0")
                        .asString())
                .startsWith("once: found '?'; allowed are 8 to 64");
    }

    /// Another's of the same name is another edit.
    @Test
    void aNameIsOfAnAccount() {
        Client client = APPLICATION.signedIn();
        Client kari = APPLICATION.invited("kari", "saltreach", "change");
        long one = good(client.post(DRAFT + "/edits", named("One", "same-name")))
                .at("/version")
                .asLong();
        long other = good(kari.post(DRAFT + "/edits", named("Other", "same-name")))
                .at("/version")
                .asLong();
        assertThat(List.of(one, other)).doesNotHaveDuplicates();
    }

    @Test
    void moreWishesThanAnEditTakesAreRefused() {
        String wish = set("prompt/closed", "/name", "\"x\"");
        String many = "{\"wishes\":[" + String.join(",", java.util.Collections.nCopies(201, wish)) + "]}";
        assertThat(APPLICATION
                        .signedIn()
                        .post(DRAFT + "/edits", many)
                        .json()
                        .at("/says/0")
                        .asString())
                .isEqualTo("wishes: found 201; allowed are 200 in one edit.");
    }
}
