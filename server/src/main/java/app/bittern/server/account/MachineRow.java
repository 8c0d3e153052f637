package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/// A machine that asks by itself, with a token.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "machine")
class MachineRow extends LetIn {
    @Id
    private String name = "";

    /// SHA-256 of its token, in hexadecimal.
    private String digest = "";

    private @Nullable Instant usedAt;

    protected MachineRow() {}

    MachineRow(
            String name, String digest, String site, Set<Right> rights, String madeBy, Instant madeAt, Instant endsAt) {
        super(Optional.of(site), rights, madeBy, madeAt, endsAt);
        this.name = name;
        this.digest = digest;
    }

    String name() {
        return name;
    }

    Optional<Instant> usedAt() {
        return Optional.ofNullable(usedAt);
    }
}
