package app.bittern.server.event;

import app.bittern.server.account.Right;
import app.bittern.server.plan.Asked;
import app.bittern.server.plan.Change;
import app.bittern.server.plan.Notices;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.annotation.PreDestroy;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Function;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.event.ContextClosedEvent;
import org.springframework.context.event.EventListener;
import org.springframework.dao.DataAccessException;
import org.springframework.stereotype.Component;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;
import tools.jackson.databind.json.JsonMapper;

/// The open screens of this server, and what they are told.
@Component
public class Events {
    /// A proxy in between may close what is silent for half a minute.
    private static final int BEAT_SECONDS = 15;

    /// So often at most a computation says how far it is.
    private static final long PROGRESS_MILLIS = 200;

    /// A server that has not said for so long who is there is gone.
    private static final Duration PATIENCE = Duration.ofSeconds(3L * BEAT_SECONDS);

    private static final Logger LOG = LoggerFactory.getLogger(Events.class);

    /// What this server is called by the others.
    private final String server = UUID.randomUUID().toString();
    private final People elsewhere = new People(PATIENCE);
    private final Notices notices;
    private final JsonMapper mapper;
    private final Map<String, List<Screen>> screens = new ConcurrentHashMap<>();
    private final Map<String, Long> progressAt = new ConcurrentHashMap<>();
    private final ScheduledExecutorService beat = Executors.newSingleThreadScheduledExecutor(
            Thread.ofPlatform().name("events-beat").daemon().factory());

    /// Who has a site open on a server, as servers tell each other.
    record Here(String server, List<String> accounts) {}

    Events(Notices notices, JsonMapper mapper, MeterRegistry meters) {
        Gauge.builder(
                        "bittern.screens",
                        screens,
                        all -> all.values().stream().mapToInt(List::size).sum())
                .description("screens that are open on this server")
                .register(meters);
        this.notices = notices;
        this.mapper = mapper;
        var _ = beat.scheduleAtFixedRate(this::beat, BEAT_SECONDS, BEAT_SECONDS, TimeUnit.SECONDS);
    }

    /// It outlives whatever it meets: what fails now is tried with the next beat.
    private void beat() {
        each(Screen::beat);
        outliving(() -> {
            watched().forEach(this::announce);
            elsewhere.forgetSilent(System.nanoTime()).forEach(this::tellPeople);
        });
    }

    /// Asks of every stream whether it may go on; at once, as accounts lose rights and sessions end.
    void askAgain() {
        if (!beat.isShutdown()) {
            beat.execute(() -> each(Screen::askAgain));
        }
    }

    private void each(Consumer<Screen> what) {
        screens.values().stream()
                .flatMap(List::stream)
                .distinct()
                .toList()
                .forEach(screen -> outliving(() -> what.accept(screen)));
    }

    private static void outliving(Runnable what) {
        try {
            what.run();
        } catch (RuntimeException met) {
            LOG.warn("bittern: a beat of the screens met {}", met.toString());
        }
    }

    /// Open connections would hold a server back that is to end.
    @EventListener(ContextClosedEvent.class)
    void ending() {
        each(Screen::end);
    }

    @PreDestroy
    void close() {
        beat.shutdownNow();
    }

    /// @param versions of the drafts of the sites that are listened to
    /// @param may      what who has opened it may do at a site; asked with each beat, and as rights change
    SseEmitter open(Map<String, Long> versions, Change.Author author, Function<String, Optional<List<Right>>> may) {
        Screen screen = new Screen(author, versions.keySet(), may, this::gone);
        versions.forEach((site, version) -> {
            screens.computeIfAbsent(site, one -> new CopyOnWriteArrayList<>()).add(screen);
            screen.send("hello", new EventApi.Hello(site, version, author.session()));
            people(site);
        });
        return screen.emitter();
    }

    private void gone(Screen screen, String site) {
        screens.getOrDefault(site, List.of()).remove(screen);
        people(site);
    }

    /// The sites of which somebody on this server has a screen open.
    List<String> watched() {
        return screens.entrySet().stream()
                .filter(entry -> !entry.getValue().isEmpty())
                .map(Map.Entry::getKey)
                .toList();
    }

    /// Somebody has come or gone here: the screens of this server are told, and then the other servers.
    private void people(String site) {
        tellPeople(site);
        if (!beat.isShutdown()) {
            beat.execute(() -> announce(site));
        }
    }

    private void tellPeople(String site) {
        send(site, new EventApi.People(site, elsewhere.with(site, here(site))));
    }

    private List<String> here(String site) {
        return screens.getOrDefault(site, List.of()).stream()
                .map(screen -> screen.author().account())
                .distinct()
                .sorted()
                .toList();
    }

    private void announce(String site) {
        try {
            notices.people(site, mapper.writeValueAsString(new Here(server, here(site))));
        } catch (DataAccessException lost) {
            // Said again with the next beat.
            LOG.debug("bittern: other servers were not told who has {} open", site, lost);
        }
    }

    /// Who has a site open on a server, which may be this one.
    void people(String site, String told) {
        Here said = mapper.readValue(told, Here.class);
        if (said.server().equals(server)) {
            return;
        }
        People.Heard heard = elsewhere.said(site, said.server(), said.accounts(), System.nanoTime());
        if (heard.fresh() && !here(site).isEmpty()) {
            // One that has just come does not know yet who is here.
            announce(site);
        }
        if (heard.changed()) {
            tellPeople(site);
        }
    }

    void edited(String site, EventApi.Edited edited) {
        send(site, edited);
    }

    void told(String site, long version) {
        send(site, new EventApi.Told(site, version));
    }

    void sites(String site) {
        each(screen -> screen.send("sites", new EventApi.Sites(site)));
    }

    /// How far the search for findings of a plan is; told a few times a second, and when it is done.
    public void examining(Asked asked, int done, int of) {
        String site = asked.site();
        long now = System.nanoTime() / 1_000_000;
        Long before = progressAt.get(site);
        if (done == of || before == null || now - before >= PROGRESS_MILLIS) {
            progressAt.put(site, now);
            send(site, new EventApi.Examining(site, asked.release().isEmpty(), asked.version(), done, of));
        }
    }

    private void send(String site, Record what) {
        String name = what.getClass().getSimpleName().toLowerCase(Locale.ROOT);
        screens.getOrDefault(site, List.of()).forEach(screen -> screen.send(name, what));
    }
}
