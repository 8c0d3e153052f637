package app.bittern.server.numbers;

import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;

interface ArrivalRows extends JpaRepository<ArrivalRow, Long> {
    List<ArrivalRow> findBySiteOrderByLastDescIdDesc(String site);

    Optional<ArrivalRow> findBySiteAndTrunkAndDigits(String site, String trunk, String digits);
}
