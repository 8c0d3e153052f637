package app.bittern.server.event;

import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import app.bittern.server.account.Callers;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.account.Right;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import app.bittern.server.plan.Plans;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/// Where browsers listen: one stream for a browser, whatever windows it has open, as it has six connections to a server
/// and a window more must not wait.
@RestController
@Needs(Need.SIGNED_IN)
class EventController {
    /// More sites are nobody's windows.
    private static final int MOST = 50;

    private final Events events;
    private final Callers callers;
    private final Plans plans;

    EventController(Events events, Callers callers, Plans plans) {
        this.events = events;
        this.callers = callers;
        this.plans = plans;
    }

    /// What happens to sites from now on; those that one may not look at are passed over where others remain.
    @GetMapping(path = "/api/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(
            @RequestParam List<String> site,
            Change.Author author,
            HttpServletRequest request,
            HttpServletResponse response) {
        if (site.size() > MOST) {
            throw Refusal.unusable("site: found " + site.size() + "; allowed is " + MOST + " at most.");
        }
        // A proxy in between is not to keep events until there are many.
        response.setHeader("X-Accel-Buffering", "no");
        Function<String, Optional<List<Right>>> may = callers.later(request);
        Map<String, Long> versions = site.stream()
                .distinct()
                .filter(one -> may.apply(one).filter(List::isEmpty).isEmpty())
                .flatMap(one -> plans.find(one, "draft").stream())
                .collect(Collectors.toMap(Asked::site, Asked::version));
        if (versions.isEmpty()) {
            throw Refusal.missing(
                    "There is no site '" + Problem.shown(String.join(", ", site)) + "' that you may look at.");
        }
        return events.open(versions, author, may);
    }
}
