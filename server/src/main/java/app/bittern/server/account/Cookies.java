package app.bittern.server.account;

import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.util.Arrays;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;

/// Our cookies: behind TLS they are Secure and their names begin with `__Host-`, so that no other host and no page
/// without TLS can set them (RFC 6265bis, 4.1.3.2).
enum Cookies {
    /// Who is signed in.
    SESSION("bittern-session", true),
    /// The token that changes carry; our page reads it.
    TOKEN("bittern-token", false),
    /// A browser in which somebody has signed in before.
    BROWSER("bittern-browser", true);

    private static final String HOST = "__Host-";

    private final String name;
    private final boolean hidden;

    Cookies(String name, boolean hidden) {
        this.name = name;
        this.hidden = hidden;
    }

    private String name(HttpServletRequest request) {
        return request.isSecure() ? HOST + name : name;
    }

    Optional<String> of(HttpServletRequest request) {
        String called = name(request);
        return Optional.ofNullable(request.getCookies())
                .map(Arrays::stream)
                .orElseGet(Stream::empty)
                .filter(cookie -> cookie.getName().equals(called))
                .map(Cookie::getValue)
                .filter(value -> !value.isEmpty())
                .findFirst();
    }

    /// @param kept negative for as long as the browser runs, zero to take it away
    void set(HttpServletRequest request, HttpServletResponse response, String value, Duration kept) {
        response.addHeader(
                HttpHeaders.SET_COOKIE,
                ResponseCookie.from(name(request), value)
                        .httpOnly(hidden)
                        .sameSite("Strict")
                        .path("/")
                        .maxAge(kept)
                        .secure(request.isSecure())
                        .build()
                        .toString());
    }

    void clear(HttpServletRequest request, HttpServletResponse response) {
        set(request, response, "", Duration.ZERO);
    }
}
