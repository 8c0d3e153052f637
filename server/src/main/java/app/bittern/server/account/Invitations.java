package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.plan.Signs;
import app.bittern.server.Digest;
import app.bittern.server.Refusal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionTemplate;

/// Links that let somebody in: each is good once, for a week, and brings rights at one site or at every one.
@Service
class Invitations {
    private static final Duration KEPT = Duration.ofDays(7);
    private static final int LONGEST = 200;

    private final InvitationRows rows;
    private final AccountRightRows rights;
    private final Accounts accounts;
    private final Passwords passwords;
    private final Clock clock;
    private final TransactionTemplate transaction;

    Invitations(
            InvitationRows rows,
            AccountRightRows rights,
            Accounts accounts,
            Passwords passwords,
            Clock clock,
            PlatformTransactionManager transactions) {
        this.transaction = new TransactionTemplate(transactions);
        this.rows = rows;
        this.rights = rights;
        this.accounts = accounts;
        this.passwords = passwords;
        this.clock = clock;
    }

    /// Makes one.
    ///
    /// @return its secret, which is not shown again
    @Transactional
    public String make(Optional<String> site, Set<Right> given, String says, String by) {
        if (given.isEmpty()) {
            throw Refusal.unusable("rights: allowed is one at least of look, change, cut-over and manage.");
        }
        if (says.length() > LONGEST || Signs.unfit(says) >= 0) {
            throw Refusal.unusable("says: found '" + Problem.shown(says) + "'; allowed are " + LONGEST
                    + " characters at most, without control characters and such as turn the direction of writing.");
        }
        Instant now = clock.instant();
        rows.forget(now);
        String secret = Secrets.fresh();
        rows.save(new InvitationRow(Digest.of(secret), site, given, says.strip(), by, now, now.plus(KEPT)));
        return secret;
    }

    @Transactional(readOnly = true)
    public List<InvitationRow> at(String site) {
        return rows.at(site, clock.instant());
    }

    private InvitationRow open(String secret) {
        return rows.open(Digest.of(secret), clock.instant())
                .orElseThrow(() -> Refusal.missing(
                        "This invitation was used already, was taken back, or is older than a week. Ask for another."));
    }

    /// What one is to, before it is used.
    @Transactional(readOnly = true)
    public AccountApi.InvitedTo look(String secret) {
        InvitationRow row = open(secret);
        return new AccountApi.InvitedTo(row.site().flatMap(rows::titleOf), words(row.rights()), row.madeBy());
    }

    static List<String> words(Set<Right> rights) {
        return rights.stream().sorted().map(Right::word).toList();
    }

    /// What came of using one.
    record Accepted(String account, Optional<String> site, List<String> rights) {}

    /// Makes an account by it.
    Accepted accept(String secret, String name, String password) {
        open(secret);
        String given = Named.given(name);
        passwords.check(given, password);
        String hash = accounts.hashed(password);
        return transaction.execute(status -> made(open(secret), given, hash));
    }

    private Accepted made(InvitationRow row, String given, String hash) {
        if (!accounts.make(given, hash)) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    List.of("There is an account '" + Problem.shown(given)
                            + "' already. If it is yours, sign in first, and open the link again; else choose another"
                            + " name."));
        }
        return taken(row, given);
    }

    /// Gives an account that is there the rights.
    @Transactional
    public Accepted accept(String secret, Who who) {
        return taken(open(secret), who.name());
    }

    private Accepted taken(InvitationRow row, String account) {
        if (rows.take(row.digest()) != 1) {
            throw Refusal.missing("This invitation was used already. Ask for another.");
        }
        AccountRightRow right = rights.of(account, row.site());
        Set<Right> all = EnumSet.noneOf(Right.class);
        all.addAll(right.rights());
        all.addAll(row.rights());
        right.rights(all);
        rights.save(right);
        return new Accepted(account, row.site(), words(row.rights()));
    }

    /// @return whether there was such a one
    @Transactional
    public boolean drop(long id, String site, boolean every) {
        return rows.drop(id, site, every) == 1;
    }
}
