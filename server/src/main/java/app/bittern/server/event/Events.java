package app.bittern.server.event;

import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import jakarta.annotation.PreDestroy;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/// The open screens of this server, and what they are told.
@Component
public class Events {
    /// A proxy in between may close what is silent for half a minute.
    private static final int BEAT_SECONDS = 15;

    /// So often at most a computation says how far it is.
    private static final long PROGRESS_MILLIS = 200;

    private final Map<String, List<Screen>> screens = new ConcurrentHashMap<>();
    private final Map<String, Long> progressAt = new ConcurrentHashMap<>();
    private final ScheduledExecutorService beat = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().name("events-beat").daemon().factory());

    Events() {
        var _ = beat.scheduleAtFixedRate(
                () -> screens.values().forEach(all -> all.forEach(Screen::beat)),
                BEAT_SECONDS,
                BEAT_SECONDS,
                TimeUnit.SECONDS);
    }

    /// Open connections would hold a server back that is to end.
    @EventListener(ContextClosedEvent.class)
    void ending() {
        screens.values().forEach(all -> all.forEach(Screen::end));
    }

    @PreDestroy
    void close() {
        beat.shutdownNow();
    }

    SseEmitter open(String site, Change.Author author, long version) {
        List<Screen> all = screens.computeIfAbsent(site, one -> new CopyOnWriteArrayList<>());
        Screen screen = new Screen(author, closed -> {
            all.remove(closed);
            people(site);
        });
        all.add(screen);
        screen.send("hello", new EventApi.Hello(version, author.session()));
        people(site);
        return screen.emitter();
    }

    /// The sites of which somebody on this server has a screen open.
    List<String> watched() {
        return screens.entrySet().stream()
                .filter(entry -> !entry.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    private void people(String site) {
        send(
                site,
                new EventApi.People(screens.getOrDefault(site, List.of()).stream()
                        .map(screen -> screen.author().account())
                        .distinct()
                        .sorted()
                        .toList()));
    }

    void edited(String site, EventApi.Edited edited) {
        send(site, edited);
    }

    void told(String site, long version) {
        send(site, new EventApi.Told(version));
    }

    void sites(String site) {
        screens.keySet().forEach(open -> send(open, new EventApi.Sites(site)));
    }

    /// How far the search for findings of a plan is; told a few times a second, and when it is done.
    public void examining(Asked asked, int done, int of) {
        String site = asked.site();
        long now = System.nanoTime() / 1_000_000;
        Long before = progressAt.get(site);
        if (done == of || before == null || now - before >= PROGRESS_MILLIS) {
            progressAt.put(site, now);
            send(site, new EventApi.Examining(asked.release().isEmpty(), asked.version(), done, of));
        }
    }

    private void send(String site, Record what) {
        String name = what.getClass().getSimpleName().toLowerCase(Locale.ROOT);
        screens.getOrDefault(site, List.of()).forEach(screen -> screen.send(name, what));
    }
}
