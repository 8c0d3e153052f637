package app.bittern.server.finding;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Check;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.proof.BenchText;

/// Findings as they are given.
public final class FindingViews {
    private FindingViews() {}

    public static FindingApi.FindingView of(Plan plan, Finding finding) {
        Check check = Catalogue.check(finding.code()).orElseThrow();
        return new FindingApi.FindingView(
                finding.code(),
                check.title(),
                finding.severity(),
                finding.object().toString(),
                finding.object().kind().title() + " " + plan.title(finding.object()),
                finding.field().map(Pointer::toString),
                finding.says(),
                check.advice(),
                finding.calls(),
                finding.witness().map(bench -> BenchText.of(plan, bench)),
                finding.fixes().stream().map(Fix::title).toList(),
                finding.accepted());
    }
}
