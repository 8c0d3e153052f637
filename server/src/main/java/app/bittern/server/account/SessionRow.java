package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;

/// Somebody signed in, in one browser.
@Entity
@Table(name = "session")
class SessionRow {
    /// SHA-256 of its secret, in hexadecimal.
    @Id
    private String digest = "";

    private String account = "";
    private Instant begunAt = Instant.EPOCH;
    private Instant seenAt = Instant.EPOCH;
    private String address = "";
    private String browser = "";

    protected SessionRow() {}

    SessionRow(String digest, String account, Instant at, String address, String browser) {
        this.digest = digest;
        this.account = account;
        this.begunAt = at;
        this.seenAt = at;
        this.address = address;
        this.browser = browser;
    }

    String digest() {
        return digest;
    }

    String account() {
        return account;
    }

    Instant begunAt() {
        return begunAt;
    }

    Instant seenAt() {
        return seenAt;
    }

    String address() {
        return address;
    }

    String browser() {
        return browser;
    }
}
