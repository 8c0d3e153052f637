package app.bittern.server.object;

import app.bittern.formats.FieldForm;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.plan.Asked;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Fields: what each is, and what can stand in it.
@RestController
@Needs(Need.LOOK)
class FieldController {
    private static final int MOST = 60;

    /// All kinds of object and their fields; the same for every plan.
    @Needs(Need.SIGNED_IN)
    @GetMapping("/api/kinds")
    List<ObjectApi.KindView> kinds() {
        return FieldViews.KINDS;
    }

    /// What can stand in a field.
    ///
    /// @param kind of the object
    /// @param at   the place in it, `/members/0/extension`
    /// @param find a part of number, name or key
    @GetMapping("/api/sites/{site}/{plan}/choices")
    List<ObjectApi.Choice> choices(
            Asked asked,
            @RequestParam String kind,
            @RequestParam String at,
            @RequestParam(defaultValue = "") String find) {
        Kind known = Kind.ofWord(kind)
                .orElseThrow(() -> Refusal.missing("There is no kind '" + Problem.shown(kind) + "' of object."));
        FieldForm form = Pointer.parse(at)
                .flatMap(place -> FieldForm.at(known, place.steps()))
                .orElseThrow(() ->
                        Refusal.missing("There is no field '" + Problem.shown(at) + "' in a " + known.title() + "."));
        return new Choices(asked.plan()).of(form, find);
    }

    /// Which names a new entry of a map can have; empty where any will do.
    ///
    /// @param field the map, `keys`
    @GetMapping("/api/sites/{site}/{plan}/names")
    List<ObjectApi.Choice> names(Asked asked, @RequestParam String object, @RequestParam String field) {
        return Ref.parse(object)
                .flatMap(asked.plan()::find)
                .map(found -> new Choices(asked.plan()).names(found, field))
                .orElseThrow(() -> Refusal.missing("There is no '" + Problem.shown(object) + "' in this plan."));
    }

    /// What a text finds in the whole plan by number, name or key; those that begin with it first.
    ///
    /// @param kind only of this kind
    @GetMapping("/api/sites/{site}/{plan}/find")
    List<ObjectApi.Choice> find(
            Asked asked,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(required = false) @Nullable String kind) {
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        return asked.plan().objects().stream()
                .filter(object -> kind == null || object.ref().kind().word().equals(kind))
                .filter(object -> words(object).contains(wanted))
                .sorted(Comparator.comparing(
                        (PlanObject object) -> !words(object).startsWith(wanted)))
                .limit(MOST)
                .map(object -> new ObjectApi.Choice(
                        object.ref().toString(),
                        object.title(),
                        object.ref().kind().title(),
                        number(object)))
                .sorted(Comparator.comparing((ObjectApi.Choice choice) -> !Choices.begins(choice, wanted))
                        .thenComparingInt(FieldController::rank))
                .limit(MOST)
                .toList();
    }

    /// Numbers that are called come first, then what calls can be sent to.
    private static int rank(ObjectApi.Choice choice) {
        return Ref.parse(choice.value())
                .map(Ref::kind)
                .map(kind -> kind == Kind.NUMBER ? 0 : kind.routable() ? 1 : 2)
                .orElse(2);
    }

    /// The number by which an object is called, inside or from outside, as people read it.
    static Optional<String> number(PlanObject object) {
        return object instanceof InboundNumber inbound
                ? Optional.of(inbound.called().international())
                : object.number();
    }

    private static String words(PlanObject object) {
        String inside = object instanceof InboundNumber inbound
                ? inbound.called().text() + " "
                        + inbound.called().international().replace(" ", "")
                : "";
        return (object.number().orElse("") + inside + " " + object.title() + " "
                        + object.ref().kind().title() + " " + object.ref())
                .strip()
                .toLowerCase(Locale.ROOT);
    }
}
