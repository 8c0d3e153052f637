package app.bittern.server.account;

import app.bittern.server.DatabaseAway;
import app.bittern.server.Digest;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.context.SecurityContextImpl;
import org.springframework.security.web.authentication.preauth.PreAuthenticatedAuthenticationToken;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;

/// Tells of each request who asks: a machine by its token where it shows one, else a person by the session's
/// cookie. Nothing is kept in the server's memory but what was read a moment ago.
@Component
public class Callers implements SecurityContextRepository {
    private static final String BEARER = "Bearer ";

    private final Sessions sessions;
    private final Machines machines;

    Callers(Sessions sessions, Machines machines) {
        this.sessions = sessions;
        this.machines = machines;
    }

    /// Whether it shows a token as machines have it (RFC 6750); no page of another site can make a browser send
    /// that.
    public static boolean showsToken(HttpServletRequest request) {
        return token(request).isPresent();
    }

    private static Optional<String> token(HttpServletRequest request) {
        return Optional.ofNullable(request.getHeader(HttpHeaders.AUTHORIZATION))
                .filter(header -> header.startsWith(BEARER))
                .map(header -> header.substring(BEARER.length()).strip());
    }

    private Supplier<Optional<Who>> asking(HttpServletRequest request) {
        Optional<String> token = token(request).map(Digest::of);
        if (token.isPresent()) {
            return () -> machines.of(token.get());
        }
        Optional<String> session = Cookies.SESSION.of(request).map(Digest::of);
        return () -> session.flatMap(sessions::of);
    }

    /// What was read of accounts a moment ago is read again; while the database is away it holds all the same.
    public void readAgain() {
        sessions.readAgain();
        machines.readAgain();
    }

    /// What was read of accounts a moment ago holds no more.
    public void forget() {
        sessions.forget();
        machines.forget();
    }

    /// What who asks now may do at a site, asked again later: accounts are given rights and lose them, and sessions
    /// end. Nothing where they may not look at it; absent where that cannot be known just now.
    public Function<String, Optional<List<Right>>> later(HttpServletRequest request) {
        Supplier<Optional<Who>> asking = asking(request);
        return site -> {
            try {
                return Optional.of(asking.get()
                        .filter(who ->
                                Need.LOOK.isMet(who, site) && !who.closed().contains(site))
                        .map(who -> who.rights().of(site))
                        .orElse(List.of()));
            } catch (DataAccessException | TransactionException failed) {
                if (!DatabaseAway.is(failed)) {
                    throw failed;
                }
                return Optional.empty();
            }
        };
    }

    @Override
    public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
        return new Once(asking(request));
    }

    /// Asked once a request, and only where it matters who asks.
    private static final class Once implements DeferredSecurityContext {
        private final Supplier<Optional<Who>> asking;
        private Optional<SecurityContext> read = Optional.empty();

        private Once(Supplier<Optional<Who>> asking) {
            this.asking = asking;
        }

        @Override
        public SecurityContext get() {
            SecurityContext context = read.orElseGet(() -> asking.get()
                    .<SecurityContext>map(
                            who -> new SecurityContextImpl(new PreAuthenticatedAuthenticationToken(who, "", List.of())))
                    .orElseGet(SecurityContextHolder::createEmptyContext));
            read = Optional.of(context);
            return context;
        }

        @Override
        public boolean isGenerated() {
            return get().getAuthentication() == null;
        }
    }

    @Override
    @SuppressWarnings("deprecation") // the interface still asks for it
    public SecurityContext loadContext(HttpRequestResponseHolder holder) {
        return loadDeferredContext(holder.getRequest()).get();
    }

    /// Sessions are begun and ended by name, in [Sessions].
    @Override
    public void saveContext(SecurityContext context, HttpServletRequest request, HttpServletResponse response) {}

    @Override
    public boolean containsContext(HttpServletRequest request) {
        return Cookies.SESSION.of(request).isPresent();
    }
}
