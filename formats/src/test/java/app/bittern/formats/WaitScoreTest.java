package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.score.WaitScore;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/// A wait of which two things are due together.
class WaitScoreTest {
    private static final String PLAN = """
            bittern: 2
            site: { key: quay, timeZone: Europe/London, country: GB, languages: [en-GB] }
            extensions:
              "2001": { phones: [desk], doNotDisturb: true }
              "2002": { phones: [desk] }
            mailboxes:
              tickets: {}
            prompts:
              sailings: # thirty words: 12 s
                en-GB: >-
                  The next boat to the island leaves at nine from pier two, the one after at half past ten
                  from pier one, and the last in the evening, weather permitting.
              leave: { en-GB: "Press 2 to leave a message." }
            queues:
              tickets:
                agents: [ { extension: "2001" }, { extension: "2002" } ]
                ringEach: 15s
                pauseBetweenRounds: 5s
                maxWait: 60s
                overflow: mailbox/tickets
                meanwhile:
                  - { at: 5s, say: prompt/sailings }
                  - { at: 8s, say: prompt/leave, keys: { "2": { to: mailbox/tickets } } }
            """;

    private static WaitScore score() {
        PlanFile.Result result = PlanFile.read(PLAN);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        Plan plan = ((PlanFile.Result.Read) result).plan();
        Queue queue = plan.find(new Ref(Kind.QUEUE, "tickets"), Queue.class).orElseThrow();
        return WaitScore.of(plan, queue, Instant.parse("2026-11-24T10:15:00Z"));
    }

    /// Twelve seconds are said from 5 s: what is due at 8 s waits for their end, and so does its key.
    @Test
    void aKeyIsOfferedWhenWhatOffersItIsSaid() {
        assertThat(score().keys())
                .extracting(WaitScore.Key::key, WaitScore.Key::from)
                .containsExactly(tuple("2", 17));
    }

    @Test
    void whoIsOnDoNotDisturbIsNotDrawnRinging() {
        WaitScore score = score();
        assertThat(score.queue().agents().stream()
                        .map(agent -> score.rings(agent.party()).isEmpty()))
                .isEqualTo(List.of(true, false));
        assertThat(score.step().lasts()).isEqualTo(60);
    }
}
