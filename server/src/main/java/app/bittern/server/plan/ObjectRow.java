package app.bittern.server.plan;

import app.bittern.formats.ObjectJson;
import app.bittern.plan.Kind;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import jakarta.persistence.Entity;
import jakarta.persistence.GeneratedValue;
import jakarta.persistence.GenerationType;
import jakarta.persistence.Id;
import jakarta.persistence.SequenceGenerator;
import jakarta.persistence.Table;
import org.jspecify.annotations.Nullable;
import tools.jackson.databind.json.JsonMapper;

/// One object of a draft. Some columns are only asked for by queries and constraints.
@SuppressWarnings("UnusedVariable")
@Entity
@Table(name = "plan_object")
class ObjectRow {
    /// A block of numbers is taken at a time, as the database's sequence steps by: rows are written in batches.
    private static final String NUMBERS = "plan_object_number";

    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    @Id
    @GeneratedValue(strategy = GenerationType.SEQUENCE, generator = NUMBERS)
    @SequenceGenerator(name = NUMBERS, sequenceName = NUMBERS, allocationSize = 100)
    private @Nullable Long id;

    private String site = "";
    private String kind = "";
    private String key = "";
    private @Nullable String number;
    private @Nullable String name;
    private String body = "";
    private int place;
    private long version;

    protected ObjectRow() {}

    ObjectRow(String site, Ref ref, int place) {
        this.site = site;
        this.kind = ref.kind().word();
        this.key = ref.key();
        this.place = place;
    }

    /// Takes over what the object is at a version of its site.
    ObjectRow holding(PlanObject object, long version) {
        this.number = object.number().orElse(null);
        this.name = object.name().orElse(null);
        this.body = ObjectJson.write(object).toString();
        this.version = version;
        return this;
    }

    int place() {
        return place;
    }

    /// The object.
    ///
    /// @throws IllegalStateException where the row was not written by us
    PlanObject object() {
        Ref ref = new Ref(Kind.ofWord(kind).orElseThrow(), key);
        return switch (ObjectJson.read(ref, MAPPER.readTree(body))) {
            case ObjectJson.Result.Read(PlanObject object) -> object;
            case ObjectJson.Result.Refused(var problems) ->
                throw new IllegalStateException("the database holds what is no " + ref + ": " + problems);
        };
    }
}
