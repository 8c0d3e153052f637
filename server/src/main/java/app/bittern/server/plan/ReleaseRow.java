package app.bittern.server.plan;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;

/// A whole plan as it was cut over; never changed.
@Entity
@Table(name = "release")
@IdClass(ReleaseRow.Key.class)
class ReleaseRow {
    /// A site and the number of one of its releases.
    record Key(String site, int number) implements Serializable {}

    @Id
    private String site = "";

    @Id
    private int number;

    private long version;
    private String account = "";
    private Instant at = Instant.EPOCH;
    private int format;
    private String digest = "";
    private String plan = "";

    protected ReleaseRow() {}

    /// @param version of the draft that it was
    /// @param format  of the plan file
    /// @param digest  SHA-256 of the plan file, in hexadecimal
    ReleaseRow(Key key, long version, String account, Instant at, int format, String digest, String plan) {
        this.site = key.site();
        this.number = key.number();
        this.version = version;
        this.account = account;
        this.at = at;
        this.format = format;
        this.digest = digest;
        this.plan = plan;
    }

    String site() {
        return site;
    }

    String plan() {
        return plan;
    }

    int format() {
        return format;
    }

    Release about() {
        return new Release(number, version, account, at, digest);
    }
}
