package app.bittern.server.plan;

import java.util.List;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;

interface SiteEventRows extends JpaRepository<SiteEventRow, Long> {
    List<SiteEventRow> findAllByOrderByIdDesc(Limit limit);
}
