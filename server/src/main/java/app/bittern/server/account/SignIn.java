package app.bittern.server.account;

import app.bittern.server.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/// Signing in and out: `/api/session`.
@RestController
@RequestMapping("/api/session")
class SignIn {
    public record Credentials(
            @Nullable String name, @Nullable String password) {}

    private final AuthenticationManager manager;
    private final SecurityContextRepository contexts;
    private final Patience patience;

    SignIn(AuthenticationManager manager, SecurityContextRepository contexts, Patience patience) {
        this.manager = manager;
        this.contexts = contexts;
        this.patience = patience;
    }

    @GetMapping
    Session session(@Nullable Authentication signedIn) {
        return new Session(Optional.ofNullable(signedIn)
                .map(Authentication::getName)
                .filter(name -> !name.equals("anonymousUser")));
    }

    @PostMapping
    Session signIn(@RequestBody Credentials given, HttpServletRequest request, HttpServletResponse response) {
        String name = Optional.ofNullable(given.name()).orElse("").strip();
        Duration wait = patience.wait(name);
        if (!wait.isZero()) {
            response.setHeader("Retry-After", String.valueOf(wait.toSeconds() + 1));
            throw new Refusal(
                    HttpStatus.TOO_MANY_REQUESTS,
                    List.of("Too many wrong passwords for this name: try again in " + (wait.toSeconds() + 1) + " s."));
        }
        Authentication authentication =
                authenticated(name, Optional.ofNullable(given.password()).orElse(""));
        patience.succeeded(name);
        new ChangeSessionIdAuthenticationStrategy().onAuthentication(authentication, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication);
        contexts.saveContext(context, request, response);
        CsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.saveToken(tokens.generateToken(request), request, response);
        return new Session(Optional.of(authentication.getName()));
    }

    private Authentication authenticated(String name, String password) {
        try {
            return manager.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password));
        } catch (AuthenticationException wrong) {
            patience.failed(name);
            throw new Refusal(
                    HttpStatus.UNAUTHORIZED,
                    List.of("Name and password do not belong together. Check both and try again."));
        }
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
    }
}
