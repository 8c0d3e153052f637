package app.bittern.traffic;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Optional;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ErlangTest {
    /// From the Erlang B tables that the ITU publishes: channels, blocking, erlangs carried at that blocking.
    @ParameterizedTest
    @CsvSource({
        "1, 0.01, 0.0101",
        "5, 0.01, 1.361",
        "10, 0.01, 4.461",
        "20, 0.01, 12.03",
        "50, 0.01, 37.90",
        "100, 0.01, 84.06",
        "10, 0.05, 6.216",
        "30, 0.001, 16.68"
    })
    void theTablesOfErlangB(int channels, double blocking, double erlangs) {
        assertThat(ErlangB.traffic(channels, blocking)).isCloseTo(erlangs, within(erlangs * 6e-4 + 5e-5));
        assertThat(ErlangB.channels(erlangs * 0.999, blocking)).isEqualTo(channels);
        assertThat(ErlangB.channels(erlangs * 1.001, blocking)).isEqualTo(channels + 1);
    }

    @Test
    void nothingOverflowsWithTenThousandErlangs() {
        assertThat(ErlangB.blocking(10_000, 10_000)).isCloseTo(0.0079, within(2e-4));
        assertThat(ErlangB.blocking(10_000, 12_000)).isBetween(0.0, 1e-50);
        assertThat(ErlangB.blocking(10_000, 1)).isCloseTo(10_000.0 / 10_001, within(1e-12));
        ErlangC c = new ErlangC(10_000, 10_100, 180);
        assertThat(c.waiting()).isBetween(0.2, 0.3);
        ErlangA a = new ErlangA(10_000, 9_000, 180, 120);
        assertThat(a.abandoned()).isCloseTo(0.1, within(1e-3));
        assertThat(a.waiting()).isCloseTo(1, within(1e-6));
        assertThat(a.serviceLevel(1e9)).isCloseTo(1 - a.abandoned(), within(1e-6));
        assertThat(new ErlangA(10_000, 20_000, 180, 120).waiting()).isBetween(0.0, 1e-12);
    }

    @Test
    void erlangCIsTheSumOfItsDefinition() {
        for (int agents = 1; agents <= 30; agents++) {
            double traffic = agents * 0.83;
            double term = 1;
            double sum = 1;
            for (int n = 1; n < agents; n++) {
                term *= traffic / n;
                sum += term;
            }
            double last = term * traffic / agents / (1 - traffic / agents);
            assertThat(new ErlangC(traffic, agents, 180).waiting()).isCloseTo(last / (sum + last), within(1e-12));
        }
        assertThat(new ErlangC(5, 5, 180).waiting()).isEqualTo(1);
        assertThat(new ErlangC(5, 4, 180).meanWait()).isInfinite();
    }

    /// Who gives up in the end has given up within a very long time, and nobody within none.
    @ParameterizedTest
    @CsvSource({"10, 10, 180, 120", "10, 12, 180, 60", "3, 1, 60, 300", "50, 45, 200, 90", "0.5, 2, 100, 50"})
    void whoGivesUpWithinATimeGrowsToAllWhoDo(double traffic, int agents, double talk, double patience) {
        ErlangA waits = new ErlangA(traffic, agents, talk, patience);
        double last = 0;
        for (int seconds = 0; seconds <= 600; seconds += 20) {
            double within = waits.abandonedWithin(seconds);
            assertThat(within).isGreaterThanOrEqualTo(last);
            // Whoever has neither been answered nor given up by then is still waiting.
            assertThat(within + waits.serviceLevel(seconds)).isLessThanOrEqualTo(1 + 1e-9);
            last = within;
        }
        assertThat(waits.abandonedWithin(0)).isCloseTo(0, within(1e-9));
        assertThat(waits.abandonedWithin(1e7)).isCloseTo(waits.abandoned(), within(1e-6));
    }

    /// Callers who give up at once are left out of what a level is a share of, and it rises.
    @Test
    void aLevelIsAShareOfThoseWhoCount() {
        Expectation all = new Expectation(40, 210, Optional.of(60.0), 20, 0);
        Expectation counted = new Expectation(40, 210, Optional.of(60.0), 20, 10);
        assertThat(counted.level(2)).isGreaterThan(all.level(2));
        assertThat(all.level(2)).isCloseTo(new ErlangA(40 * 210 / 3600.0, 2, 210, 60).serviceLevel(20), within(1e-12));
        int agents = all.agents(0.8).orElseThrow();
        assertThat(all.level(agents)).isGreaterThanOrEqualTo(0.8);
        assertThat(all.level(agents - 1)).isLessThan(0.8);
        Expectation patient = new Expectation(40, 210, Optional.empty(), 20, 5);
        assertThat(patient.level(4)).isCloseTo(new ErlangC(40 * 210 / 3600.0, 4, 210).serviceLevel(20), within(1e-12));
        assertThat(patient.level(2)).isZero();
    }

    /// Against the chain of births and deaths that the model is, solved by its balance.
    @ParameterizedTest
    @CsvSource({"10, 10, 180, 120", "10, 12, 180, 60", "3, 1, 60, 300", "50, 45, 200, 90", "0.5, 2, 100, 50"})
    void erlangAIsItsChain(double traffic, int agents, double talk, double patience) {
        int most = 3000;
        double[] state = new double[most];
        state[0] = 1;
        double all = 1;
        for (int n = 1; n < most; n++) {
            double out = Math.min(n, agents) / talk + Math.max(0, n - agents) / patience;
            state[n] = state[n - 1] * (traffic / talk) / out;
            all += state[n];
            if (all > 1e200) {
                for (int m = 0; m <= n; m++) {
                    state[m] *= 1e-200;
                }
                all *= 1e-200;
            }
        }
        double waiting = 0;
        double lost = 0;
        for (int n = agents; n < most; n++) {
            waiting += state[n] / all;
            lost += (n - agents) / patience * state[n] / all;
        }
        ErlangA a = new ErlangA(traffic, agents, talk, patience);
        assertThat(a.waiting()).isCloseTo(waiting, within(1e-9));
        assertThat(a.abandoned()).isCloseTo(lost / (traffic / talk), within(1e-9));
        assertThat(a.serviceLevel(0)).isCloseTo(1 - waiting, within(1e-9));
        assertThat(a.serviceLevel(1e7)).isCloseTo(1 - a.abandoned(), within(1e-6));
        assertThat(a.serviceLevel(20)).isBetween(a.serviceLevel(10), a.serviceLevel(30));
    }

    @Test
    void patienceWithoutEndIsErlangC() {
        ErlangC c = new ErlangC(8, 10, 180);
        ErlangA a = new ErlangA(8, 10, 180, 1e9);
        assertThat(a.waiting()).isCloseTo(c.waiting(), within(1e-5));
        assertThat(a.serviceLevel(20)).isCloseTo(c.serviceLevel(20), within(1e-4));
    }

    @Test
    void theFewestThatReachATargetAreFound() {
        int c = ErlangC.agents(10, 180, 0.8, 20);
        assertThat(new ErlangC(10, c, 180).serviceLevel(20)).isGreaterThanOrEqualTo(0.8);
        assertThat(new ErlangC(10, c - 1, 180).serviceLevel(20)).isLessThan(0.8);
        int a = ErlangA.agents(10, 180, 120, 0.8, 20);
        assertThat(new ErlangA(10, a, 180, 120).serviceLevel(20)).isGreaterThanOrEqualTo(0.8);
        assertThat(new ErlangA(10, a - 1, 180, 120).serviceLevel(20)).isLessThan(0.8);
        assertThat(a).isLessThanOrEqualTo(c);
    }

    @Test
    void whatIsOutOfRangeIsRefused() {
        assertThatThrownBy(() -> ErlangB.blocking(-1, 2)).hasMessageContaining("are allowed");
        assertThatThrownBy(() -> ErlangB.channels(5, 0)).hasMessageContaining("more than 0");
        assertThatThrownBy(() -> new ErlangA(5, 0, 1, 1)).hasMessageContaining("1 agent or more");
        assertThatThrownBy(() -> ErlangC.agents(5, 180, 1, 20)).hasMessageContaining("less than 1");
    }

    @Test
    void manyCallsForFewPeopleWantAQueue() {
        assertThat(Advice.of(40, 180, 2).queue()).isTrue();
        assertThat(Advice.of(4, 180, 3).queue()).isFalse();
        assertThat(Advice.of(40, 180, 2).says()).contains("2.00 erlangs").endsWith("a queue fits");
    }
}
