package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// Something that concerns who may get in and do what.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "security_event")
class SecurityEventRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private Instant at = Instant.EPOCH;
    private String kind = "";
    private String account = "";
    private @Nullable String site;
    private String address = "";
    private String says = "";

    protected SecurityEventRow() {}

    SecurityEventRow(Instant at, String kind, String account, Optional<String> site, String address, String says) {
        this.at = at;
        this.kind = kind;
        this.account = account;
        this.site = site.orElse(null);
        this.address = address;
        this.says = says;
    }
}
