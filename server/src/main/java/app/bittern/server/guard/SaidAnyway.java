package app.bittern.server.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/// What fails before a controller is reached, as who asks is looked up while the database is away, is said as
/// what fails within one: a sentence with its status, and not a page of the container's and a trace in the log.
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 1)
class SaidAnyway extends OncePerRequestFilter {
    private final HandlerExceptionResolver refusals;

    SaidAnyway(@Qualifier("handlerExceptionResolver") HandlerExceptionResolver refusals) {
        this.refusals = refusals;
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            chain.doFilter(request, response);
        } catch (RuntimeException failed) {
            if (response.isCommitted() || refusals.resolveException(request, response, null, failed) == null) {
                throw failed;
            }
        }
    }
}
