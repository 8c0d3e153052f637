package app.bittern.server.object;

import static app.bittern.server.testing.DemoDraft.set;
import static app.bittern.server.testing.DemoDraft.texts;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.DemoDraft;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// Objects one by one and in lists, and what can stand in their fields.
class ObjectsTest {
    @RegisterExtension
    static final DemoDraft DRAFT = new DemoDraft();

    @Test
    void anObjectIsThereAsThePlanFileHasItAndAsPeopleReadIt() {
        JsonNode group = DRAFT.get("/objects/ring-group/freight");
        assertThat(group.at("/title").asString()).isEqualTo("Freight office");
        assertThat(group.at("/body/ringFor").asString()).isEqualTo("24s");
        JsonNode shown = group.at("/shown");
        assertThat(texts(shown, "/at")).contains("/ringFor", "/noAnswer", "/members/0/extension", "/members/2/outside");
        assertThat(texts(shown, "/text"))
                .contains(
                        "24 s (8 rings)", "queue Freight", "Ade Bright 2020", "07700 900321", "12 s (4 rings)", "yes");
        assertThat(texts(DRAFT.get("/objects/queue/freight").at("/shown"), "/text"))
                .contains("90% in 30 s");
        assertThat(texts(group.at("/slots"), "/role")).contains("leads to", "rings");
        assertThat(group.at("/uses/0/title").asString()).isEqualTo("Freight office open?");
        assertThat(group.at("/uses/0/field").asString()).isEqualTo("cases loading");
    }

    @Test
    void whoReachesAnObjectIsToldWithACallThatDoes() {
        JsonNode reached = DRAFT.get("/objects/mailbox/bookings/reached");
        assertThat(texts(reached.at("/numbers"), "/title")).contains("Main line");
        JsonNode bench = reached.at("/bench");
        JsonNode trace = DRAFT.get("/trace?to=" + bench.at("/to").asString().replace("+", "%2B") + "&at="
                + bench.at("/at").asString() + "&keys=" + bench.at("/keys").asString());
        assertThat(texts(trace.at("/trace/steps"), "/object")).contains("mailbox/bookings");
        assertThat(DRAFT.get("/objects/contact/%2B441632960555/reached").at("/numbers"))
                .isEmpty();
    }

    @Test
    void aListIsFilteredOrderedAndGivenInWindows() {
        JsonNode all = DRAFT.get("/objects/extension?column=ringFor&column=doNotDisturb");
        assertThat(all.at("/total").asInt()).isEqualTo(12);
        assertThat(texts(all.at("/rows"), "/key")).startsWith("2001", "2002", "2010");
        assertThat(texts(all.at("/rows/1/cells"), "")).containsExactly("20 s (7 rings)", "no");
        JsonNode found = DRAFT.get("/objects/extension?find=desk&order=title&descending=true");
        assertThat(texts(found.at("/rows"), "/title"))
                .containsExactly("Port control desk B 2102", "Port control desk A 2101");
        JsonNode window = DRAFT.get("/objects/extension?from=3&rows=2");
        assertThat(window.at("/total").asInt()).isEqualTo(12);
        assertThat(texts(window.at("/rows"), "/key")).containsExactly("2011", "2012");
        assertThat(DRAFT.ask("/objects/colour").status()).isEqualTo(404);
        assertThat(DRAFT.ask("/objects/queue/none").json().at("/detail").asString())
                .isEqualTo("This plan has no queue 'none'.");
    }

    @Test
    void whatCanStandInAFieldFitsIt() {
        assertThat(texts(DRAFT.get("/choices?kind=ring-group&at=/noAnswer&find=book"), "/value"))
                .contains("queue/bookings", "mailbox/bookings")
                .allMatch(value -> value.contains("/"));
        assertThat(texts(DRAFT.get("/choices?kind=ring-group&at=/members/0/extension&find=2014"), "/value"))
                .containsExactly("2014");
        assertThat(texts(DRAFT.get("/choices?kind=route&at=/while&find=terminal"), "/value"))
                .contains("hours/terminal open");
        assertThat(texts(DRAFT.get("/choices?kind=code&at=/does&find=log"), "/value"))
                .contains("login queue/bookings", "logout queue/bookings");
        assertThat(texts(DRAFT.get("/choices?kind=ring-group&at=/noAnswer&find=repeat"), "/value"))
                .isEmpty();
        assertThat(texts(DRAFT.get("/choices?kind=menu&at=/keys/1/to&find=repeat"), "/value"))
                .contains("repeat");
        assertThat(texts(DRAFT.get("/choices?kind=alarm&at=/on/dialled&find=emer"), "/title"))
                .contains("any emergency number", "Emergency");
        // Where calls go, busy is the busy tone; why a mailbox greets is a word by itself.
        assertThat(texts(DRAFT.get("/choices?kind=ring-group&at=/noAnswer&find=busy"), "/title"))
                .contains("busy tone");
        assertThat(texts(DRAFT.get("/choices?kind=branch&at=/cases/open/greetAs&find="), "/title"))
                .contains("busy", "no answer");
        assertThat(DRAFT.ask("/choices?kind=menu&at=/colour").status()).isEqualTo(404);
    }

    @Test
    void theNamesThatAnEntryCanHaveAreThoseThatNoneHas() {
        assertThat(texts(DRAFT.get("/names?object=menu/front-desk&field=keys"), "/value"))
                .contains("5", "6", "*")
                .doesNotContain("1", "2", "3");
        assertThat(texts(DRAFT.get("/names?object=prompt/reduced&field=*"), "/value"))
                .containsExactly("nb-NO");
    }

