package app.bittern.server.account;

import app.bittern.server.Digest;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;

/// The token that requests which change something carry. It is made of the session's secret, so that one of another
/// session, or one that somebody has set as a cookie, is worth nothing; before the sign-in it is what the cookie says.
@Component
public class BoundTokens implements CsrfTokenRepository {
    private static final String HEADER = "X-XSRF-TOKEN";
    private static final String PARAMETER = "_csrf";
    private static final Duration WHILE_OPEN = Duration.ofSeconds(-1);

    private static CsrfToken token(String value) {
        return new DefaultCsrfToken(HEADER, PARAMETER, value);
    }

    private static CsrfToken of(String session) {
        return token(Digest.of("token of " + session));
    }

    @Override
    public CsrfToken generateToken(HttpServletRequest request) {
        return Cookies.SESSION.of(request).map(BoundTokens::of).orElseGet(() -> token(Secrets.fresh()));
    }

    @Override
    public void saveToken(@Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
        if (token == null) {
            Cookies.TOKEN.clear(request, response);
        } else {
            Cookies.TOKEN.set(request, response, token.getToken(), WHILE_OPEN);
        }
    }

    /// Gives the browser the token that it should have, where it has lost it.
    void renew(HttpServletRequest request, HttpServletResponse response) {
        Optional.ofNullable(loadToken(request))
                .filter(due -> !Cookies.TOKEN.of(request).equals(Optional.of(due.getToken())))
                .ifPresent(due -> saveToken(due, request, response));
    }

    /// Gives the browser the token of a session that has just begun.
    void begun(String session, HttpServletRequest request, HttpServletResponse response) {
        saveToken(of(session), request, response);
    }

    @Override
    public @Nullable CsrfToken loadToken(HttpServletRequest request) {
        Optional<CsrfToken> bound = Cookies.SESSION.of(request).map(BoundTokens::of);
        return bound.or(() -> Cookies.TOKEN.of(request).map(BoundTokens::token)).orElse(null);
    }
}
