package app.bittern.cli;

import app.bittern.formats.Json;
import app.bittern.formats.answer.DialJson;
import app.bittern.paths.DialMatrix;
import app.bittern.plan.Plan;
import picocli.CommandLine.Command;

/// `bittern dial`: what the phones of a site may dial.
@Command(
        name = "dial",
        mixinStandardHelpOptions = true,
        description = "What the phones of a site may dial, by class of service and example number.",
        footer = {"", "Example:", "  ./bittern dial demo/saltreach.yaml"})
final class DialCommand extends PlanCommand {
    @Override
    public Integer call() {
        Plan plan = plan();
        DialMatrix matrix = DialMatrix.of(plan);
        say(json() ? Json.pretty(DialJson.of(matrix)) : DialText.of(plan, matrix));
        return 0;
    }
}
