package app.bittern.server.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Optional;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import tools.jackson.databind.ObjectMapper;

/// Ends a request that brings more than its endpoint takes, before that is in memory: by the length that it names, and
/// where it names none, or another, as soon as so much has been read.
///
/// Whoever has not signed in is held to it too, so it stands before everything else.
@Component
@Order(Ordered.HIGHEST_PRECEDENCE)
class BodyLimits extends OncePerRequestFilter {
    /// Where passwords and secrets are given, by anybody.
    private static final List<String> CREDENTIALS = List.of("/api/session", "/api/account", "/api/invitations");

    private final ObjectMapper mapper;

    private final Patience patience;

    BodyLimits(ObjectMapper mapper, Patience patience) {
        this.patience = patience;
        this.mapper = mapper;
    }

    /// What a request may bring, in bytes and in words.
    enum Limit {
        CREDENTIALS(4 << 10, "4 kB"),
        JSON(1 << 20, "1 MB"),
        FILE(40 << 20, "40 MB");

        private final int most;
        private final String words;

        Limit(int most, String words) {
            this.most = most;
            this.words = words;
        }

        int most() {
            return most;
        }

        String says() {
            return "The request brings more than " + words + ", which is the most that is taken here.";
        }

        /// By the path as the endpoints see it, with nothing left encoded. Files are text; what says nothing, or
        /// anything else, of itself is held to be JSON.
        static Limit of(HttpServletRequest request) {
            if (BodyLimits.CREDENTIALS.stream().anyMatch(request.getServletPath()::startsWith)) {
                return CREDENTIALS;
            }
            return isText(request.getContentType()) ? FILE : JSON;
        }

        private static boolean isText(String type) {
            try {
                return Optional.ofNullable(type)
                        .map(MediaType::parseMediaType)
                        .filter(MediaType.TEXT_PLAIN::isCompatibleWith)
                        .isPresent();
            } catch (InvalidMediaTypeException unreadable) {
                return false;
            }
        }
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Limit limit = Limit.of(request);
        if (request.getContentLengthLong() > limit.most()) {
            refuse(response, limit);
            return;
        }
        try {
            chain.doFilter(new LimitedRequest(request, limit, patience), response);
        } catch (TooMuch brought) {
            refuse(response, limit);
        }
    }

    private void refuse(HttpServletResponse response, Limit limit) throws IOException {
        ProblemDetail detail = ProblemDetail.forStatusAndDetail(HttpStatus.CONTENT_TOO_LARGE, limit.says());
        detail.setProperty("says", List.of(limit.says()));
        response.setStatus(HttpStatus.CONTENT_TOO_LARGE.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        // What is left of the body is not read: the connection ends.
        response.setHeader("Connection", "close");
        response.getOutputStream().write(mapper.writeValueAsString(detail).getBytes(StandardCharsets.UTF_8));
    }
}
