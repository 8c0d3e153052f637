package app.bittern.server.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface SessionRows extends JpaRepository<SessionRow, String> {
    @Query("select one from SessionRow one where digest = :digest and seenAt > :idle and begunAt > :longest")
    Optional<SessionRow> open(String digest, Instant idle, Instant longest);

    List<SessionRow> findByAccountAndSeenAtAfterAndBegunAtAfterOrderBySeenAtDesc(
            String account, Instant idle, Instant longest);

    long countBySeenAtAfterAndBegunAtAfter(Instant idle, Instant longest);

    @Modifying
    @Query("update SessionRow set seenAt = :now where digest = :digest and seenAt < :now")
    void seen(String digest, Instant now);

    @Modifying
    @Query("delete from SessionRow where digest = :digest")
    int end(String digest);

    /// Ends all of an account but one.
    @Modifying
    @Query("delete from SessionRow where account = :account and digest <> :but")
    int endAllBut(String account, String but);

    @Modifying
    @Query("delete from SessionRow where seenAt <= :idle or begunAt <= :longest")
    void forget(Instant idle, Instant longest);
}
