package app.bittern.server.site;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Check;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.outline.Part;
import app.bittern.outline.Row;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.proof.BenchText;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// Turns values of the core into what the API gives.
final class Views {
    private Views() {}

    static Api.NumberView number(Plan plan, InboundNumber number) {
        return new Api.NumberView(
                number.called().text(),
                number.called().international(),
                number.title(),
                number.status().name().toLowerCase(Locale.ROOT),
                number.due().map(Object::toString),
                number.trunk().map(plan::title));
    }

    static Api.FindingView finding(Plan plan, Finding finding) {
        Check check = Catalogue.check(finding.code()).orElseThrow();
        return new Api.FindingView(
                finding.code(),
                check.title(),
                finding.severity().word(),
                finding.object().toString(),
                finding.field().map(Pointer::toString),
                finding.says(),
                check.advice(),
                finding.calls(),
                finding.witness().map(bench -> BenchText.of(plan, bench)),
                finding.fixes().stream().map(Fix::title).toList());
    }

    static Api.RowView row(Row row, List<Finding> findings) {
        return new Api.RowView(
                row.number(),
                row.depth(),
                row.window().earliest(),
                row.window().latest(),
                row.parts().stream().map(Views::part).toList(),
                row.arrivals(),
                row.object().map(Object::toString),
                row.asRow(),
                row.uses(),
                row.field()
                        .map(place -> new Api.PlaceView(
                                place.object().toString(), place.field().toString())),
                row.holdsRow(),
                (int) findings.stream().filter(finding -> at(row, finding)).count());
    }

    /// A finding is shown where its destination is given, else at the object.
    private static boolean at(Row row, Finding finding) {
        boolean place = row.field().stream()
                .anyMatch(field ->
                        finding.places().contains(new Finding.Place(field.object(), Optional.of(field.field()))));
        boolean inside = row.asRow().isEmpty()
                && row.object()
                        .filter(object -> finding.places().stream()
                                .anyMatch(one -> one.object().equals(object)))
                        .isPresent()
                && row.parts().stream().anyMatch(part -> part.style() == Part.Style.LOST);
        return place || inside;
    }

    private static Api.PartView part(Part part) {
        return new Api.PartView(
                part.style().name().toLowerCase(Locale.ROOT),
                part.text(),
                part.edit()
                        .map(edit -> new Api.TokenView(
                                edit.object().toString(),
                                edit.field().toString(),
                                edit.type().name().toLowerCase(Locale.ROOT),
                                edit.value(),
                                edit.help())));
    }
}
