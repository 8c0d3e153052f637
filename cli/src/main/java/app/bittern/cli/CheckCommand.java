package app.bittern.cli;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.formats.Json;
import app.bittern.formats.Places;
import app.bittern.formats.PlanFile;
import app.bittern.formats.answer.FindingsJson;
import app.bittern.formats.answer.SarifLog;
import app.bittern.plan.Plan;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/// `bittern check`: says what is wrong or doubtful in a plan, each with a call that shows it.
@Command(
        name = "check",
        mixinStandardHelpOptions = true,
        description = "Says what is wrong or doubtful in a plan, each with a call that shows it.",
        footer = {
            "",
            "Example:",
            "  ./bittern check demo/saltreach.yaml",
            "  ./bittern check plan.yaml --severity blocking --sarif > plan.sarif"
        })
final class CheckCommand extends PlanCommand {
    @Option(names = "--sarif", description = "As SARIF 2.1.0, with line and column in the plan file.")
    private boolean sarif;

    @Option(
            names = "--severity",
            paramLabel = "SEVERITY",
            defaultValue = "warning",
            description = "Exit status 1 from this severity on: blocking, warning (the default) or hint.")
    private String severity = "warning";

    @Option(names = "--accepted", description = "Also those that the plan accepts, with the reason.")
    private boolean accepted;

    @Mixin
    private WeeksArgument weeks = new WeeksArgument();

    @Override
    public Integer call() {
        oneShape(Map.of("--sarif", sarif));
        Severity least = Severity.ofWord(severity)
                .orElseThrow(() -> new Unusable(
                        List.of("--severity: found '" + severity + "'; allowed is blocking, warning or hint.")));
        String text = text();
        PlanFile.Opened opened = PlanFile.open(text);
        Plan plan = PlanArgument.plan(file(), opened.result());
        Places places = opened.places();
        // A log for machines holds the accepted ones too, marked as such.
        List<Finding> findings = Catalogue.examine(plan, weeks.horizon(plan)).stream()
                .filter(finding -> accepted || sarif || finding.accepted().isEmpty())
                .toList();
        if (sarif) {
            say(Json.pretty(SarifLog.of(plan, findings, file(), text, places)));
        } else if (json()) {
            say(Json.pretty(FindingsJson.of(plan, findings)));
        } else {
            say(CheckText.of(plan, findings, file(), places));
        }
        Optional<Finding> bad = findings.stream()
                .filter(finding -> finding.accepted().isEmpty())
                .filter(finding -> finding.severity().compareTo(least) <= 0)
                .findFirst();
        return bad.isPresent() ? Bittern.FOUND : 0;
    }
}
