package app.bittern.server.account;

import jakarta.persistence.MappedSuperclass;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/// What somebody who manages accounts has made to let others in: rights at a site or at every one, until a time.
@MappedSuperclass
abstract class LetIn {
    private @Nullable String site;
    private String rights = "";
    private String madeBy = "";
    private Instant madeAt = Instant.EPOCH;
    private Instant endsAt = Instant.EPOCH;

    protected LetIn() {}

    LetIn(Optional<String> site, Set<Right> rights, String madeBy, Instant madeAt, Instant endsAt) {
        this.site = site.orElse(null);
        this.rights = Rights.written(rights);
        this.madeBy = madeBy;
        this.madeAt = madeAt;
        this.endsAt = endsAt;
    }

    Optional<String> site() {
        return Optional.ofNullable(site);
    }

    Set<Right> rights() {
        return Rights.read(rights);
    }

    String madeBy() {
        return madeBy;
    }

    Instant madeAt() {
        return madeAt;
    }

    Instant endsAt() {
        return endsAt;
    }
}
