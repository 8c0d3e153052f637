package app.bittern.call;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.Seeds;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/// What the world does on a bench, as people write it.
class ReactionsAsTextTest {
    @ParameterizedTest
    @ValueSource(strings = {"-", "5", "!5", "5@7s", "2@1s 0@4s", "40001", "!#", "*72"})
    void keysAreReadBackAsTheyAreWritten(String text) {
        assertThat(KeyPress.parse(text)).get().hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "a", "5@", "5@7", "!5@7s", "2@4s 0@1s", "5 5", "again", "--"})
    void whatIsNoKeyIsRefused(String text) {
        assertThat(KeyPress.parse(text)).isEmpty();
    }

    /// A key counts when the prompt has ended, at once, or at its own second.
    @ParameterizedTest
    @CsvSource({"5, 12", "!5, 0", "5@7s, 7"})
    void aKeyHasItsSecond(String text, int second) {
        assertThat(KeyPress.parse(text).orElseThrow().second(0, 12)).isEqualTo(second);
    }

    @ParameterizedTest
    @ValueSource(strings = {"silent", "answers 6s", "machine 0s", "declines 3s", "busy", "off", "busy then answers 6s"})
    void whatPhonesDoIsReadBackAsItIsWritten(String text) {
        assertThat(Reaction.parseAll(text).map(Reaction::words)).contains(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "answers", "answers 6", "answers 6m", "busy 3s", "busy then", "busy, off", "Silent"})
    void whatNoPhoneDoesIsRefused(String text) {
        assertThat(Reaction.parseAll(text)).isEmpty();
    }

    @Test
    void declinesAloneIsAtOnce() {
        assertThat(Reaction.parse("declines")).contains(new Reaction.Declines(0));
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "in",
                "out",
                "paused",
                "busy for 40s",
                "in; out from 20s",
                "out; busy for 9s from 5s; in from 30s"
            })
    void whereAgentsAreIsReadBackAsItIsWritten(String text) {
        assertThat(Presence.parse(text)).get().hasToString(text);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "here", "in from", "in; out", "in from 9s; out from 5s", "busy", "busy for 9"})
    void whereNoAgentIsIsRefused(String text) {
        assertThat(Presence.parse(text)).isEmpty();
    }

    /// In from the beginning, in a call from second 5 for 9 seconds, out from 30 on.
    @ParameterizedTest
    @CsvSource({
        "0, true, true",
        "4, true, true",
        "5, true, false",
        "13, true, false",
        "14, true, true",
        "29, true, true",
        "30, false, false",
        "999, false, false"
    })
    void anAgentIsInAndFreeFromASecondOn(int second, boolean in, boolean free) {
        Presence presence =
                Presence.parse("in; busy for 9s from 5s; out from 30s").orElseThrow();
        assertThat(presence.in(second)).isEqualTo(in);
        assertThat(presence.free(second)).isEqualTo(free);
    }

    @Test
    void nothingChangesButAtTheSecondsThatAreTold() {
        Random random = Seeds.random(71);
        for (int times = 0; times < 200; times++) {
            StringBuilder text = new StringBuilder("in");
            int from = 0;
            for (int changes = random.nextInt(4); changes > 0; changes--) {
                from += 1 + random.nextInt(20);
                text.append("; ")
                        .append(List.of("in", "out", "paused", "busy for " + (1 + random.nextInt(30)) + "s")
                                .get(random.nextInt(4)))
                        .append(" from ")
                        .append(from)
                        .append("s");
            }
            Presence presence = Presence.parse(text.toString()).orElseThrow();
            List<Integer> told = presence.seconds();
            IntStream.range(1, 120)
                    .filter(second -> presence.in(second) != presence.in(second - 1)
                            || presence.free(second) != presence.free(second - 1))
                    .forEach(second ->
                            assertThat(told).as("%s at %s", text, second).contains(second));
        }
    }

    @ParameterizedTest
    @CsvSource({"0, false", "4, false", "5, true", "6, true", "full, true"})
    void aQueueWithRoomForFiveIsFull(String found, boolean full) {
        assertThat(Found.parse(found).orElseThrow().full(Optional.of(5))).isEqualTo(full);
        assertThat(Found.parse(found).orElseThrow().full(Optional.empty())).isFalse();
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "-1", "many", "1234567", "full then", "2,3"})
    void whatIsNotFoundInAQueueIsRefused(String text) {
        assertThat(Found.parseAll(text)).isEmpty();
    }
}
