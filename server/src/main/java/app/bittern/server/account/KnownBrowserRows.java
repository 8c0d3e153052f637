package app.bittern.server.account;

import java.time.Instant;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface KnownBrowserRows extends JpaRepository<KnownBrowserRow, String> {
    /// In one statement, so that two who sign in at once do not trip over each other.
    @Modifying
    @Query("delete from KnownBrowserRow where digest = :digest")
    void forget(String digest);

    @Modifying
    @Query("delete from KnownBrowserRow where seenAt < :then")
    void forgetBefore(Instant then);
}
