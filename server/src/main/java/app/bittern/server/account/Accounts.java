package app.bittern.server.account;

import java.security.SecureRandom;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetails;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/// The accounts. The first is made at the first start, with a password that is printed once and changed at the
/// first sign-in; the demo's has the password that the start command keeps, and prints at every start.
@Service
class Accounts implements UserDetailsService, ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(Accounts.class);
    private static final String FIRST = "technician";
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";
    private static final int LENGTH = 16;

    private final AccountRows rows;
    private final AccountRightRows rights;
    private final PasswordEncoder encoder;
    private final String demoPassword;

    Accounts(
            AccountRows rows,
            AccountRightRows rights,
            PasswordEncoder encoder,
            @Value("${bittern.demo-password}") String demoPassword) {
        this.rows = rows;
        this.rights = rights;
        this.encoder = encoder;
        this.demoPassword = demoPassword;
    }

    @Override
    @Transactional(readOnly = true)
    public UserDetails loadUserByUsername(String name) {
        return rows.findByName(name)
                .map(row -> User.withUsername(row.name())
                        .password(row.password())
                        .authorities(List.of())
                        .build())
                .orElseThrow(() -> new UsernameNotFoundException("no such account"));
    }

    /// An account as it asks, in a browser.
    @Transactional(readOnly = true)
    public Optional<Who> who(String account, String session) {
        return rows.findByName(account).map(row -> {
            boolean factor = row.factor().isPresent();
            return new Who(
                    account,
                    false,
                    rightsOf(account),
                    row.mustChange(),
                    factor,
                    factor ? Set.of() : Set.copyOf(rights.askingForFactor()),
                    session);
        });
    }

    private Rights rightsOf(String account) {
        Set<Right> every = EnumSet.noneOf(Right.class);
        Map<String, Set<Right>> bySite = new HashMap<>();
        rights.findByAccount(account)
                .forEach(row -> row.site()
                        .ifPresentOrElse(site -> bySite.put(site, row.rights()), () -> every.addAll(row.rights())));
        return new Rights(every, bySite);
    }

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!demoPassword.isEmpty()) {
            AccountRow row = rows.findByName(FIRST).orElseGet(() -> new AccountRow(FIRST, ""));
            if (row.password().isEmpty() || !encoder.matches(demoPassword, row.password())) {
                row.password(encoder.encode(demoPassword), false);
                first(row);
            }
        } else if (rows.count() == 0) {
            String password = generated();
            AccountRow row = new AccountRow(FIRST, "");
            row.password(encoder.encode(password), true);
            first(row);
            LOG.info(
                    "First start: sign in as '{}' with the password '{}', which is changed then. It is not shown again.",
                    FIRST,
                    password);
        }
    }

    private void first(AccountRow row) {
        rows.saveAndFlush(row);
        if (rights.findByAccountAndSiteIsNull(row.name()).isEmpty()) {
            AccountRightRow every = new AccountRightRow(row.name(), Optional.empty());
            every.rights(EnumSet.allOf(Right.class));
            rights.save(every);
        }
    }

    /// A password as it is kept. It takes a tenth of a second, so it is made before a connection to the
    /// database is held.
    String hashed(String password) {
        return Objects.requireNonNull(encoder.encode(password));
    }

    /// Makes an account, or says that the name is taken.
    ///
    /// @param hash of its password, see [#hashed]
    /// @return whether it was made
    @Transactional
    public boolean make(String name, String hash) {
        if (rows.existsByName(name)) {
            return false;
        }
        rows.saveAndFlush(new AccountRow(name, hash));
        return true;
    }

    boolean isPassword(String account, String password) {
        return rows.findByName(account)
                .filter(row -> encoder.matches(password, row.password()))
                .isPresent();
    }

    /// @param hash of the password, see [#hashed]
    @Transactional
    public void password(String account, String hash) {
        rows.findByName(account).orElseThrow(Asking::nobody).password(hash, false);
    }

    private static String generated() {
        SecureRandom random = new SecureRandom();
        StringBuilder password = new StringBuilder();
        for (int letter = 0; letter < LENGTH; letter++) {
            password.append(LETTERS.charAt(random.nextInt(LETTERS.length())));
        }
        return password.toString();
    }
}
