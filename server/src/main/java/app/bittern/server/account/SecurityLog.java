package app.bittern.server.account;

import app.bittern.server.DatabaseAway;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import io.micrometer.core.instrument.MeterRegistry;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.dao.DataAccessException;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionException;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;
import tools.jackson.databind.json.JsonMapper;

/// What concerns who may get in and do what: written to a file, and kept for the screen. No secret is ever said.
@Component
public class SecurityLog {
    /// How many of those are remembered that were noted within the last minute.
    private static final int HELD = 10_000;

    private final SecurityEventRows rows;
    private final SecurityFile file;
    private final JsonMapper mapper;
    private final Clock clock;
    private final MeterRegistry meters;
    private final int days;
    private final Cache<String, Boolean> held = Caffeine.newBuilder()
            .maximumSize(HELD)
            .expireAfterWrite(Duration.ofMinutes(1))
            .build();

    /// @param days how long the table keeps what was noted
    SecurityLog(
            SecurityEventRows rows,
            SecurityFile file,
            JsonMapper mapper,
            Clock clock,
            MeterRegistry meters,
            @Value("${bittern.security-days}") int days) {
        if (days < 1) {
            throw new IllegalStateException("BITTERN_SECURITY_DAYS: found " + days + "; allowed is a number from 1.");
        }
        this.days = days;
        this.meters = meters;
        this.rows = rows;
        this.file = file;
        this.mapper = mapper;
        this.clock = clock;
    }

    /// What kind of thing has happened.
    public enum Kind {
        SIGN_IN("sign-in"),
        SIGN_OUT("sign-out"),
        FAILURE("failure"),
        HELD("held off"),
        REFUSED("refused"),
        PASSWORD("password"),
        FACTOR("second factor"),
        SESSION("session"),
        RIGHTS("rights"),
        INVITATION("invitation"),
        TOKEN("token"),
        CUT_OVER("cut over"),
        SITE("site");

        private final String word;

        Kind(String word) {
            this.word = word;
        }

        String word() {
            return word;
        }
    }

    /// Notes something. Where the database is away, the file has it all the same.
    @Transactional
    public void note(Kind kind, String account, Optional<String> site, String says) {
        Instant now = clock.instant();
        write(now, kind, account, site, says);
        rows.save(new SecurityEventRow(now, kind.word(), account, site, address(), says));
    }

    /// Notes what the site's own events have already: in the file alone.
    public void noteInFile(Kind kind, String account, String site, String says) {
        write(clock.instant(), kind, account, Optional.of(site), says);
    }

    private void write(Instant now, Kind kind, String account, Optional<String> site, String says) {
        meters.counter("bittern.security", "kind", kind.word()).increment();
        Map<String, String> line = new LinkedHashMap<>();
        line.put("at", now.toString());
        line.put("kind", kind.word());
        line.put("account", account);
        site.ifPresent(key -> line.put("site", key));
        line.put("address", address());
        line.put("says", says);
        file.write(mapper.writeValueAsString(line));
    }

    /// Notes that somebody is held off.
    void noteHeld(String account) {
        noteAtTimes(Kind.HELD, account, Optional.empty(), "too many wrong passwords");
    }

    /// Notes that somebody asked for what their rights do not let them.
    ///
    /// @param site   where, as it is shown; nobody says that there is such a one
    /// @param method of the request
    void noteRefused(String account, Optional<String> site, Need need, String method) {
        noteAtTimes(
                Kind.REFUSED,
                account,
                site,
                (method.equals("GET") ? "asked for what needs: " : "asked to do what needs: ") + need.words());
    }

    /// Notes something once a minute for each name from each address: whoever asks without end is not to fill the
    /// table.
    private void noteAtTimes(Kind kind, String account, Optional<String> site, String says) {
        if (held.asMap().putIfAbsent(String.join("\n", account, address(), says), true) == null) {
            noteAnyway(kind, account, site, says);
        }
    }

    /// Notes something that is not to fail where it cannot be kept.
    void noteAnyway(Kind kind, String account, Optional<String> site, String says) {
        try {
            note(kind, account, site, says);
        } catch (DataAccessException | TransactionException failed) {
            if (!DatabaseAway.is(failed)) {
                throw failed;
            }
        }
    }

    /// Takes away what has been kept for long enough.
    @Scheduled(fixedDelay = 1, timeUnit = TimeUnit.DAYS)
    void clear() {
        rows.forget(clock.instant().minus(Duration.ofDays(days)));
    }

    private static String address() {
        return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes attributes
                ? Addresses.shown(attributes.getRequest())
                : "";
    }
}
