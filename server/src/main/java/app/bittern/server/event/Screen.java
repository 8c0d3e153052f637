package app.bittern.server.event;

import app.bittern.server.plan.Change;
import java.io.IOException;
import java.util.Optional;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.BooleanSupplier;
import java.util.function.Consumer;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/// One open screen: what it is to be told waits in a queue of its own, so that a slow one holds up nobody.
final class Screen {
    /// One that is so far behind is let go; the browser connects again and asks for everything anew.
    private static final int LONGEST = 512;

    private final Change.Author author;
    private final BooleanSupplier stays;
    private final SseEmitter emitter = new SseEmitter(0L);
    /// What it is still to be told; nothing ends it.
    private final BlockingQueue<Optional<SseEmitter.SseEventBuilder>> waiting = new LinkedBlockingQueue<>(LONGEST);

    /// @param stays  whether who looks at it still may
    /// @param closed told once when it is no longer there
    Screen(Change.Author author, BooleanSupplier stays, Consumer<Screen> closed) {
        this.author = author;
        this.stays = stays;
        emitter.onError(failure -> end());
        emitter.onCompletion(() -> end());
        Thread.ofVirtual().name("screen").start(() -> {
            tell();
            closed.accept(this);
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

    /// A comment, which browsers pass over; it finds out those that have gone. Whoever may not look any more is let go.
    void beat() {
        if (!stays.getAsBoolean()) {
            end();
            return;
        }
        offer(SseEmitter.event().comment("beat"));
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
