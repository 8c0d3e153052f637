package app.bittern.server.account;

import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/// What an account may do at a site, or at every one.
@Entity
@Table(name = "account_right")
class AccountRightRow {
    @Id
    @GeneratedValue(strategy = GenerationType.IDENTITY)
    private @Nullable Long id;

    private String account = "";
    private @Nullable String site;
    private String rights = "";

    protected AccountRightRow() {}

    AccountRightRow(String account, Optional<String> site) {
        this.account = account;
        this.site = site.orElse(null);
    }

    String account() {
        return account;
    }

    Optional<String> site() {
        return Optional.ofNullable(site);
    }

    Set<Right> rights() {
        return Rights.read(rights);
    }

    void rights(Set<Right> rights) {
        this.rights = Rights.written(rights);
    }
}
