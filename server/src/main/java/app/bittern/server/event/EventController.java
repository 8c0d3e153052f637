package app.bittern.server.event;

import app.bittern.server.account.Callers;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/// Where open screens listen.
@RestController
@Needs(Need.LOOK)
class EventController {
    private final Events events;
    private final Callers callers;

    EventController(Events events, Callers callers) {
        this.events = events;
        this.callers = callers;
    }

    /// What happens to a site from now on.
    @GetMapping(path = "/api/sites/{site}/{plan}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(Asked asked, Change.Author author, HttpServletRequest request, HttpServletResponse response) {
        // A proxy in between is not to keep events until there are many.
        response.setHeader("X-Accel-Buffering", "no");
        return events.open(asked.site(), author, asked.version(), callers.later(request));
    }
}
