package app.bittern.server.object;

import app.bittern.edit.Fresh;
import app.bittern.finding.Finding;
import app.bittern.formats.FieldForm;
import app.bittern.formats.ObjectJson;
import app.bittern.formats.PlanSchema;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.finding.FindingViews;
import app.bittern.server.finding.Findings;
import app.bittern.server.plan.Asked;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/// The objects of a plan.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class ObjectController {
    private final Findings findings;
    private final Reaching reaching;

    ObjectController(Findings findings, Reaching reaching) {
        this.findings = findings;
        this.reaching = reaching;
    }

    private static Kind kind(String word) {
        return Kind.ofWord(word)
                .orElseThrow(() -> Refusal.missing("There is no kind '" + Problem.shown(word) + "' of object."));
    }

    /// All objects of a kind: a window on them.
    ///
    /// @param find    a part of number, name or key
    /// @param order   key, title, number or a field; as the plan has them where absent
    /// @param from    the first row, from 0
    /// @param rows    how many, 500 at most
    /// @param column  fields whose values are given, as people read them
    @GetMapping("/objects/{kind}")
    ObjectApi.ListView objects(
            Asked asked,
            @PathVariable String kind,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(required = false) @Nullable String order,
            @RequestParam(defaultValue = "false") boolean descending,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "100") int rows,
            @RequestParam(required = false) @Nullable List<String> column) {
        return new ObjectList(
                        kind(kind),
                        find,
                        order,
                        descending,
                        Math.max(0, from),
                        rows,
                        column == null ? List.of() : column)
                .of(asked.plan(), asked.version());
    }

    /// One object with what belongs on its sheet.
    @GetMapping("/objects/{kind}/{key}")
    ObjectApi.ObjectView object(Asked asked, @PathVariable String kind, @PathVariable String key) {
        Plan plan = asked.plan();
        PlanObject object = asked.object(kind(kind), key);
        Ref ref = object.ref();
        JsonNode body = ObjectJson.write(object);
        Findings.State known = findings.of(asked, Duration.ZERO);
        return new ObjectApi.ObjectView(
                ref.toString(),
                ref.kind().title(),
                ref.key(),
                object.title(),
                object.number(),
                asked.version(),
                body,
                new Said(plan).all(ref.kind(), body),
                object.slots().stream()
                        .map(slot -> new ObjectApi.SlotView(
                                slot.at().toString(), slot.role().words(), slot.missing()))
                        .toList(),
                Reaching.uses(plan, ref),
                known.current(),
                known.findings().stream()
                        .filter(finding -> about(finding, ref))
                        .map(finding -> FindingViews.of(known.plan(), finding))
                        .toList());
    }

    private static boolean about(Finding finding, Ref ref) {
        return finding.places().stream().anyMatch(place -> place.object().equals(ref));
    }

    /// Who reaches an object, when and after how long, and a call that does. Where calls do not come to such an
    /// object, who reaches what it is used in: that its hours decide, or where its prompt is said.
    @GetMapping("/objects/{kind}/{key}/reached")
    ObjectApi.ReachedView reached(Asked asked, @PathVariable String kind, @PathVariable String key) {
        return reaching.of(asked, asked.object(kind(kind), key).ref());
    }

    /// What a new object of a kind can begin as: its number and key are free.
    ///
    /// @param like the key of one that it is a copy of
    /// @param name what it is to be called
    @GetMapping("/fresh/{kind}")
    ObjectApi.FreshView fresh(
            Asked asked,
            @PathVariable String kind,
            @RequestParam(required = false) @Nullable String like,
            @RequestParam(defaultValue = "") String name) {
        Plan plan = asked.plan();
        Kind known = kind(kind);
        Fresh fresh = Fresh.in(plan);
        Optional<PlanObject> copied = Optional.ofNullable(like).map(key -> asked.object(known, key));
        ObjectNode body = copied.map(ObjectJson::write)
                .map(ObjectNode.class::cast)
                .orElseGet(JsonNodeFactory.instance::objectNode);
        String called = copied.map(fresh::name).orElse(name.strip());
        boolean named = FieldForm.at(known, List.of("name")).isPresent();
        if (named && !called.isEmpty()) {
            body.put("name", called);
        }
        if (copied.isEmpty()) {
            Beginnings.put(known, body);
        }
        body.remove("number");
        if (FieldForm.at(known, List.of("number")).isPresent()) {
            fresh.number(known).ifPresent(number -> body.put("number", number));
        }
        return new ObjectApi.FreshView(
                known.word(), fresh.key(known, called).orElse(""), body, asks(known, body, copied.isPresent()));
    }

    /// Where something must stand, what else is needed, and what it is made for.
    private static List<String> asks(Kind kind, ObjectNode body, boolean copy) {
        if (copy) {
            return List.of();
        }
        List<String> asks = new ArrayList<>();
        FieldForm.of(kind).stream()
                .filter(form -> !body.has(form.name()))
                .filter(form -> form.needed() || Fresh.meant(kind).contains(form.name()))
                .forEach(form -> asks.add("/" + form.name()));
        if (ObjectJson.read(new Ref(kind, PlanSchema.sample(kind)), body)
                instanceof ObjectJson.Result.Read(PlanObject object)) {
            object.slots().stream()
                    .filter(slot -> slot.missing())
                    .forEach(slot -> asks.add(slot.at().toString()));
        }
        return asks.stream().distinct().toList();
    }
}
