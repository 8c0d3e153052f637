package app.bittern.server.plan;

import java.util.List;
import java.util.Optional;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

public interface JournalRows extends JpaRepository<JournalRow, JournalRow.Id> {
    /// The last edit of a browser session that can be taken back.
    @Query("select j from JournalRow j where j.site = :site and j.session = :session and j.kind in ('edit', 'redo')"
            + " and j.undone = false order by j.version desc limit 1")
    Optional<JournalRow> lastDone(String site, String session);

    /// The last edit taken back in a browser session that can be made again: none has been made since.
    @Query(
            "select j from JournalRow j where j.site = :site and j.session = :session and j.kind = 'undo'"
                    + " and j.undone = false and not exists (select e from JournalRow e where e.site = :site"
                    + " and e.session = :session and e.kind = 'edit' and e.version > j.version) order by j.version desc limit 1")
    Optional<JournalRow> lastUndone(String site, String session);

    /// The edits since a version, the oldest first.
    List<JournalRow> findBySiteAndVersionGreaterThanOrderByVersion(String site, long version);

    Optional<JournalRow> findBySiteAndVersion(String site, long version);

    Optional<JournalRow> findBySiteAndAccountAndOnce(String site, String account, String once);

    /// How many edits since a version have not been taken back.
    @Query("select count(j) from JournalRow j where j.site = :site and j.version > :since"
            + " and j.kind in ('edit', 'redo') and j.undone = false")
    long standing(String site, long since);

    @Modifying
    @Query("update JournalRow j set j.difference = :difference where j.site = :site and j.version = :version")
    void tell(String site, long version, String difference);

    @Modifying
    @Query("delete from JournalRow j where j.site = :site")
    void forget(String site);

    List<JournalRow> findBySiteAndVersionLessThanOrderByVersionDesc(String site, long before, Limit limit);

    /// The edits before a version in which a text is written, the last first.
    @Query("select j from JournalRow j where j.site = :site and j.version < :before and locate(:text, j.edit) > 0"
            + " order by j.version desc")
    List<JournalRow> mentioning(String site, long before, String text, Limit limit);
}
