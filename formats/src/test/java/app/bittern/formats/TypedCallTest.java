package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.plan.Plan;
import app.bittern.proof.TypedCall;
import java.time.LocalDateTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/// Calls to the demo as people type them, on a Tuesday at 10:15, with a bench a week later.
class TypedCallTest {
    private static final LocalDateTime NOW = LocalDateTime.parse("2026-11-24T10:15");
    private static final LocalDateTime BENCH = LocalDateTime.parse("2026-12-01T09:30");
    private static final Plan PLAN = PlanFileTest.demo();

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "call 960100 tomorrow 20:00 press 3 | +441632960100  | 2026-11-25T20:00 | 3",
                "call 01632 960100 Sat 8pm | +441632960100 | 2026-11-28T20:00 | ''",
                "call main line | +441632960100 | 2026-12-01T09:30 | ''",
                "call Freight from Harl Haulage on Friday at 9 | +441632960170 +441632960555 | 2026-11-27T09:00 | ''",
                "call +441632960100 from withheld at noon | +441632960100 withheld | 2026-12-01T12:00 | ''",
                "call 01632960100 from 07700 900123 on 25 Dec at 7.30am | +441632960100 +447700900123 | 2026-12-25T07:30 | ''",
                "call 960100 2027-01-04 press 1 then 2 and nothing | +441632960100 | 2027-01-04T09:30 | 1,2,-",
                "2001 dials 00447700900123 tue 23:15 | 00447700900123 extension/2001 | 2026-11-24T23:15 | ''",
                "Priya Nair dials *601 | *601 extension/2010 | 2026-12-01T09:30 | ''",
                "call 2002 from 2001 tomorrow | 2002 extension/2001 | 2026-11-25T09:30 | ''",
            })
    void areReadAsTheyAreMeant(String typed, String called, String at, String keys) {
        TypedCall call = TypedCall.read(typed, PLAN, NOW, BENCH).orElseThrow();
        assertThat((call.bench().to() + " " + call.bench().from()).strip()).isEqualTo(called);
        assertThat(call.bench().at()).isEqualTo(at);
        assertThat(call.bench().keys()).isEqualTo(keys);
    }

    @Test
    void areSaidBackSoThatTheyCanBeChecked() {
        assertThat(TypedCall.read("call 960100 from harl haulage tomorrow 20:00 press 3", PLAN, NOW, BENCH)
                        .orElseThrow()
                        .says())
                .isEqualTo("Call Main line +44 1632 960100 from Harl Haulage on Wed 25 Nov 2026 20:00, press 3");
        assertThat(TypedCall.read("2014 dials 00447700900123", PLAN, NOW, BENCH)
                        .orElseThrow()
                        .says())
                .isEqualTo("Lost property 2014 dials 00447700900123 on Tue 1 Dec 2026 09:30");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "call",
                "calling hours",
                "call 960100 soon",
                "call 960100 at 25:00",
                "call 960100 press",
                "call nobody we know",
                "9999 dials 1"
            })
    void otherWordsAreNone(String typed) {
        assertThat(TypedCall.read(typed, PLAN, NOW, BENCH)).isEmpty();
    }
}
