package app.bittern.server.site;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface JournalRows extends JpaRepository<JournalRow, JournalRow.Id> {
    /// The last edit of an account that can be taken back.
    @Query("select j from JournalRow j where j.site = :site and j.account = :account and j.kind in ('edit', 'redo')"
            + " and j.undone = false order by j.version desc limit 1")
    Optional<JournalRow> lastDone(String site, String account);

    /// The last edit taken back by an account that can be made again: none has been made since.
    @Query(
            "select j from JournalRow j where j.site = :site and j.account = :account and j.kind = 'undo'"
                    + " and j.undone = false and not exists (select e from JournalRow e where e.site = :site"
                    + " and e.account = :account and e.kind = 'edit' and e.version > j.version) order by j.version desc limit 1")
    Optional<JournalRow> lastUndone(String site, String account);

    /// The edits since a version, the oldest first.
    List<JournalRow> findBySiteAndVersionGreaterThanOrderByVersion(String site, long version);

    Optional<JournalRow> findBySiteAndVersion(String site, long version);

    @Query("select count(j) from JournalRow j where j.site = :site and j.kind in ('edit', 'redo') and j.undone = false")
    long standing(String site);

    List<JournalRow> findBySiteOrderByVersionDesc(String site, Limit limit);
}
