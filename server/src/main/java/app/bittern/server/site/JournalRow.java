package app.bittern.server.site;

import app.bittern.edit.PlanEdit;
import app.bittern.formats.EditJson;
import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/// One edit: who made it, when, and what takes it back. Some columns are only asked for by queries.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "journal")
@IdClass(JournalRow.Id.class)
class JournalRow {
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    /// A site and the version that the edit led to.
    record Id(String site, long version) implements Serializable {}

    @jakarta.persistence.Id
    private String site = "";

    @jakarta.persistence.Id
    private long version;

    private String account = "";
    private Instant at = Instant.EPOCH;
    private String kind = "";
    private String says = "";
    private String edit = "";
    private String inverse = "";
    private @Nullable Long undoes;
    private boolean undone;

    protected JournalRow() {}

    JournalRow(String site, long version, Change change, PlanEdit inverse, Instant at) {
        this.site = site;
        this.version = version;
        this.account = change.account();
        this.at = at;
        this.kind = change.kind();
        this.says = change.says();
        this.edit = EditJson.write(change.edit()).toString();
        this.inverse = EditJson.write(inverse).toString();
        this.undoes = change.undoes().orElse(null);
    }

    String says() {
        return says;
    }

    String account() {
        return account;
    }

    Instant at() {
        return at;
    }

    long version() {
        return version;
    }

    String kind() {
        return kind;
    }

    PlanEdit edit() {
        return EditJson.read(MAPPER.readTree(edit));
    }

    boolean isUndone() {
        return undone;
    }

    PlanEdit inverse() {
        return EditJson.read(MAPPER.readTree(inverse));
    }

    void undone() {
        this.undone = true;
    }
}
