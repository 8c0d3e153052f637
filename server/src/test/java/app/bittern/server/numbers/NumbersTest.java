package app.bittern.server.numbers;

import static app.bittern.server.testing.DemoDraft.good;
import static app.bittern.server.testing.DemoDraft.set;
import static app.bittern.server.testing.DemoDraft.texts;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.DemoDraft;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// The order of precedence, the numbering plan, numbers in any spelling, and what arrived and matched nothing.
class NumbersTest {
    @RegisterExtension
    static final DemoDraft DRAFT = new DemoDraft();

    @Test
    void theOrderOfANumberSaysWhatEachRouteTakesAndWhyOneNeverDoes() {
        JsonNode order = DRAFT.get("/routes-in-order?number=%2B441632960100");
        assertThat(texts(order.at("/ranks"), "/title"))
                .containsExactly("Nuisance callers", "Account hauliers", "Main line", "Anything else");
        assertThat(order.at("/ranks/1/contacts").asInt()).isEqualTo(2);
        assertThat(order.at("/ranks/2/share").asDouble()).isEqualTo(1.0);
        assertThat(order.at("/expected").asBoolean()).isTrue();
        assertThat(order.at("/ranks/3/takes").isMissingNode()).isTrue();
        assertThat(texts(order.at("/ranks/3/before"), ""))
                .containsExactly("Nuisance callers", "Account hauliers", "Main line");
        assertThat(order.at("/unmatched").isMissingNode()).isTrue();
        // A route of a number in its hours alone leaves the rest of the week to the next.
        DRAFT.edit(set("route/main", "/while", "\"hours/terminal open\""));
        JsonNode parted = DRAFT.get("/routes-in-order?number=%2B441632960100");
        double open = parted.at("/ranks/2/share").asDouble();
        double rest = parted.at("/ranks/3/share").asDouble();
        assertThat(open).isBetween(0.3, 0.99);
        assertThat(open + rest).isBetween(0.999, 1.001);
        DRAFT.edit(set("route/any", "/enabled", "false"));
        JsonNode off = DRAFT.get("/routes-in-order?number=%2B441632960100");
        assertThat(off.at("/ranks/3/on").asBoolean()).isFalse();
        assertThat(off.at("/unmatched").asString()).contains("other callers");
        assertThat(texts(DRAFT.get("/routes-in-order").at("/ranks"), "/title")).hasSize(9);
        assertThat(DRAFT.ask("/routes-in-order?number=one").status()).isEqualTo(422);
    }

    @Test
    void theNumberingPlanSaysWhatIsUsedAndFree() {
        JsonNode plan = DRAFT.get("/numbering");
        JsonNode staff = plan.at("/blocks/0");
        assertThat(staff.at("/size").asInt()).isEqualTo(100);
        assertThat(staff.at("/next").asString()).isEqualTo("2000");
        assertThat(texts(staff.at("/used"), "/number")).startsWith("2001", "2002", "2010");
        assertThat(texts(plan.at("/outside"), "/number")).contains("*340", "*342");
    }

    @Test
    void numbersAreReadInAnySpellingAsTheirTrunkDeliversThem() {
        JsonNode read = good(DRAFT.postText(
                "/read-numbers?trunk=trunk/old-line", "01632 960171 Weighbridge\n(01632) 960-170\nnothing here\n"));
        assertThat(read.at("/lines/0/name").asString()).isEqualTo("Weighbridge");
        assertThat(read.at("/lines/0/numbers/0/number").asString()).isEqualTo("+441632960171");
        assertThat(read.at("/lines/0/numbers/0/arrives").asString()).isEqualTo("960171");
        assertThat(read.at("/lines/1/numbers/0/known").asBoolean()).isTrue();
        assertThat(read.at("/lines/2/wrong").asString()).isEqualTo("there is no number in it");
        JsonNode clash = good(DRAFT.postText("/read-numbers?trunk=trunk/old-line", "+491632960170"));
        assertThat(clash.at("/lines/0/numbers/0/clash").asString()).isEqualTo("Freight");
    }

    /// Nobody who may only look can keep others from being answered with it.
    @Test
    void oneLineOfFiftyThousandDigitsIsASentence() {
        String long_ = "0".repeat(50_000);
        assertThat(good(DRAFT.postText("/read-numbers", long_))
                        .at("/lines/0/wrong")
                        .asString())
                .isEqualTo("50000 characters long: 200 are allowed");
        assertThat(good(DRAFT.postText("/read-numbers", "(0".repeat(99) + " to "))
                        .at("/lines"))
                .hasSize(1);
        assertThat(DRAFT.postText("/read-numbers", "0\n".repeat(600_000)).status())
                .isEqualTo(413);
        JsonNode blocks = good(DRAFT.postText("/read-numbers", "01632 960000-960999\n".repeat(40)));
        assertThat(blocks.at("/lines")).hasSize(6);
        assertThat(blocks.at("/lines/5/wrong").asString()).startsWith("more than 5000 numbers at once");
        assertThat(good(DRAFT.postText("/read-numbers", "0163296"))
                        .at("/lines/0/wrong")
                        .asString())
                .contains("'0163296' is no number that is dialled in GB");
    }

    @Test
    void whatArrivedAndMatchesNothingIsListedUntilSomethingTakesIt() {
        DRAFT.edit(set("route/any", "/enabled", "false"));
        JsonNode taken = good(DRAFT.post(
                "/arrivals", "{\"trunk\":\"trunk/old-line\",\"lines\":\"960171 14\\n960170\\nwhat\\n9601\\n960171\"}"));
        assertThat(taken.at("/kept").asInt()).isEqualTo(3);
        assertThat(taken.at("/matched").asInt()).isEqualTo(1);
        assertThat(taken.at("/unread/0").asString()).startsWith("line 3: found 'what'");
        JsonNode arrivals = DRAFT.get("/arrivals").at("/arrivals");
        assertThat(texts(arrivals, "/digits")).containsExactlyInAnyOrder("960171", "9601");
        JsonNode weighbridge = arrivals.get(texts(arrivals, "/digits").indexOf("960171"));
        assertThat(weighbridge.at("/times").asInt()).isEqualTo(15);
        assertThat(weighbridge.at("/why").asString()).contains("no inbound number on it ends so");
        // A number of it and a route for it, and it is no longer there.
        DRAFT.edit("{\"create\":{\"object\":\"number/+441632960171\",\"body\":{\"trunk\":\"old-line\"}}},"
                + "{\"create\":{\"object\":\"route/weighbridge\",\"body\":{\"called\":\"+441632960171\","
                + "\"to\":\"ring-group/reception\"}}}");
        JsonNode left = DRAFT.get("/arrivals").at("/arrivals");
        assertThat(texts(left, "/digits")).containsExactly("9601");
        String told = "{\"id\":" + left.at("/0/id").asInt() + ",\"ours\":true}";
        assertThat(DRAFT.post("/arrivals/told", told).status()).isEqualTo(204);
        assertThat(DRAFT.get("/arrivals").at("/arrivals/0/ours").asBoolean()).isTrue();
        assertThat(DRAFT.post("/arrivals", "{\"trunk\":\"trunk/none\",\"lines\":\"1\"}")
                        .json()
                        .at("/detail")
                        .asString())
                .startsWith("trunk: found 'trunk/none'");
    }
}
