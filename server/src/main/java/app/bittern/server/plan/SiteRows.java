package app.bittern.server.plan;

import jakarta.persistence.LockModeType;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Lock;
import org.springframework.data.jpa.repository.Query;

interface SiteRows extends JpaRepository<SiteRow, String> {
    @Query("select s.live from SiteRow s where s.key = :key")
    Optional<Integer> live(String key);

    @Query("select s from SiteRow s order by s.place")
    List<SiteRow> inOrder();

    @Lock(LockModeType.PESSIMISTIC_WRITE)
    @Query("select s from SiteRow s where s.key = :key")
    Optional<SiteRow> locked(String key);
}
