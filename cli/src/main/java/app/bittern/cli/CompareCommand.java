package app.bittern.cli;

import app.bittern.compare.Comparison;
import app.bittern.formats.Json;
import app.bittern.formats.answer.ComparisonJson;
import app.bittern.plan.Plan;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `bittern compare`: says which calls end elsewhere after a change, and what has changed.
@Command(
        name = "compare",
        mixinStandardHelpOptions = true,
        description = "Says which calls end elsewhere after a change, and what has changed.",
        footer = {"", "Example:", "  ./bittern compare before.yaml after.yaml"})
final class CompareCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Parameters(index = "0", paramLabel = "BEFORE", description = "The plan before, YAML or JSON; - is standard input.")
    private Path before = Path.of("");

    @Parameters(index = "1", paramLabel = "AFTER", description = "The plan after.")
    private Path after = Path.of("");

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    @Mixin
    private WeeksArgument weeks = new WeeksArgument();

    @Override
    public Integer call() {
        if (before.equals(after) && before.equals(PlanArgument.STANDARD_INPUT)) {
            throw new Unusable(List.of("AFTER: found - twice; allowed is standard input for one of the two plans."));
        }
        Plan one = PlanArgument.read(spec, before);
        Plan other = PlanArgument.read(spec, after);
        Comparison comparison = Comparison.of(one, other, weeks.horizon(one));
        PrintWriter out = spec.commandLine().getOut();
        out.println(json ? Json.pretty(ComparisonJson.of(comparison, one)) : CompareText.of(comparison, one, other));
        out.flush();
        return comparison.noticed().isEmpty() && comparison.objects().none() ? 0 : Bittern.FOUND;
    }
}
