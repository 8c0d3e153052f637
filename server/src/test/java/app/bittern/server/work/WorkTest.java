package app.bittern.server.work;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Plans;
import app.bittern.server.testing.Client;
import app.bittern.server.testing.DemoDraft;
import app.bittern.server.testing.RunningApplication;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.concurrent.Callable;
import java.util.concurrent.CancellationException;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.springframework.jdbc.core.JdbcTemplate;

/// What takes long is computed once, however many ask.
class WorkTest {
    private static final String PLAN = "/api/sites/saltreach/draft";
    private static final String OUTLINE = PLAN + "/outline?to=%2B441632960100";
    private static final int PEOPLE = 10;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo();

    @Test
    void tenPeopleWhoAskAtOnceAreAnsweredByOneComputation() throws Exception {
        Work work = APPLICATION.bean(Work.class);
        Client client = APPLICATION.signedIn();
        long before = work.computed();
        List<Callable<Client.Answer>> asking = new ArrayList<>();
        for (int person = 0; person < PEOPLE; person++) {
            asking.add(() -> client.get(OUTLINE));
        }
        try (ExecutorService people = Executors.newFixedThreadPool(PEOPLE)) {
            for (Future<Client.Answer> answer : people.invokeAll(asking)) {
                assertThat(answer.get().status()).isEqualTo(200);
            }
        }
        assertThat(work.computed() - before).isEqualTo(1);
        client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/ringFor\",\"value\":\"31s\"}}]}");
        assertThat(client.get(OUTLINE).text()).contains("31 s");
        assertThat(work.computed() - before).isEqualTo(2);
    }

    @Test
    void whatHasBeenOffForLongIsFoundByTheJournal() {
        APPLICATION.asTheDemoPlanIs();
        Client client = APPLICATION.signedIn();
        client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"code/medical\",\"field\":\"/enabled\",\"value\":false}}]}");
        assertThat(offLong()).isEmpty();
        APPLICATION
                .bean(JdbcTemplate.class)
                .update("update journal set at = at - interval '40 days' where site = 'saltreach'");
        client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/ringFor\",\"value\":\"32s\"}}]}");
        assertThat(offLong()).hasSize(1);
        assertThat(offLong().getFirst().says()).startsWith("Code Medical help has been off since ");
    }

    private static List<Finding> offLong() {
        return Catalogue.check("off-long")
                .orElseThrow()
                .examine(APPLICATION
                        .bean(Work.class)
                        .examination(APPLICATION.bean(Plans.class).asked("saltreach", "draft")));
    }

    @Test
    void whatIsComputedOfADraftEndsOnceItIsChangedAndOfAReleaseGoesOn() {
        APPLICATION.asTheDemoPlanIs();
        Client client = APPLICATION.signedIn();
        Work work = APPLICATION.bean(Work.class);
        Plans plans = APPLICATION.bean(Plans.class);
        Asked draft = plans.asked("saltreach", "draft");
        Asked live = plans.asked("saltreach", "live");
        client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/ringFor\",\"value\":\"33s\"}}]}");
        Work.Question<Integer> objects =
                (asked, horizon) -> asked.plan().objects().size();
        assertThatThrownBy(() -> work.answer(draft, objects)).isInstanceOf(CancellationException.class);
        int toItsEnd = Work.toItsEnd(() -> work.answer(draft, objects));
        assertThat(toItsEnd).isEqualTo(draft.plan().objects().size());
        long before = work.computed();
        assertThat(Work.toItsEnd(() -> work.answer(draft, objects)))
                .as("shared by those who ask at once")
                .isEqualTo(toItsEnd);
        assertThat(work.computed()).isEqualTo(before);
        assertThat(Work.toItsEnd(() -> work.examination(draft)))
                .isSameAs(Work.toItsEnd(() -> work.examination(draft)))
                .isNotSameAs(work.examination(plans.asked("saltreach", "draft")));
        assertThat(work.answer(live, objects)).isPositive();
        assertThat(work.answer(plans.asked("saltreach", "draft"), objects)).isPositive();
    }

    @Test
    void whoLooksIsAnsweredWhileOthersEdit() throws Exception {
        APPLICATION.asTheDemoPlanIs();
        Client client = APPLICATION.signedIn();
        Queue<String> refused = new ConcurrentLinkedQueue<>();
        AtomicBoolean editing = new AtomicBoolean(true);
        AtomicInteger answered = new AtomicInteger();
        try (ExecutorService people = Executors.newVirtualThreadPerTaskExecutor()) {
            for (int person = 0; person < PEOPLE; person++) {
                people.execute(() -> {
                    while (editing.get()) {
                        Client.Answer answer = client.get(OUTLINE);
                        answered.incrementAndGet();
                        if (answer.status() != 200) {
                            refused.add(answer.text());
                        }
                    }
                });
            }
            try {
                for (int edit = 0; edit < 30; edit++) {
                    DemoDraft.good(client.post(
                            PLAN + "/edits",
                            DemoDraft.wishes(
                                    DemoDraft.set("ring-group/reception", "/ringFor", "\"" + (20 + edit) + "s\""))));
                }
            } finally {
                editing.set(false);
            }
        }
        assertThat(refused).isEmpty();
        assertThat(answered).hasPositiveValue();
    }

    @Test
    void aNoteChangesNoFindingAndIsNotLostByAFix() {
        APPLICATION.asTheDemoPlanIs();
        Client client = APPLICATION.signedIn();
        client.post(PLAN + "/edits", "{\"wishes\":[{\"remove\":{\"object\":\"mailbox/reception\"}}]}");
        String found =
                client.get(PLAN + "/findings?wait=20000").json().at("/findings").toString();
        client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"set\":{\"object\":\"ring-group/reception\",\"field\":\"/note\",\"value\":\"By the door.\"}}]}");
        assertThat(client.get(PLAN + "/findings?wait=20000")
                        .json()
                        .at("/findings")
                        .toString())
                .isEqualTo(found);
        client.post(
                PLAN + "/edits",
                "{\"wishes\":[{\"fix\":{\"code\":\"hole\",\"object\":\"ring-group/reception\",\"field\":\"/noAnswer\",\"title\":\"Create mailbox reception\"}}]}");
        assertThat(client.get(PLAN + "/objects/ring-group/reception").text()).contains("By the door.");
    }
}
