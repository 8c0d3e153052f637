package app.bittern.server.account;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Modifying;
import org.springframework.data.jpa.repository.Query;

interface MachineRows extends JpaRepository<MachineRow, String> {
    @Query("select one from MachineRow one where digest = :digest and endsAt > :now")
    Optional<MachineRow> open(String digest, Instant now);

    List<MachineRow> findBySiteOrderByName(String site);

    @Modifying
    @Query("update MachineRow set usedAt = :now where digest = :digest")
    void used(String digest, Instant now);

    @Modifying
    @Query("delete from MachineRow where name = :name and site = :site")
    int end(String name, String site);
}
