package app.bittern.server.account;

import app.bittern.server.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;

/// Who asks, of a request.
public final class Asking {
    private Asking() {}

    public static Optional<Who> who(HttpServletRequest request) {
        return request.getUserPrincipal() instanceof Authentication asking && asking.getPrincipal() instanceof Who who
                ? Optional.of(who)
                : Optional.empty();
    }

    public static Refusal nobody() {
        return new Refusal(HttpStatus.UNAUTHORIZED, List.of("Sign in first."));
    }
}
