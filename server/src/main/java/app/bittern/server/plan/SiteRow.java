package app.bittern.server.plan;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/// A site: the version of its draft, and which release answers calls.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "site")
class SiteRow {
    @Id
    private String key = "";

    private long version;
    private String name = "";
    private @Nullable Integer live;

    /// Given by the database: sites stand in the order in which they were made.
    @Column(insertable = false, updatable = false)
    private int place;

    protected SiteRow() {}

    SiteRow(String key, String name) {
        this.key = key;
        this.name = name;
    }

    Stamp stamp() {
        return new Stamp(place, version);
    }

    String name() {
        return name;
    }

    Optional<Integer> live() {
        return Optional.ofNullable(live);
    }

    void named(String name) {
        this.name = name;
    }

    void cutOver(int release) {
        this.live = release;
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
