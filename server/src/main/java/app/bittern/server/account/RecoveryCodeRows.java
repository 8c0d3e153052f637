package app.bittern.server.account;

import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface RecoveryCodeRows extends JpaRepository<RecoveryCodeRow, String> {
    /// @return 1, or 0 where there is none, or none any more
    @Modifying
    @Query("delete from RecoveryCodeRow where digest = :digest and account = :account")
    int take(String digest, String account);

    @Modifying
    @Query("delete from RecoveryCodeRow where account = :account")
    void forget(String account);

    int countByAccount(String account);
}
