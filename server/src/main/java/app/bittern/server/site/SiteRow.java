package app.bittern.server.site;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/// A site and the version of its draft.
@Entity
@Table(name = "site")
class SiteRow {
    @Id
    private String key = "";

    private long version;

    protected SiteRow() {}

    SiteRow(String key) {
        this.key = key;
    }

    String key() {
        return key;
    }

    long version() {
        return version;
    }

    long next() {
        version++;
        return version;
    }
}
