package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
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
    private boolean mustChange;
    private byte @Nullable [] factor;
    private byte @Nullable [] factorWanted;

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

    void password(String hash, boolean mustChange) {
        this.password = hash;
        this.mustChange = mustChange;
    }

    boolean mustChange() {
        return mustChange;
    }

    /// The secret of its second factor, which codes are made of: it cannot be kept as a digest.
    Optional<byte[]> factor() {
        return Optional.ofNullable(factor);
    }

    /// A secret that is to become its second factor once a code of it was right.
    Optional<byte[]> factorWanted() {
        return Optional.ofNullable(factorWanted);
    }

    void wantFactor(byte[] secret) {
        this.factorWanted = secret;
    }

    void useFactor() {
        this.factor = factorWanted;
        this.factorWanted = null;
    }

    void dropFactor() {
        this.factor = null;
        this.factorWanted = null;
    }
}
