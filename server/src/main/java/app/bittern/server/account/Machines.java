package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.server.Digest;
import app.bittern.server.Reach;
import app.bittern.server.Refusal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/// Machines that ask by themselves: each has a token that is shown once, with rights at one site, and an end.
@Service
class Machines {
    static final String TOKEN = "bittern_";
    private static final int LONGEST_DAYS = 366;
    private static final Duration USED = Duration.ofMinutes(1);

    private final MachineRows rows;
    private final Clock clock;
    private final ApplicationEventPublisher publisher;
    private final TransactionTemplate transaction;
    private final Recently<Open> open;

    private record Open(Who who, Instant endsAt) {}

    Machines(
            MachineRows rows,
            Clock clock,
            ApplicationEventPublisher publisher,
            PlatformTransactionManager transactions,
            Reach reach) {
        this.publisher = publisher;
        this.open = new Recently<>(reach);
        this.rows = rows;
        this.clock = clock;
        this.transaction = new TransactionTemplate(transactions);
    }

    /// The machine that has a token, by its digest.
    Optional<Who> of(String digest) {
        return open.of(digest, one -> true, () -> transaction.execute(status -> read(digest)))
                .filter(one -> one.endsAt().isAfter(clock.instant()))
                .map(Open::who);
    }

    private Optional<Open> read(String digest) {
        Instant now = clock.instant();
        Optional<MachineRow> found = rows.open(digest, now);
        found.filter(row ->
                        row.usedAt().filter(at -> at.isAfter(now.minus(USED))).isEmpty())
                .ifPresent(row -> rows.used(digest, now));
        return found.map(row -> new Open(
                new Who(
                        Named.MACHINE + row.name(),
                        true,
                        Rights.at(row.site(), row.rights()),
                        false,
                        false,
                        Set.of(),
                        Digest.brief(digest)),
                row.endsAt()));
    }

    /// See [Recently#readAgain].
    void readAgain() {
        open.readAgain();
    }

    /// What was read a moment ago holds no more.
    void forget() {
        open.forget();
    }

    /// A machine as it is shown.
    record Shown(
            String name, List<Right> rights, String madeBy, Instant madeAt, Instant endsAt, Optional<Instant> usedAt) {}

    @Transactional(readOnly = true)
    public List<Shown> at(String site) {
        return rows.findBySiteOrderByName(site).stream()
                .map(row -> new Shown(
                        row.name(),
                        row.rights().stream().sorted().toList(),
                        row.madeBy(),
                        row.madeAt(),
                        row.endsAt(),
                        row.usedAt()))
                .toList();
    }

    /// Makes one.
    ///
    /// @return its token, which is not shown again
    @Transactional
    public String make(String name, String site, Set<Right> rights, int days, String by) {
        String given = Named.given(name);
        if (days < 1 || days > LONGEST_DAYS) {
            throw Refusal.unusable("days: found " + days + "; allowed is 1 to " + LONGEST_DAYS + ".");
        }
        if (rights.isEmpty() || rights.contains(Right.MANAGE)) {
            throw Refusal.unusable("rights: a machine may look, change or cut over, and not manage accounts.");
        }
        if (rows.existsById(given)) {
            throw new Refusal(
                    HttpStatus.CONFLICT, List.of("There is a machine '" + Problem.shown(given) + "' already."));
        }
        String token = TOKEN + Secrets.fresh();
        Instant now = clock.instant();
        rows.saveAndFlush(
                new MachineRow(given, Digest.of(token), site, rights, by, now, now.plus(Duration.ofDays(days))));
        return token;
    }

    /// @return whether there was such a one
    @Transactional
    public boolean end(String name, String site) {
        boolean was = rows.end(name, site) == 1;
        publisher.publishEvent(new RightsChanged());
        open.forget();
        return was;
    }
}
