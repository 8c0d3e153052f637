package app.bittern.server.call;

import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.formats.FieldForm;
import app.bittern.outline.Part;
import app.bittern.outline.Row;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.BitSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Rows of an outline as they are given, with the findings at them.
final class Rows {
    // Findings by their place in the list: to hash one with all that its fixes do takes as long as it is large.
    private final Map<Finding.Place, BitSet> atPlace = new HashMap<>();
    private final Map<Ref, BitSet> atObject = new HashMap<>();
    private final BitSet blocking = new BitSet();

    Rows(List<Finding> findings) {
        for (int index = 0; index < findings.size(); index++) {
            Finding finding = findings.get(index);
            blocking.set(index, finding.severity() == Severity.BLOCKING);
            for (Finding.Place place : finding.places()) {
                atPlace.computeIfAbsent(place, one -> new BitSet()).set(index);
                atObject.computeIfAbsent(place.object(), one -> new BitSet()).set(index);
            }
        }
    }

    CallApi.RowView row(Row row) {
        BitSet here = here(row);
        return new CallApi.RowView(
                row.number(),
                row.depth(),
                row.window().earliest(),
                row.window().latest(),
                row.parts().stream().map(Rows::part).toList(),
                row.arrivals(),
                row.object().map(Object::toString),
                row.asRow(),
                row.uses(),
                row.field()
                        .map(place -> new CallApi.PlaceView(
                                place.object().toString(), place.field().toString())),
                row.field().flatMap(Rows::entry),
                adds(row),
                row.holdsRow(),
                row.leftOut(),
                here.cardinality(),
                here.intersects(blocking));
    }

    /// The entry of a map that a field is of, such as a menu's key; it goes where its row is removed.
    private static Optional<String> entry(Row.Place place) {
        List<String> steps = place.field().steps();
        return steps.size() >= 2
                        && FieldForm.at(place.object().kind(), steps.subList(0, 1))
                                .filter(FieldForm::named)
                                .isPresent()
                ? Optional.of(new Pointer(steps.subList(0, 2)).toString())
                : Optional.empty();
    }

    /// Where an entry can be added at a row: in the map that its object has, or that its field is of.
    private static Optional<CallApi.PlaceView> adds(Row row) {
        Optional<CallApi.PlaceView> own = row.asRow().isEmpty() ? row.object().flatMap(Rows::map) : Optional.empty();
        return own.or(() -> row.field()
                .filter(place -> entry(place).isPresent())
                .map(place -> new CallApi.PlaceView(
                        place.object().toString(),
                        new Pointer(place.field().steps().subList(0, 1)).toString())));
    }

    private static Optional<CallApi.PlaceView> map(Ref object) {
        return Optional.of(object)
                .filter(one -> one.kind().routable())
                .flatMap(one -> FieldForm.of(one.kind()).stream()
                        .filter(FieldForm::named)
                        .findFirst())
                .map(form -> new CallApi.PlaceView(object.toString(), new Pointer(List.of(form.name())).toString()));
    }

    /// A finding is shown where its destination is given, and at its object.
    private BitSet here(Row row) {
        BitSet here = new BitSet();
        row.field()
                .map(field -> atPlace.get(new Finding.Place(field.object(), Optional.of(field.field()))))
                .ifPresent(here::or);
        if (row.asRow().isEmpty()) {
            row.object().map(atObject::get).ifPresent(here::or);
        }
        return here;
    }

    private static CallApi.PartView part(Part part) {
        return new CallApi.PartView(
                part.style(),
                part.text(),
                part.edit()
                        .map(edit -> new CallApi.TokenView(
                                edit.object().toString(), edit.field().toString(), edit.value())));
    }
}
