package app.bittern.server.call;

import static app.bittern.server.testing.DemoDraft.texts;
import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.server.testing.DemoDraft;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;
import tools.jackson.databind.JsonNode;

/// A call in words put on the bench, and lines of a spreadsheet with all that is wrong in them.
class TypedCallsTest {
    @RegisterExtension
    static final DemoDraft DRAFT = new DemoDraft();

    private static JsonNode typed(String words) {
        return DRAFT.get("/typed-call?at=2026-11-24T10:15&typed=" + URLEncoder.encode(words, StandardCharsets.UTF_8));
    }

    @Test
    void aCallInWordsIsReadBack() {
        JsonNode call = typed("call 960144 from withheld press 2");
        assertThat(call.at("/says").asString())
                .isEqualTo(
                        "Call Coach parties +44 1632 960144 from a withheld number on Tue 24 Nov 2026 10:15, press 2");
        assertThat(call.at("/bench/to").asString()).isEqualTo("+441632960144");
        assertThat(typed("call somebody").at("/says").isMissingNode()).isTrue();
        assertThat(typed("call " + "9".repeat(300)).at("/says").isMissingNode()).isTrue();
    }

    private static String line(String number, String body) {
        return "{\"create\":{\"object\":\"extension/" + number + "\",\"body\":" + body + "}}";
    }

    @Test
    void eachLineOfASpreadsheetIsToldWhatIsWrongWithItAndNothingIsKept() {
        JsonNode tried = DemoDraft.good(DRAFT.post(
                "/tried",
                DemoDraft.wishes(
                        line("2030", "{\"name\":\"Kari Nes\"}"),
                        line("20x4", "{\"name\":\"Wrong\"}"),
                        line("2030", "{\"name\":\"Twice\"}"),
                        line("2031", "{\"ringFor\":\"soon\"}"),
                        line("2001", "{\"name\":\"There already\"}"),
                        line("2032", "{}"))));
        assertThat(tried.at("/against")).hasSize(6);
        assertThat(tried.at("/against/0")).isEmpty();
        assertThat(texts(tried.at("/against/1"), ""))
                .containsExactly("number: found '20x4'; allowed is the number of an extension, 1 to 15 digits.");
        assertThat(texts(tried.at("/against/2"), ""))
                .containsExactly("Extension 2030 is there already: choose another number.");
        assertThat(texts(tried.at("/against/3"), "").getFirst())
                .startsWith("ringFor: found 'soon'; allowed is a duration");
        assertThat(texts(tried.at("/against/4"), ""))
                .containsExactly("Extension 2001 is there already: choose another number.");
        assertThat(tried.at("/against/5")).isEmpty();
        assertThat(DRAFT.ask("/objects/extension/2030").status()).isEqualTo(404);
    }
}
