package app.bittern.server.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;
import org.springframework.transaction.annotation.Transactional;

interface SecurityEventRows extends JpaRepository<SecurityEventRow, Long> {
    @Query("select max(at) from SecurityEventRow where account = :account and kind = 'sign-in'")
    Optional<Instant> lastSignIn(String account);

    @Modifying
    @Transactional
    @Query("delete from SecurityEventRow where at < :before")
    void forget(Instant before);

    /// What was done at a site, the last first: what concerns security, edits, and what was done to it as a whole. Of
    /// what belongs to no site, that of accounts and machines which may do something there.
    ///
    /// @param account of this one alone; of all where empty
    /// @param kind    of this kind alone; of all where empty
    /// @param sites   since when the site is the one that it is
    @Query(value = """
                    select * from (
                        select at, kind, account, address, says from security_event
                        where (site = :site and at > :sites) or (site is null and account in (
                            select account from account_right where site = :site or site is null))
                        union all
                        select at, kind, account, '' as address, says from journal where site = :site
                        union all
                        select at, kind, account, '' as address, says from site_event
                        where site = :site and at > :sites
                    ) as done
                    where (:account = '' or account = :account) and (:kind = '' or kind = :kind) and at < :before
                    order by at desc limit :most
                    """, nativeQuery = true)
    List<Done> at(String site, String account, String kind, Instant before, int most, Instant sites);

    /// When a site of that key was removed last; what was done before was done at another.
    @Query("select max(e.at) from SiteEventRow e where e.site = :site and e.kind = 'remove'")
    Optional<Instant> removed(String site);
}
