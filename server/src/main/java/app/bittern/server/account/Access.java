package app.bittern.server.account;

import app.bittern.plan.Problem;
import app.bittern.server.Refusal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/// Who may do what at a site, and the changes to it.
@Service
class Access {
    private final AccountRows accounts;
    private final AccountRightRows rights;
    private final SecurityEventRows events;

    Access(AccountRows accounts, AccountRightRows rights, SecurityEventRows events) {
        this.accounts = accounts;
        this.rights = rights;
        this.events = events;
    }

    /// Everybody who may do anything there, by name.
    @Transactional(readOnly = true)
    public List<AccountApi.Person> people(String site, Who asking) {
        Map<String, Rights> all = new TreeMap<>();
        rights.at(site).forEach(row -> all.merge(row.account(), Rights.at(row.site(), row.rights()), Access::joined));
        return all.entrySet().stream()
                .filter(entry -> entry.getValue().has(Right.LOOK, site))
                .map(entry -> new AccountApi.Person(
                        entry.getKey(),
                        Invitations.words(entry.getValue().bySite().getOrDefault(site, Set.of())),
                        Invitations.words(entry.getValue().everySite()),
                        accounts.findByName(entry.getKey())
                                .flatMap(AccountRow::factor)
                                .isPresent(),
                        events.lastSignIn(entry.getKey()).map(Instant::toString),
                        entry.getKey().equals(asking.name())))
                .toList();
    }

    private static Rights joined(Rights one, Rights other) {
        Map<String, Set<Right>> bySite = new TreeMap<>(one.bySite());
        bySite.putAll(other.bySite());
        return new Rights(one.everySite().isEmpty() ? other.everySite() : one.everySite(), bySite);
    }

    /// Gives an account exactly these rights, at a site or at every one.
    ///
    /// @throws Refusal where nobody would be left to manage the site's accounts
    @Transactional
    public void give(String account, Optional<String> site, Set<Right> given, String at) {
        if (!accounts.existsByName(account)) {
            throw Refusal.missing("There is no account '" + Problem.shown(account) + "'.");
        }
        // Two who take each other's right away at once are not to leave nobody.
        rights.lockAll();
        AccountRightRow row = rights.of(account, site);
        row.rights(given);
        if (given.isEmpty()) {
            rights.delete(row);
        } else {
            rights.save(row);
        }
        rights.flush();
        boolean everywhere = site.isEmpty();
        if (rights.at(at).stream()
                .filter(one -> !everywhere || one.site().isEmpty())
                .noneMatch(one -> one.rights().contains(Right.MANAGE))) {
            throw new Refusal(
                    HttpStatus.CONFLICT,
                    List.of("Nobody would be left who manages the accounts of " + (everywhere ? "every" : "this")
                            + " site: let somebody else first."));
        }
    }

    @Transactional(readOnly = true)
    public boolean asksFactor(String site) {
        return rights.askingForFactor().contains(site);
    }

    @Transactional
    public void askFactor(String site, boolean asks) {
        rights.askFactor(site, asks);
    }
}
