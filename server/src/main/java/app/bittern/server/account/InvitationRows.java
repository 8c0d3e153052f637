package app.bittern.server.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface InvitationRows extends JpaRepository<InvitationRow, String> {
    @Query("select one from InvitationRow one where digest = :digest and endsAt > :now")
    Optional<InvitationRow> open(String digest, Instant now);

    @Query("select one from InvitationRow one where (site = :site or site is null) and endsAt > :now order by madeAt")
    List<InvitationRow> at(String site, Instant now);

    /// Uses it up.
    ///
    /// @return 1, or 0 where somebody else was sooner
    @Modifying
    @Query("delete from InvitationRow where digest = :digest")
    int take(String digest);

    @Modifying
    @Query("delete from InvitationRow where id = :id and (site = :site or (:every = true and site is null))")
    int drop(long id, String site, boolean every);

    @Modifying
    @Query("delete from InvitationRow where endsAt <= :now")
    void forget(Instant now);

    @Query(value = "select name from site where key = :site", nativeQuery = true)
    Optional<String> titleOf(String site);
}
