package app.bittern.server.account;

import app.bittern.server.Refusal;
import io.github.bucket4j.BucketExceptions;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.authentication.session.ChangeSessionIdAuthenticationStrategy;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.transaction.TransactionException;
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
    private static final Logger LOG = LoggerFactory.getLogger(SignIn.class);

    /// Of a digest in hexadecimal, enough to tell names apart.
    private static final int DIGITS = 32;

    public record Credentials(
            @Nullable String name, @Nullable String password) {}

    private final AuthenticationManager manager;
    private final SecurityContextRepository contexts;
    private final Attempts attempts;
    private final KnownBrowsers browsers;

    SignIn(
            AuthenticationManager manager,
            SecurityContextRepository contexts,
            Attempts attempts,
            KnownBrowsers browsers) {
        this.manager = manager;
        this.contexts = contexts;
        this.attempts = attempts;
        this.browsers = browsers;
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
        String password = Optional.ofNullable(given.password()).orElse("");
        Authentication authentication = where(() -> attempt(name, password, request, response));
        new ChangeSessionIdAuthenticationStrategy().onAuthentication(authentication, request, response);
        SecurityContext context = SecurityContextHolder.createEmptyContext();
        context.setAuthentication(authentication);
        contexts.saveContext(context, request, response);
        CsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.saveToken(tokens.generateToken(request), request, response);
        return new Session(Optional.of(authentication.getName()));
    }

    private Authentication attempt(
            String name, String password, HttpServletRequest request, HttpServletResponse response) {
        List<Attempts.Needed> needed = needed(name, request);
        Duration wait = attempts.taken(needed);
        if (!wait.isZero()) {
            response.setHeader("Retry-After", String.valueOf(wait.toSeconds() + 1));
            throw new Refusal(
                    HttpStatus.TOO_MANY_REQUESTS,
                    List.of("Too many wrong passwords: try again in " + (wait.toSeconds() + 1) + " s."));
        }
        Authentication right = checked(name, password, needed)
                .orElseThrow(() -> new Refusal(
                        HttpStatus.UNAUTHORIZED,
                        List.of("Name and password do not belong together. Check both and try again.")));
        attempts.givenBack(needed);
        browsers.remember(request, response, right.getName());
        return right;
    }

    /// Strangers are held by the name and by where they come from; a browser that is known by itself.
    private List<Attempts.Needed> needed(String name, HttpServletRequest request) {
        return browsers.of(request, name)
                .map(browser -> List.of(new Attempts.Needed(Attempts.Bucket.BROWSER, shortened(browser))))
                .orElseGet(() -> List.of(
                        new Attempts.Needed(Attempts.Bucket.ADDRESS, Addresses.network(request.getRemoteAddr())),
                        new Attempts.Needed(Attempts.Bucket.NAME, shortened(KnownBrowsers.digest(name)))));
    }

    private static String shortened(String digest) {
        return digest.substring(0, DIGITS);
    }

    /// None where the password is wrong; where it could not be looked at, nothing is counted.
    private Optional<Authentication> checked(String name, String password, List<Attempts.Needed> taken) {
        try {
            return Optional.of(
                    manager.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password)));
        } catch (InternalAuthenticationServiceException | Refusal unseen) {
            attempts.givenBack(taken);
            throw unseen;
        } catch (AuthenticationException wrong) {
            return Optional.empty();
        }
    }

    /// A database that is away makes no password wrong.
    private static Authentication where(Supplier<Authentication> attempt) {
        try {
            return attempt.get();
        } catch (InternalAuthenticationServiceException
                | DataAccessException
                | TransactionException
                | BucketExceptions.BucketExecutionException away) {
            LOG.warn("nobody can sign in: {}", away.toString());
            throw new Refusal(
                    HttpStatus.SERVICE_UNAVAILABLE,
                    List.of(
                            "The database cannot be reached, so nobody can sign in just now: try again in some seconds."));
        }
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request) {
        Optional.ofNullable(request.getSession(false)).ifPresent(HttpSession::invalidate);
    }
}
