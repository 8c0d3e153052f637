package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/// A browser in which an account has signed in.
@Entity
@Table(name = "known_browser")
class KnownBrowserRow {
    /// SHA-256 of its secret, in hexadecimal.
    @Id
    private String digest = "";

    private String account = "";
    private Instant seenAt = Instant.EPOCH;

    protected KnownBrowserRow() {}

    KnownBrowserRow(String digest, String account, Instant seenAt) {
        this.digest = digest;
        this.account = account;
        this.seenAt = seenAt;
    }

    boolean isOf(String name) {
        return account.equals(name);
    }

    Instant seenAt() {
        return seenAt;
    }
}
