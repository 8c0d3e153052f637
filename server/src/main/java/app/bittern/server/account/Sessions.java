package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.server.Digest;
import app.bittern.server.Reach;
import io.micrometer.core.instrument.Gauge;
import io.micrometer.core.instrument.MeterRegistry;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.dao.DataAccessException;
import org.springframework.http.HttpHeaders;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.support.TransactionTemplate;

/// Who is signed in, kept in the database: it outlives a restart, holds on every server, and can be ended from
/// another browser. One ends after 12 h in which nothing was asked, and after 7 days in any case.
@Component
public class Sessions {
    private static final Duration IDLE = Duration.ofHours(12);
    private static final Duration LONGEST = Duration.ofDays(7);
    private static final Duration WHILE_OPEN = Duration.ofSeconds(-1);

    /// So exactly it is known when a session was last seen.
    private static final Duration SEEN = Duration.ofMinutes(1);

    private static final int BROWSER = 200;

    private final SessionRows rows;
    private final Accounts accounts;
    private final BoundTokens tokens;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;
    private final TransactionTemplate transaction;
    private final Recently<Open> open;

    private record Open(Who who, Instant begunAt, Instant seenAt) {}

    Sessions(
            SessionRows rows,
            Accounts accounts,
            BoundTokens tokens,
            Clock clock,
            ApplicationEventPublisher publisher,
            PlatformTransactionManager transactions,
            Reach reach,
            MeterRegistry meters) {
        this.open = new Recently<>(reach);
        this.rows = rows;
        this.accounts = accounts;
        this.tokens = tokens;
        this.clock = clock;
        this.publisher = publisher;
        this.transaction = new TransactionTemplate(transactions);
        Gauge.builder("bittern.sessions", this, Sessions::counted)
                .description("sessions that are open, over all servers")
                .register(meters);
    }

    /// NaN while the database is away.
    private double counted() {
        try {
            Instant now = clock.instant();
            return rows.countBySeenAtAfterAndBegunAtAfter(now.minus(IDLE), now.minus(LONGEST));
        } catch (DataAccessException | TransactionException away) {
            return Double.NaN;
        }
    }

    /// Begins one, in place of one that the browser had.
    void begin(String account, HttpServletRequest request, HttpServletResponse response) {
        end(request, response);
        String secret = Secrets.fresh();
        String browser =
                Optional.ofNullable(request.getHeader(HttpHeaders.USER_AGENT)).orElse("");
        transaction.executeWithoutResult(status -> rows.save(new SessionRow(
                Digest.of(secret),
                account,
                clock.instant(),
                Addresses.shown(request),
                Problem.shown(browser, BROWSER))));
        Cookies.SESSION.set(request, response, secret, WHILE_OPEN);
        tokens.begun(secret, request, response);
    }

    /// Ends the one that the browser has; its cookies go.
    void end(HttpServletRequest request, HttpServletResponse response) {
        Cookies.SESSION.of(request).ifPresent(secret -> {
            end(Digest.of(secret));
            Cookies.SESSION.clear(request, response);
            Cookies.TOKEN.clear(request, response);
        });
    }

    private void end(String digest) {
        transaction.executeWithoutResult(status -> {
            rows.end(digest);
            changed();
        });
        open.forget();
    }

    /// Who has signed in with a secret, by its digest.
    Optional<Who> of(String digest) {
        Instant now = clock.instant();
        Optional<Open> found = open.of(
                digest,
                one -> one.seenAt().isAfter(now.minus(SEEN)),
                () -> transaction.execute(status -> read(digest)));
        return found.filter(one -> isOpen(one.begunAt(), one.seenAt(), now)).map(Open::who);
    }

    private static boolean isOpen(Instant begunAt, Instant seenAt, Instant now) {
        return seenAt.isAfter(now.minus(IDLE)) && begunAt.isAfter(now.minus(LONGEST));
    }

    private Optional<Open> read(String digest) {
        Instant now = clock.instant();
        Optional<SessionRow> row = rows.open(digest, now.minus(IDLE), now.minus(LONGEST));
        row.filter(one -> one.seenAt().isBefore(now.minus(SEEN))).ifPresent(one -> rows.seen(digest, now));
        return row.flatMap(
                one -> accounts.who(one.account(), Digest.brief(digest)).map(who -> new Open(who, one.begunAt(), now)));
    }

    /// An open session of an account, as it is shown.
    record Shown(String session, Instant begunAt, Instant seenAt, String address, String browser) {}

    List<Shown> of(Who who) {
        return theirs(who).stream()
                .map(row -> new Shown(
                        Digest.brief(row.digest()), row.begunAt(), row.seenAt(), row.address(), row.browser()))
                .toList();
    }

    private List<SessionRow> theirs(Who who) {
        Instant now = clock.instant();
        return rows.findByAccountAndSeenAtAfterAndBegunAtAfterOrderBySeenAtDesc(
                who.name(), now.minus(IDLE), now.minus(LONGEST));
    }

    /// Ends one of an account's own.
    ///
    /// @return whether there was such a one
    boolean end(Who who, String session) {
        Optional<SessionRow> found = theirs(who).stream()
                .filter(row -> Digest.brief(row.digest()).equals(session))
                .findFirst();
        found.ifPresent(row -> end(row.digest()));
        return found.isPresent();
    }

    /// Ends all others of an account: its password or its second factor has changed.
    void endOthers(String account, HttpServletRequest request) {
        String own = Cookies.SESSION.of(request).map(Digest::of).orElse("");
        transaction.executeWithoutResult(status -> {
            rows.endAllBut(account, own);
            changed();
        });
        open.forget();
    }

    /// Something was changed of what accounts may do.
    void changed() {
        publisher.publishEvent(new RightsChanged());
        open.forget();
    }

    /// See [Recently#readAgain].
    void readAgain() {
        open.readAgain();
    }

    /// What was read a moment ago holds no more.
    void forget() {
        open.forget();
    }

    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.HOURS)
    void clear() {
        Instant now = clock.instant();
        transaction.executeWithoutResult(status -> rows.forget(now.minus(IDLE), now.minus(LONGEST)));
    }
}
