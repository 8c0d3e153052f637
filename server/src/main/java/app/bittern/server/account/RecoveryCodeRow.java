package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;

/// What gets an account in once in place of its second factor.
@Entity
@Table(name = "recovery_code")
class RecoveryCodeRow {
    /// SHA-256 of it, in hexadecimal.
    @Id
    private String digest = "";

    @SuppressWarnings("UnusedVariable")
    private String account = "";

    protected RecoveryCodeRow() {}

    RecoveryCodeRow(String digest, String account) {
        this.digest = digest;
        this.account = account;
    }
}
