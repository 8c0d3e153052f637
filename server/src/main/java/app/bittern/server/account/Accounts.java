package app.bittern.server.account;

import java.security.SecureRandom;
import java.util.List;
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

/// The accounts. The first is made at the first start, with a password that is printed once; the demo's has the
/// password that the start command keeps, and prints at every start.
@Service
class Accounts implements UserDetailsService, ApplicationRunner {
    private static final Logger LOG = LoggerFactory.getLogger(Accounts.class);
    private static final String FIRST = "technician";
    private static final String LETTERS = "abcdefghijkmnpqrstuvwxyz23456789";
    private static final int LENGTH = 16;

    private final AccountRows rows;
    private final PasswordEncoder encoder;
    private final String demoPassword;

    Accounts(AccountRows rows, PasswordEncoder encoder, @Value("${bittern.demo-password}") String demoPassword) {
        this.rows = rows;
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

    @Override
    @Transactional
    public void run(ApplicationArguments arguments) {
        if (!demoPassword.isEmpty()) {
            AccountRow row = rows.findByName(FIRST).orElseGet(() -> new AccountRow(FIRST, ""));
            if (row.password().isEmpty() || !encoder.matches(demoPassword, row.password())) {
                row.password(encoder.encode(demoPassword));
                rows.save(row);
            }
        } else if (rows.count() == 0) {
            String password = generated();
            rows.save(new AccountRow(FIRST, encoder.encode(password)));
            LOG.info("First start: sign in as '{}' with the password '{}'. It is not shown again.", FIRST, password);
        }
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
