package app.bittern.server.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import org.jspecify.annotations.Nullable;

/// Something that was done to a whole site. Its columns are only asked for by queries.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "site_event")
class SiteEventRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String site = "";
    private String account = "";
    private Instant at = Instant.EPOCH;
    private String kind = "";
    private String says = "";
    private @Nullable String plan;

    protected SiteEventRow() {}

    /// @param plan the plan file of a site that goes
    SiteEventRow(String site, String account, Instant at, String kind, String says, @Nullable String plan) {
        this.site = site;
        this.account = account;
        this.at = at;
        this.kind = kind;
        this.says = says;
        this.plan = plan;
    }

    SiteEvent event() {
        return new SiteEvent(site, account, at, kind, says);
    }
}
