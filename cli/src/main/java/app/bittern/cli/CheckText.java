package app.bittern.cli;

import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.formats.Places;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.proof.BenchText;
import java.nio.file.Path;
import java.util.List;

/// Findings for people: the worst first, each with its place and a call that shows it.
final class CheckText {
    private CheckText() {}

    static String of(Plan plan, List<Finding> findings, Path file, Places places) {
        Table table = new Table(10, 30);
        for (Finding finding : findings) {
            String place = places.of(finding.object(), finding.field())
                    .map(at -> file.getFileName() + ":" + at.line() + ":" + at.column())
                    .orElse("");
            table.row(finding.severity().word(), finding.code(), finding.says());
            table.row(
                    "",
                    place,
                    finding.witness()
                            .map(bench -> "Try: " + arguments(BenchText.of(plan, bench)))
                            .orElse(""));
            if (finding.places().size() > 1) {
                table.row("", "", "At: " + others(finding, places));
            }
            finding.fixes().forEach(fix -> table.row("", "", "Fix: " + fix.title()));
            finding.accepted().ifPresent(reason -> table.row("", "", "Accepted: " + reason));
        }
        String counts = String.join(
                ", ",
                List.of(Severity.values()).stream()
                        .map(severity -> count(findings, severity) + " " + severity.word())
                        .toList());
        return (findings.isEmpty() ? "" : table + "\n\n") + counts;
    }

    /// The places of a finding that has several, with their lines.
    private static String others(Finding finding, Places places) {
        int most = 12;
        List<String> all = finding.places().stream()
                .limit(most)
                .map(place -> place.object()
                        + place.field().map(Pointer::toString).orElse("")
                        + places.of(place.object(), place.field())
                                .map(at -> " (line " + at.line() + ")")
                                .orElse(""))
                .toList();
        return String.join(", ", all)
                + (finding.places().size() > most ? " and " + (finding.places().size() - most) + " more" : "");
    }

    private static long count(List<Finding> findings, Severity severity) {
        return findings.stream()
                .filter(finding -> finding.severity() == severity)
                .count();
    }

    /// A bench as the options of `trace`.
    static String arguments(BenchText bench) {
        StringBuilder text = new StringBuilder("--to " + bench.to());
        bench.trunk().ifPresent(trunk -> text.append(" --trunk ").append(trunk));
        if (!bench.from().equals("withheld")) {
            text.append(" --from ").append(bench.from());
        }
        text.append(" --at ").append(bench.at());
        if (!bench.keys().isEmpty()) {
            text.append(" --keys ").append(quoted(bench.keys()));
        }
        bench.phones().forEach(phone -> text.append(" --phone \"").append(phone).append('"'));
        bench.switches().forEach(turned -> text.append(" --switch ").append(turned));
        bench.agents().forEach(agent -> text.append(" --agent ").append(quoted(agent)));
        bench.waiting().forEach(line -> text.append(" --waiting ").append(quoted(line)));
        return text.toString();
    }

    private static String quoted(String text) {
        return text.matches("[0-9a-z*#,=/-]*") ? text : '"' + text + '"';
    }
}
