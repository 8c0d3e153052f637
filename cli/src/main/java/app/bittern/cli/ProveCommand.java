package app.bittern.cli;

import app.bittern.formats.Json;
import app.bittern.formats.answer.ProofJson;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.paths.Paths;
import app.bittern.plan.Plan;
import app.bittern.promise.Kept;
import app.bittern.proof.Proof;
import java.util.List;
import java.util.Map;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;

/// `bittern prove`: makes the plan's test calls and says which do not do what is expected.
@Command(
        name = "prove",
        mixinStandardHelpOptions = true,
        description = "Makes the plan's test calls and looks whether its promises hold for every call.",
        footer = {
            "",
            "Example:",
            "  ./bittern prove demo/saltreach.yaml",
            "  ./bittern prove plan.yaml --junit > test-calls.xml"
        })
final class ProveCommand extends PlanCommand {
    @Option(names = "--junit", description = "As the XML that JUnit writes.")
    private boolean junit;

    @Mixin
    private WeeksArgument weeks = new WeeksArgument();

    @Override
    public Integer call() {
        oneShape(Map.of("--junit", junit));
        Plan plan = plan();
        List<Proof> proofs = Proof.all(plan);
        Horizon horizon = weeks.horizon(plan);
        List<Kept> promises = Kept.all(plan, horizon, () -> Paths.of(plan, horizon), Wanted.ALWAYS);
        say(
                junit
                        ? ProofJson.junit(plan, proofs, promises).stripTrailing()
                        : json()
                                ? Json.pretty(ProofJson.of(plan, proofs, promises))
                                : ProveText.of(plan, proofs, promises));
        boolean good =
                proofs.stream().allMatch(Proof::passed) && promises.stream().allMatch(Kept::kept);
        return good ? 0 : Bittern.FOUND;
    }
}
