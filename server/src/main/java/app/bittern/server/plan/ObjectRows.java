package app.bittern.server.plan;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface ObjectRows extends JpaRepository<ObjectRow, Long> {
    List<ObjectRow> findBySiteOrderByPlace(String site);

    Optional<ObjectRow> findBySiteAndKindAndKey(String site, String kind, String key);

    @Query("select coalesce(max(o.place), -1) from ObjectRow o where o.site = :site")
    int lastPlace(String site);

    @Modifying(flushAutomatically = true, clearAutomatically = true)
    @Query("update ObjectRow o set o.place = o.place + 1 where o.site = :site and o.place >= :place")
    void makeRoom(String site, int place);

    /// Objects in which a text stands, each with when it was changed last.
    @Query("select new app.bittern.server.plan.OffSince$Off(o.kind, o.key, j.at) from ObjectRow o, JournalRow j"
            + " where j.site = o.site and j.version = o.version and o.site = :site and locate(:text, o.body) > 0")
    List<OffSince.Off> off(String site, String text);

    @Modifying
    @Query("delete from ObjectRow o where o.site = :site")
    void forget(String site);
}
