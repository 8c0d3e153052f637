package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.AuthenticationManager;
import org.springframework.security.authentication.InternalAuthenticationServiceException;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.AuthenticationException;
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
@Needs(Need.NOTHING)
class SignIn {
    private static final int NAME = 60;

    /// @param code of the second factor, where the account has one
    public record Credentials(
            @Nullable String name,
            @Nullable String password,
            @Nullable String code) {}

    private final AuthenticationManager manager;
    private final SecondFactor factor;
    private final Sessions sessions;
    private final Accounts accounts;
    private final Attempts attempts;
    private final KnownBrowsers browsers;
    private final SecurityLog log;
    private final BoundTokens tokens;

    SignIn(
            AuthenticationManager manager,
            SecondFactor factor,
            Sessions sessions,
            Accounts accounts,
            Attempts attempts,
            KnownBrowsers browsers,
            SecurityLog log,
            BoundTokens tokens) {
        this.tokens = tokens;
        this.manager = manager;
        this.factor = factor;
        this.sessions = sessions;
        this.accounts = accounts;
        this.attempts = attempts;
        this.browsers = browsers;
        this.log = log;
    }

    @GetMapping
    Session session(HttpServletRequest request, HttpServletResponse response) {
        tokens.renew(request, response);
        return Asking.who(request).map(Session::of).orElse(Session.NOBODY);
    }

    @PostMapping
    Session signIn(@RequestBody Credentials given, HttpServletRequest request, HttpServletResponse response) {
        String name = Optional.ofNullable(given.name()).orElse("").strip();
        String account = attempt(name, given, request, response);
        sessions.begin(account, request, response);
        browsers.remember(request, response, account);
        log.note(SecurityLog.Kind.SIGN_IN, account, Optional.empty(), "signed in");
        return accounts.who(account, "").map(Session::of).orElse(Session.NOBODY);
    }

    private String attempt(String name, Credentials given, HttpServletRequest request, HttpServletResponse response) {
        List<Attempts.Needed> needed = needed(name, request);
        String shown = Problem.shown(name, NAME);
        Duration wait = attempts.taken(needed);
        if (!wait.isZero()) {
            log.noteHeld(shown);
            response.setHeader("Retry-After", String.valueOf(Attempts.seconds(wait)));
            throw Attempts.tooMany(wait);
        }
        Optional<String> right =
                checked(name, Optional.ofNullable(given.password()).orElse(""), needed);
        String account = right.orElseThrow(() ->
                failed(shown, "wrong password", "Name and password do not belong together. Check both and try again."));
        if (factor.isOn(account)) {
            code(account, Optional.ofNullable(given.code()).orElse(""), needed);
        }
        attempts.givenBack(needed);
        return account;
    }

    private Refusal failed(String shown, String why, String says) {
        log.noteAnyway(SecurityLog.Kind.FAILURE, shown, Optional.empty(), why);
        return new Refusal(HttpStatus.UNAUTHORIZED, List.of(says));
    }

    /// That a code is asked for is told to who knows the password alone; a wrong one costs a token like a wrong
    /// password.
    private void code(String account, String code, List<Attempts.Needed> taken) {
        if (code.isBlank()) {
            attempts.givenBack(taken);
            throw Refusal.needing("code", "Type the code that your phone shows, or one of your codes on paper.");
        }
        if (!factor.takes(account, code)) {
            throw failed(account, "wrong code", "The code is not right, or was used already.");
        }
    }

    /// Strangers are held by the name and by where they come from; a browser that is known by itself.
    private List<Attempts.Needed> needed(String name, HttpServletRequest request) {
        return browsers.of(request, name)
                .map(browser -> List.of(Attempts.Needed.ofBrowser(browser)))
                .orElseGet(() -> List.of(
                        new Attempts.Needed(Attempts.Bucket.ADDRESS, Addresses.network(request.getRemoteAddr())),
                        Attempts.Needed.ofName(name)));
    }

    /// None where the password is wrong; where it could not be looked at, nothing is counted.
    private Optional<String> checked(String name, String password, List<Attempts.Needed> taken) {
        try {
            return Optional.of(manager.authenticate(UsernamePasswordAuthenticationToken.unauthenticated(name, password))
                    .getName());
        } catch (InternalAuthenticationServiceException | Refusal unseen) {
            // A database that is away makes no password wrong.
            attempts.givenBack(taken);
            throw unseen;
        } catch (AuthenticationException wrong) {
            return Optional.empty();
        }
    }

    @DeleteMapping
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(HttpServletRequest request, HttpServletResponse response) {
        Asking.who(request)
                .ifPresent(who -> log.note(SecurityLog.Kind.SIGN_OUT, who.name(), Optional.empty(), "signed out"));
        sessions.end(request, response);
    }
}
