package app.bittern.server.account;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface AccountRightRows extends JpaRepository<AccountRightRow, Long> {
    List<AccountRightRow> findByAccount(String account);

    Optional<AccountRightRow> findByAccountAndSite(String account, String site);

    Optional<AccountRightRow> findByAccountAndSiteIsNull(String account);

    /// What an account may do at a site, or at every one where none is named; nothing yet where there is no row.
    default AccountRightRow of(String account, Optional<String> site) {
        return site.map(key -> findByAccountAndSite(account, key))
                .orElseGet(() -> findByAccountAndSiteIsNull(account))
                .orElseGet(() -> new AccountRightRow(account, site));
    }

    /// Who may do anything at a site, by name.
    @Query("select one from AccountRightRow one where site = :site or site is null order by account, id")
    List<AccountRightRow> at(String site);

    /// Waits for whoever else changes rights just now.
    @Query(value = "select id from account_right order by id for update", nativeQuery = true)
    List<Long> lockAll();

    @Modifying
    @Query(value = "update site set asks_factor = :asks where key = :site", nativeQuery = true)
    void askFactor(String site, boolean asks);

    /// Sites that ask for a second factor.
    @Query(value = "select key from site where asks_factor", nativeQuery = true)
    List<String> askingForFactor();
}
