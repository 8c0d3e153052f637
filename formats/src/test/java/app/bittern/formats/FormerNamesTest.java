package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.RandomPlans;
import app.bittern.Seeds;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import java.util.Random;
import org.junit.jupiter.api.Test;

/// What was kept under names of before is read under those of today.
class FormerNamesTest {
    private static String today(Kind kind, String body) {
        return FormerNames.today(kind, JsonNodes.MAPPER.readTree(body)).toString();
    }

    @Test
    void aMailboxKeepsItsValuesAndTheirOrder() {
        assertThat(today(
                        Kind.MAILBOX,
                        "{'maxMessage':'2m','email':['desk@office.example'],'deliver':{'attach':true},'maxMessages':50,'operator':'busy'}"
                                .replace('\'', '"')))
                .isEqualTo(
                        "{'longestMessage':'2m','email':['desk@office.example'],'deliver':{'withSound':true},'mostMessages':50,'keyZero':'busy'}"
                                .replace('\'', '"'));
    }

    @Test
    void wordsOfARouteAndAQueueAreThoseOfToday() {
        assertThat(today(Kind.ROUTE, "{\"ring\":\"priority\",\"beforeAll\":true}"))
                .isEqualTo("{\"alert\":\"priority:high\",\"before\":\"all\"}");
        assertThat(today(Kind.ROUTE, "{\"to\":\"busy\",\"beforeAll\":false}")).isEqualTo("{\"to\":\"busy\"}");
        assertThat(today(Kind.QUEUE, "{\"mayLogIn\":\"anybody-with-pin\"}")).isEqualTo("{\"mayLogIn\":\"everybody\"}");
    }

    @Test
    void whatIsAcceptedOfAFieldIsAcceptedOfItUnderItsName() {
        assertThat(today(
                        Kind.ACCEPTED,
                        "{\"finding\":\"mailbox-small\",\"object\":\"mailbox/x\",\"field\":\"/maxMessages\"}"))
                .contains("\"/mostMessages\"");
        assertThat(today(Kind.ACCEPTED, "{\"object\":\"mailbox/x\",\"field\":\"/deliver/attach\"}"))
                .contains("\"/deliver/withSound\"");
        // The field of that name in something else is another.
        assertThat(today(Kind.ACCEPTED, "{\"object\":\"chain/x\",\"field\":\"/stages/0/ring\"}"))
                .contains("\"/stages/0/ring\"");
    }

    @Test
    void anEditOfAJournalIsRewrittenInAllItsParts() {
        assertThat(FormerNames.today(
                                JsonNodes.MAPPER.readTree(
                                        "{\"several\":[{\"remove\":\"route/x\"},{\"put\":\"route/y\",\"body\":{\"ring\":\"internal\"},\"at\":3}]}"))
                        .toString())
                .isEqualTo(
                        "{\"several\":[{\"remove\":\"route/x\"},{\"put\":\"route/y\",\"body\":{\"alert\":\"source:internal\"},\"at\":3}]}");
    }

    @Test
    void aWholePlanIsReadAsItIsToday() {
        String was = """
                bittern: 2
                site: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB] }
                mailboxes: { m: { maxMessages: 30 } }
                accepted:
                - { finding: mailbox-small, object: mailbox/m, field: /maxMessages, reason: Read daily }
                """;
        assertThat(FormerNames.today(was))
                .hasValueSatisfying(now -> assertThat(now)
                        .contains("mostMessages: 30", "/mostMessages")
                        .satisfies(text -> assertThat(PlanFile.read(text)).isInstanceOf(PlanFile.Result.Read.class)));
    }

    @Test
    void whatIsCalledSoTodayStaysAsItIs() {
        Random random = Seeds.random(5);
        for (int plans = 0; plans < RandomPlans.many(20); plans++) {
            Plan plan = RandomPlans.plan(random);
            assertThat(FormerNames.today(PlanFile.yaml(plan))).isEmpty();
        }
    }
}
