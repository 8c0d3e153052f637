package app.bittern.server.site;

import jakarta.persistence.LockModeType;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface SiteRows extends JpaRepository<SiteRow, String> {
    @Query("select s.version from SiteRow s where s.key = :key")
    Optional<Long> version(String key);

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from SiteRow s where s.key = :key")
    Optional<SiteRow> locked(String key);
}
