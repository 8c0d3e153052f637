package app.bittern.server.account;

import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AccountRows extends JpaRepository<AccountRow, Long> {
    Optional<AccountRow> findByName(String name);

    boolean existsByName(String name);

    /// Takes a step of a second factor, which is good once.
    ///
    /// @return 1, or 0 where it or a later one was used already
    @Modifying
    @Query(
            value = "update account set factor_step = :step where name = :name and factor_step < :step",
            nativeQuery = true)
    int take(String name, long step);
}
