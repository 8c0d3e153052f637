package app.bittern.server.people;

import static app.bittern.server.testing.DemoDraft.texts;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.Client;
import app.bittern.server.testing.DemoDraft;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// The grid of people and what a cell of it sets.
class PeopleTest {
    @RegisterExtension
    static final DemoDraft DRAFT = new DemoDraft();

    private static Client.Answer member(String object, String extension, String cell) {
        return DRAFT.wish("{\"member\":{\"object\":\"" + object + "\",\"extension\":\"" + extension + "\",\"cell\":\""
                + cell + "\"}}");
    }

    @Test
    void theGridSaysWhereEachIsAndHow() {
        JsonNode people = DRAFT.get("/people?from=2&rows=1");
        assertThat(people.at("/total").asInt()).isEqualTo(12);
        assertThat(texts(people.at("/columns"), "/title"))
                .containsExactly(
                        "Reception",
                        "Coach desk",
                        "Freight office",
                        "Port control",
                        "Bookings",
                        "Freight",
                        "Quay and terminal");
        assertThat(people.at("/rows/0/key").asString()).isEqualTo("2010");
        assertThat(people.at("/rows/0/cells"))
                .hasToString("[{\"column\":0,\"says\":\"10s\"},{\"column\":4,\"says\":\"in\"},"
                        + "{\"column\":5,\"says\":\"2 40s\"}]");
        assertThat(texts(people.at("/free"), "/number")).containsExactly("2000", "2100");
        assertThat(texts(DRAFT.get("/people?find=port").at("/rows"), "/key")).containsExactly("2101", "2102");
        assertThat(texts(DRAFT.get("/people?in=queue/freight").at("/rows"), "/key"))
                .containsExactly("2010", "2020", "2021");
        assertThat(DRAFT.get("/people?find=lost").at("/rows/0/then").asString())
                .isEqualTo("21 s, then chain Carriers' office");
    }

    @Test
    void aCellPutsSomebodyInOutOrElsewhere() {
        assertThat(member("hunt-group/port-control", "2103", "1").status()).isEqualTo(200);
        assertThat(DRAFT.get("/objects/hunt-group/port-control")
                        .at("/body/members/0/extension")
                        .asString())
                .isEqualTo("2103");
        assertThat(member("queue/bookings", "2013", "3 phone 20s")
                        .json()
                        .at("/says")
                        .asString())
                .isEqualTo("Bookings, Bea Torrance 2013: 3 phone 20s");
        assertThat(DRAFT.get("/objects/queue/bookings").at("/body/agents/3"))
                .hasToString("{\"extension\":\"2013\",\"login\":\"by-phone\",\"rank\":3,\"joinsAfter\":\"20s\"}");
        assertThat(member("page/quay", "2103", "").status()).isEqualTo(200);
        assertThat(DRAFT.get("/objects/page/quay").at("/body/phones")).hasToString("[\"2101\",\"2102\",\"2001\"]");
        assertThat(member("page/quay", "2001", "2").json().at("/detail").asString())
                .isEqualTo("Quay and terminal: found '2'; in a page allowed is in.");
        assertThat(member("queue/bookings", "2001", "often")
                        .json()
                        .at("/detail")
                        .asString())
                .startsWith("member.cell: found 'often'; allowed is nothing (out), in, a place or rank");
        assertThat(member("queue/bookings", "2999", "in").status()).isEqualTo(404);
        assertThat(member("mailbox/bookings", "2001", "in").status()).isEqualTo(422);
    }

    @Test
    void whatAPersonMayDialIsSaidByExample() {
        JsonNode staff = DRAFT.get("/people/2014/may-dial");
        assertThat(staff.at("/service").asString()).isEqualTo("Staff");
        int barred = 0;
        for (JsonNode row : staff.at("/rows")) {
            barred += row.at("/may").asBoolean() ? 0 : 1;
        }
        assertThat(barred).isPositive();
        assertThat(DRAFT.ask("/people/2999/may-dial").status()).isEqualTo(404);
    }
}
