package app.bittern.server.work;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/// How many requests are being answered; a stream of events, which has been begun, is none.
@Component
class Requests extends OncePerRequestFilter {
    private final AtomicInteger answered = new AtomicInteger();

    boolean anyWaits() {
        return answered.get() > 0;
    }

    /// Waits for what the background computes: whoever does is not to keep it from computing.
    <T> T meanwhile(Supplier<T> waiting) {
        answered.decrementAndGet();
        try {
            return waiting.get();
        } finally {
            answered.incrementAndGet();
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        answered.incrementAndGet();
        try {
            chain.doFilter(request, response);
        } finally {
            answered.decrementAndGet();
        }
    }
}
