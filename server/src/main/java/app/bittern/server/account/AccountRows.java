package app.bittern.server.account;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface AccountRows extends JpaRepository<AccountRow, Long> {
    Optional<AccountRow> findByName(String name);
}
