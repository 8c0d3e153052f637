package app.bittern.cli;

import app.bittern.formats.Json;
import app.bittern.formats.Proof;
import app.bittern.formats.ProofJson;
import app.bittern.plan.Plan;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

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
final class ProveCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Parameters(paramLabel = "PLAN", description = "The plan file, YAML or JSON.")
    private Path file = Path.of("");

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    @Option(names = "--junit", description = "As the XML that JUnit writes.")
    private boolean junit;

    @Override
    public Integer call() {
        Plan plan = PlanArgument.read(file);
        List<Proof> proofs = Proof.all(plan);
        PrintWriter out = spec.commandLine().getOut();
        out.println(
                junit
                        ? ProofJson.junit(plan, proofs).stripTrailing()
                        : json ? Json.pretty(ProofJson.of(proofs)) : ProveText.of(proofs));
        out.flush();
        return proofs.stream().allMatch(Proof::passed) ? 0 : Bittern.FOUND;
    }
}
