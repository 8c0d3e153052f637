package app.bittern.server.account;

import app.bittern.server.Digest;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Browsers in which somebody has signed in before. Wrong passwords of strangers do not keep them out: each has tokens
/// of its own. Of the secret that it shows only the digest is kept; as that is long and random, a quick one is enough.
@Component
class KnownBrowsers {
    private static final Duration KEPT = Duration.ofDays(180);

    private final KnownBrowserRows rows;
    private final Clock clock;

    KnownBrowsers(KnownBrowserRows rows, Clock clock) {
        this.rows = rows;
        this.clock = clock;
    }

    /// The digest of the secret that the browser shows, where this account has signed in with it.
    @Transactional(readOnly = true)
    public Optional<String> of(HttpServletRequest request, String account) {
        return shown(request)
                .filter(digest -> rows.findById(digest)
                        .filter(row -> row.isOf(account)
                                && row.seenAt().isAfter(clock.instant().minus(KEPT)))
                        .isPresent());
    }

    private static Optional<String> shown(HttpServletRequest request) {
        return Cookies.BROWSER.of(request).map(Digest::of);
    }

    /// Remembers the browser; each sign-in gives it a new secret.
    @Transactional
    public void remember(HttpServletRequest request, HttpServletResponse response, String account) {
        shown(request).ifPresent(rows::forget);
        rows.forgetBefore(clock.instant().minus(KEPT));
        String secret = Secrets.fresh();
        rows.save(new KnownBrowserRow(Digest.of(secret), account, clock.instant()));
        Cookies.BROWSER.set(request, response, secret, KEPT);
    }
}
