package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;

/// Somebody who may sign in.
@Entity
@Table(name = "account")
class AccountRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String name = "";
    private String password = "";

    protected AccountRow() {}

    AccountRow(String name, String password) {
        this.name = name;
        this.password = password;
    }

    String name() {
        return name;
    }

    /// The hash, never the password itself.
    String password() {
        return password;
    }

    void password(String hash) {
        this.password = hash;
    }
}
