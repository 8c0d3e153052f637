package app.bittern.cli;

import app.bittern.plan.Plan;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// A command on one plan file that answers people, or programs in JSON.
abstract class PlanCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Parameters(paramLabel = "PLAN", description = "The plan file, YAML or JSON; - is standard input.")
    private Path file = Path.of("");

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    Path file() {
        return file;
    }

    /// The plan in the file.
    Plan plan() {
        return PlanArgument.read(spec, file);
    }

    /// The text of the file.
    String text() {
        return PlanArgument.text(spec, file);
    }

    boolean json() {
        return json;
    }

    /// @throws Unusable where what is found is asked for in another shape beside JSON
    void oneShape(Map<String, Boolean> others) {
        others.forEach((option, given) -> {
            if (given && json) {
                throw new Unusable(List.of(option + ": found --json beside it; allowed is one of the two."));
            }
        });
    }

    /// Writes a text and a line's end.
    void say(String text) {
        PrintWriter out = spec.commandLine().getOut();
        out.println(text);
        out.flush();
    }
}
