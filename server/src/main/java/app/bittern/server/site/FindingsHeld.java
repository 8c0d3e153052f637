package app.bittern.server.site;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import app.bittern.plan.Plan;
import java.time.Clock;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Component;

/// The findings of each draft, examined once a version and week.
@Component
class FindingsHeld {
    private record Examined(Plan plan, long version, LocalDate from, List<Finding> findings) {}

    private final Clock clock;
    private final Map<String, Examined> held = new ConcurrentHashMap<>();

    FindingsHeld(Clock clock) {
        this.clock = clock;
    }

    List<Finding> of(Draft draft) {
        LocalDate monday = monday(draft.plan());
        Examined known = held.get(draft.site());
        if (known != null && known.version() == draft.version() && known.from().equals(monday)) {
            return known.findings();
        }
        List<Finding> findings = Catalogue.examine(draft.plan(), monday);
        held.put(draft.site(), new Examined(draft.plan(), draft.version(), monday, findings));
        return findings;
    }

    /// The findings of a plan that may be no draft: one in the middle of several changes.
    List<Finding> of(Plan plan) {
        return held.values().stream()
                .filter(known -> known.plan().equals(plan) && known.from().equals(monday(plan)))
                .findFirst()
                .map(Examined::findings)
                .orElseGet(() -> Catalogue.examine(plan, monday(plan)));
    }

    private LocalDate monday(Plan plan) {
        return LocalDate.ofInstant(clock.instant(), plan.site().timeZone())
                .with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
    }
}
