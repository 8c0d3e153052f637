package app.bittern.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Clock;
import java.time.Duration;
import java.util.Arrays;
import java.util.Base64;
import java.util.HexFormat;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/// Browsers in which somebody has signed in before. Wrong passwords of strangers do not keep them out: each has tokens
/// of its own.
@Component
class KnownBrowsers {
    static final String COOKIE = "bittern-browser";
    private static final Duration KEPT = Duration.ofDays(180);
    private static final int BYTES = 24;

    private final KnownBrowserRows rows;
    private final Clock clock;
    private final SecureRandom random = new SecureRandom();

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
        return Optional.ofNullable(request.getCookies())
                .map(Arrays::stream)
                .orElseGet(Stream::empty)
                .filter(cookie -> cookie.getName().equals(COOKIE))
                .map(Cookie::getValue)
                .findFirst()
                .map(KnownBrowsers::digest);
    }

    /// Remembers the browser; each sign-in gives it a new secret.
    @Transactional
    public void remember(HttpServletRequest request, HttpServletResponse response, String account) {
        shown(request).flatMap(rows::findById).ifPresent(rows::delete);
        rows.deleteBySeenAtBefore(clock.instant().minus(KEPT));
        byte[] bytes = new byte[BYTES];
        random.nextBytes(bytes);
        String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
        rows.save(new KnownBrowserRow(digest(secret), account, clock.instant()));
        ResponseCookie cookie = ResponseCookie.from(COOKIE, secret)
                .httpOnly(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(KEPT)
                .secure(request.isSecure())
                .build();
        response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }

    /// SHA-256 in hexadecimal: secrets are long and random, so a quick digest is enough.
    static String digest(String text) {
        try {
            return HexFormat.of()
                    .formatHex(MessageDigest.getInstance("SHA-256").digest(text.getBytes(StandardCharsets.UTF_8)));
        } catch (NoSuchAlgorithmException none) {
            throw new IllegalStateException(none);
        }
    }
}
