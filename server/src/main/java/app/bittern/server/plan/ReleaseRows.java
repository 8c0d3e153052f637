package app.bittern.server.plan;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface ReleaseRows extends JpaRepository<ReleaseRow, ReleaseRow.Key> {
    /// All releases of a site, the last first, without their plans.
    @Query("select new app.bittern.server.plan.Release(r.number, r.version, r.account, r.at, r.digest)"
            + " from ReleaseRow r where r.site = :site order by r.number desc")
    List<Release> of(String site);

    /// A release in the names of today, where its own text has others.
    @Query(value = "select plan from release_today where site = :site and number = :number", nativeQuery = true)
    Optional<String> today(String site, int number);

    @Query("select coalesce(max(r.number), 0) from ReleaseRow r where r.site = :site")
    int last(String site);
}
