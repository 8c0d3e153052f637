package app.bittern.server.event;

import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/// Where open screens listen.
@RestController
class EventController {
    private final Events events;

    EventController(Events events) {
        this.events = events;
    }

    /// What happens to a site from now on.
    @GetMapping(path = "/api/sites/{site}/{plan}/events", produces = MediaType.TEXT_EVENT_STREAM_VALUE)
    SseEmitter events(Asked asked, Change.Author author, HttpServletResponse response) {
        // A proxy in between is not to keep events until there are many.
        response.setHeader("X-Accel-Buffering", "no");
        return events.open(asked.site(), author, asked.version());
    }
}
