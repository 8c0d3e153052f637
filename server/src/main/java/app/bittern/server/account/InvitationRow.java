package app.bittern.server.account;

import jakarta.persistence.Column;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;

/// A link that lets somebody in, good once.
@Entity
@Table(name = "invitation")
class InvitationRow extends LetIn {
    /// SHA-256 of its secret, in hexadecimal.
    @Id
    private String digest = "";

    /// Given by the database: what it is called by those who may not use it.
    @Column(insertable = false, updatable = false)
    private long id;

    private String says = "";

    protected InvitationRow() {}

    InvitationRow(
            String digest,
            Optional<String> site,
            Set<Right> rights,
            String says,
            String madeBy,
            Instant madeAt,
            Instant endsAt) {
        super(site, rights, madeBy, madeAt, endsAt);
        this.digest = digest;
        this.says = says;
    }

    String digest() {
        return digest;
    }

    long id() {
        return id;
    }

    String says() {
        return says;
    }
}
