package app.bittern.browser;

import app.bittern.server.testing.RunningApplication;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.RegisterExtension;

/// Measures from a key press on the bench to the changed screen; run with `mvn test -pl browser -am
/// -Dgroups=measure -DexcludedGroups= -Dtest=MeasureTest -Dsurefire.failIfNoSpecifiedTests=false`.
@Tag("measure")
class MeasureTest {
    private static final int WARM_UP = 100;
    private static final int TIMES = 300;

    @RegisterExtension
    static final RunningApplication APPLICATION = RunningApplication.withDemo().findingDifferences();

    @RegisterExtension
    static final Chromium CHROMIUM = new Chromium();

    @Test
    void aChangedBench() {
        Technician technician = new Technician(CHROMIUM, APPLICATION).signIn().openOutline("3");
        // In the page itself: the key goes down, the trace changes, and the frame after that is on the screen.
        String script = """
                async (times) => {
                  const token = document.activeElement;
                  const strip = document.querySelector('section[aria-label="The call in seconds"]');
                  const taken = [];
                  for (let i = 0; i < times; i++) {
                    // A day to and fro, open to closed, so that rows, strip and reasons all change.
                    const before = strip.textContent;
                    const start = performance.now();
                    const key = i % 2 ? 'ArrowLeft' : 'ArrowRight';
                    token.dispatchEvent(new KeyboardEvent('keydown', { key, shiftKey: true, bubbles: true, cancelable: true }));
                    while (strip.textContent === before) {
                      if (performance.now() - start > 5000) throw new Error('nothing changed');
                      await new Promise((done) => requestAnimationFrame(done));
                    }
                    taken.push(performance.now() - start);
                    await new Promise((done) => setTimeout(done, 20));
                  }
                  return taken;
                }""";
        // Saturday to Sunday at 18:00: open, then closed.
        technician.open("/s/saltreach/draft/outline/%2B441632960100?at=2026-11-28T18:00&keys=3");
        com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat(technician.strip())
                .containsText("after");
        technician.page().locator("button[aria-label^=Instant]").focus();
        technician.page().evaluate(script, WARM_UP);
        List<?> taken = (List<?>) technician.page().evaluate(script, TIMES);
        double[] sorted = taken.stream()
                .mapToDouble(one -> ((Number) one).doubleValue())
                .sorted()
                .toArray();
        System.out.printf(
                "key press to screen, ms: median %.1f, 95th percentile %.1f, maximum %.1f (%d presses)%n",
                sorted[TIMES / 2],
                sorted[TIMES * 95 / 100],
                sorted[TIMES - 1],
                Arrays.stream(sorted).count());
    }
}
