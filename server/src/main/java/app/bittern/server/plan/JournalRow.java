package app.bittern.server.plan;

import app.bittern.edit.PlanEdit;
import app.bittern.formats.EditJson;
import app.bittern.plan.Ref;
import jakarta.persistence.Entity;
import jakarta.persistence.IdClass;
import jakarta.persistence.Table;
import java.io.Serializable;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/// One edit: who made it, in which browser, when, and what takes it back. Some columns are only asked for by
/// queries.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "journal")
@IdClass(JournalRow.Id.class)
public class JournalRow {
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
    private @Nullable String session;
    private @Nullable String difference;
    private @Nullable String once;

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
        this.session = change.session();
        this.once = change.once().orElse(null);
    }

    public String says() {
        return says;
    }

    public String account() {
        return account;
    }

    public Instant at() {
        return at;
    }

    public long version() {
        return version;
    }

    public String kind() {
        return kind;
    }

    public PlanEdit edit() {
        return EditJson.read(MAPPER.readTree(edit));
    }

    /// Whether it changes an object.
    public boolean touches(Ref object) {
        return each(edit()).anyMatch(object::equals);
    }

    /// The objects that an edit puts or removes.
    public static Stream<Ref> each(PlanEdit edit) {
        return switch (edit) {
            case PlanEdit.Several(List<PlanEdit> edits) -> edits.stream().flatMap(JournalRow::each);
            case PlanEdit.Put put -> Stream.of(put.object().ref());
            case PlanEdit.Remove remove -> Stream.of(remove.ref());
        };
    }

    public boolean isUndone() {
        return undone;
    }

    public PlanEdit inverse() {
        return EditJson.read(MAPPER.readTree(inverse));
    }

    /// The browser that it came from; empty where that was not noted.
    public Optional<String> session() {
        return Optional.ofNullable(session);
    }

    /// What callers notice of it, as JSON; empty until that has been found.
    public Optional<String> difference() {
        return Optional.ofNullable(difference);
    }

    void undone() {
        this.undone = true;
    }
}