    @Test
    void aNameIsEnoughForNewHoursAndANewSwitch() {
        for (String kind : List.of("hours", "switch")) {
            JsonNode fresh = DRAFT.get("/fresh/" + kind + "?name=Night");
            assertThat(fresh.at("/asks")).isEmpty();
            DRAFT.edit("{\"create\":{\"object\":\"" + kind + "/night\",\"body\":" + fresh.at("/body") + "}}");
        }
    }

    @Test
    void aNewPromiseSaysWhatEveryPlanShouldKeep() {
        JsonNode fresh = DRAFT.get("/fresh/promise?name=Nobody%20is%20lost");
        assertThat(fresh.at("/asks")).isEmpty();
        DRAFT.edit("{\"create\":{\"object\":\"promise/" + fresh.at("/key").asString() + "\",\"body\":"
                + fresh.at("/body") + "}}");
        assertThat(DRAFT.get("/objects/promise/nobody-is-lost")
                        .at("/body/never/ends/0")
                        .asString())
                .isEqualTo("lost");
    }

    @Test
    void aNewObjectBeginsWithAFreeKeyAndNumberAndSaysWhatItAsksFor() {
        JsonNode fresh = DRAFT.get("/fresh/ring-group?name=Night%20desk");
        assertThat(fresh.at("/key").asString()).isEqualTo("night-desk");
        assertThat(texts(fresh.at("/asks"), "")).contains("/noAnswer");
        String number = fresh.at("/body/number").asString();
        assertThat(DRAFT.get("/find?find=" + number)).isEmpty();
        DRAFT.edit("{\"create\":{\"object\":\"ring-group/night-desk\",\"body\":" + fresh.at("/body") + "}}");
        assertThat(DRAFT.get("/fresh/ring-group?name=Night%20desk").at("/key").asString())
                .isEqualTo("night-desk-2");
        assertThat(texts(DRAFT.get("/fresh/branch").at("/asks"), "")).startsWith("/by");
    }

    @Test
    void aCopyHasItsFieldsAndANameAndNumberOfItsOwn() {
        JsonNode copy = DRAFT.get("/fresh/queue?like=bookings");
        assertThat(copy.at("/body/name").asString()).isEqualTo("Bookings copy");
        assertThat(copy.at("/key").asString()).isEqualTo("bookings-copy");
        DRAFT.edit("{\"create\":{\"object\":\"queue/bookings-copy\",\"body\":" + copy.at("/body") + "}}");
        JsonNode made = DRAFT.get("/objects/queue/bookings-copy").at("/body");
        JsonNode was = DRAFT.get("/objects/queue/bookings").at("/body");
        assertThat(made.at("/agents")).isEqualTo(was.at("/agents"));
        assertThat(made.at("/number")).isNotEqualTo(was.at("/number"));
    }

    @Test
    void aRenamedObjectIsNamedByItsNewKeyEverywhere() {
        DRAFT.edit("{\"rename\":{\"object\":\"mailbox/bookings\",\"key\":\"seats\"}}");
        assertThat(DRAFT.ask("/objects/mailbox/bookings").status()).isEqualTo(404);
        assertThat(DRAFT.get("/objects/mailbox/seats").at("/uses")).isNotEmpty();
        assertThat(DRAFT.get("/objects/queue/bookings").at("/body/overflow").asString())
                .isEqualTo("mailbox/seats");
        assertThat(DRAFT.wish("{\"rename\":{\"object\":\"mailbox/seats\",\"key\":\"lost-property\"}}")
                        .json()
                        .at("/detail")
                        .asString())
                .contains("Mailbox lost-property is there already");
    }

    @Test
    void theHistoryOfAnObjectIsOfThatObjectAlone() {
        DRAFT.edit(set("queue/bookings", "/maxWait", "\"5m\""));
        DRAFT.edit(set("mailbox/bookings", "/name", "\"Seats\""));
        JsonNode entries = DRAFT.get("/journal?object=mailbox/bookings&most=1");
        assertThat(entries.at("/0/says").asString()).contains("Seats");
    }

    @Test
    void whoReachesARouteAndWhatDecidesOrIsSaidIsToldToo() {
        for (String object : List.of("route/main", "hours/terminal", "prompt/closed")) {
            JsonNode reached = DRAFT.get("/objects/" + object + "/reached");
            assertThat(reached.at("/numbers").size()).as(object).isPositive();
            assertThat(reached.at("/bench/to").asString()).as(object).startsWith("+44");
        }
    }

    @Test
    void aPromptThatNamesItsLanguageIsReadWithIt() {
        DRAFT.edit(set("mailbox/reception", "/greeting", "\"prompt/mailbox-general in nb-NO\""));
        assertThat(texts(DRAFT.get("/objects/mailbox/reception").at("/shown"), "/text"))
                .anyMatch(text -> text.contains("mailbox-general in Norwegian"));
    }

    @Test
    void theBeginningOfANumberIsNotWrittenAsANumber() {
        assertThat(texts(DRAFT.get("/objects/route/nuisance").at("/shown"), "/text"))
                .noneMatch(text -> text.contains("1632"));
        assertThat(DRAFT.get("/objects/route/nuisance")
                        .at("/body/caller/prefix")
                        .asString())
                .isEqualTo("+4416329609");
    }
}
