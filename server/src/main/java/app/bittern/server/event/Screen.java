package app.bittern.server.event;

import app.bittern.server.account.Right;
import app.bittern.server.plan.Change;
import java.io.IOException;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.BiConsumer;
import java.util.function.Function;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/// The open windows of one browser: what they are to be told waits in a queue of its own, so that a slow one
/// holds up nobody.
final class Screen {
    /// One that is so far behind is let go; the browser connects again and asks for everything anew.
    private static final int LONGEST = 512;

    private final Change.Author author;
    /// What may be done at each of its sites, as was known last.
    private final Map<String, Optional<List<Right>>> sites = new ConcurrentHashMap<>();

    private final Function<String, Optional<List<Right>>> may;
    private final BiConsumer<Screen, String> gone;
    private final SseEmitter emitter = new SseEmitter(0L);
    /// What it is still to be told; nothing ends it.
    private final BlockingQueue<Optional<SseEmitter.SseEventBuilder>> waiting = new LinkedBlockingQueue<>(LONGEST);

    /// @param may  what who looks at it may do at a site, nothing where they may not look; absent where that is not
    ///             known now
    /// @param gone told once for each site that it is about no more
    Screen(
            Change.Author author,
            Set<String> sites,
            Function<String, Optional<List<Right>>> may,
            BiConsumer<Screen, String> gone) {
        this.author = author;
        sites.forEach(site -> this.sites.put(site, may.apply(site)));
        this.may = may;
        this.gone = gone;
        emitter.onError(failure -> end());
        emitter.onCompletion(() -> end());
        Thread.ofVirtual().name("screen").start(() -> {
            tell();
            this.sites.keySet().forEach(this::leave);
        });
    }

    Change.Author author() {
        return author;
    }

    SseEmitter emitter() {
        return emitter;
    }

    void send(String name, Object what) {
        offer(SseEmitter.event().name(name).data(what));
    }

    /// A comment, which browsers pass over; it finds out those that have gone.
    void beat() {
        askAgain();
        offer(SseEmitter.event().comment("beat"));
    }

    /// Whoever may not look at a site any more hears nothing of it, and is let go where there is no other; whoever
    /// may do something else there than before is told so.
    void askAgain() {
        List.copyOf(sites.keySet())
                .forEach(site -> may.apply(site).ifPresent(now -> {
                    if (now.isEmpty()) {
                        leave(site);
                    } else if (!Optional.of(now).equals(sites.replace(site, Optional.of(now)))) {
                        send("sites", new EventApi.Sites(site));
                    }
                }));
        if (sites.isEmpty()) {
            end();
        }
    }

    private void leave(String site) {
        if (sites.remove(site) != null) {
            gone.accept(this, site);
        }
    }

    void end() {
        waiting.clear();
        waiting.add(Optional.empty());
    }

    private void offer(SseEmitter.SseEventBuilder event) {
        if (!waiting.offer(Optional.of(event))) {
            end();
        }
    }

    private void tell() {
        try {
            for (Optional<SseEmitter.SseEventBuilder> next = waiting.take(); next.isPresent(); next = waiting.take()) {
                emitter.send(next.get());
            }
            emitter.complete();
        } catch (IOException | IllegalStateException gone) {
            // The browser has closed the page: there is nobody to tell.
            emitter.completeWithError(gone);
        } catch (InterruptedException interrupted) {
            Thread.currentThread().interrupt();
        }
    }
}
