package app.bittern.cli;

import app.bittern.formats.Json;
import app.bittern.formats.answer.ProofJson;
import app.bittern.plan.Plan;
import app.bittern.proof.Proof;
import java.util.List;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

/// `bittern prove`: makes the plan's test calls and says which do not do what is expected.
@Command(
        name = "prove",
        mixinStandardHelpOptions = true,
        description = "Makes the plan's test calls and says which do not do what is expected.",
        footer = {
            "",
            "Example:",
            "  ./bittern prove demo/saltreach.yaml",
            "  ./bittern prove plan.yaml --junit > test-calls.xml"
        })
final class ProveCommand extends PlanCommand {
    @Option(names = "--junit", description = "As the XML that JUnit writes.")
    private boolean junit;

    @Override
    public Integer call() {
        Plan plan = PlanArgument.read(file());
        List<Proof> proofs = Proof.all(plan);
        say(
                junit
                        ? ProofJson.junit(plan, proofs).stripTrailing()
                        : json() ? Json.pretty(ProofJson.of(proofs)) : ProveText.of(proofs));
        return proofs.stream().allMatch(Proof::passed) ? 0 : Bittern.FOUND;
    }
}
