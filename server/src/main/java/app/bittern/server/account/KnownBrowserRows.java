package app.bittern.server.account;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;

interface KnownBrowserRows extends JpaRepository<KnownBrowserRow, String> {
    void deleteBySeenAtBefore(Instant then);
}
