package app.bittern.server.finding;

import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.plan.Asked;
import java.time.Duration;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// What is wrong or doubtful in a plan.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class FindingController {
    /// So long an answer waits for findings that are about to be known; it is asked for again otherwise.
    private static final Duration MOST = Duration.ofSeconds(20);

    private final Findings findings;

    FindingController(Findings findings) {
        this.findings = findings;
    }

    /// The findings known by now, and how far the search for the others is.
    ///
    /// @param wait milliseconds to wait for those that are not known yet; 20,000 at most
    @GetMapping("/findings")
    FindingApi.FindingsView findings(Asked asked, @RequestParam(defaultValue = "0") int wait) {
        Duration patience = Duration.ofMillis(Math.clamp(wait, 0, MOST.toMillis()));
        Findings.State state = findings.of(asked, patience);
        return new FindingApi.FindingsView(
                state.version(),
                state.current(),
                state.done(),
                state.of(),
                state.findings().stream()
                        .map(finding -> FindingViews.of(state.plan(), finding))
                        .toList());
    }
}
