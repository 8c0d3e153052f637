package app.bittern.server.numbers;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/// Digits that arrived on a trunk.
@Entity
@Table(name = "arrival")
class ArrivalRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String site = "";
    private String trunk = "";
    private String digits = "";
    private long times;

    @Column(name = "last_at")
    private Instant last = Instant.EPOCH;

    private boolean ours;

    protected ArrivalRow() {}

    ArrivalRow(String site, String trunk, String digits) {
        this.site = site;
        this.trunk = trunk;
        this.digits = digits;
    }

    /// Notes that it has arrived again.
    ArrivalRow arrived(long more, Instant at) {
        times += more;
        last = at;
        return this;
    }

    void ours(boolean told) {
        ours = told;
    }

    long id() {
        return id == null ? 0 : id;
    }

    String site() {
        return site;
    }

    String trunk() {
        return trunk;
    }

    String digits() {
        return digits;
    }

    long times() {
        return times;
    }

    Instant last() {
        return last;
    }

    boolean isOurs() {
        return ours;
    }
}
