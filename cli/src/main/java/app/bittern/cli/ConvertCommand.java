package app.bittern.cli;

import app.bittern.formats.PlanFile;
import app.bittern.plan.Plan;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `bittern convert`: writes a plan as YAML or JSON.
@Command(
        name = "convert",
        mixinStandardHelpOptions = true,
        description = "Writes a plan as YAML or JSON.",
        footer = {"", "Example:", "  ./bittern convert demo/saltreach.yaml --as json > saltreach.json"})
final class ConvertCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Parameters(paramLabel = "PLAN", description = "The plan file, YAML or JSON; - is standard input.")
    private Path file = Path.of("");

    @Option(names = "--as", paramLabel = "FORMAT", description = "yaml or json; the other of the two where absent.")
    private Optional<String> format = Optional.empty();

    @Override
    public Integer call() {
        Plan plan = PlanArgument.read(spec, file);
        String wanted = format.orElseGet(() -> file.toString().endsWith(".json") ? "yaml" : "json");
        String text = switch (wanted) {
            case "json" -> PlanFile.json(plan);
            case "yaml" -> PlanFile.yaml(plan);
            default -> throw new Unusable(List.of("--as: found '" + wanted + "'; allowed is yaml or json."));
        };
        PrintWriter out = spec.commandLine().getOut();
        out.print(text);
        out.flush();
        return 0;
    }
}
