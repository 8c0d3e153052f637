package app.bittern.cli;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// A command on one plan file that answers people, or programs in JSON.
abstract class PlanCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Parameters(paramLabel = "PLAN", description = "The plan file, YAML or JSON.")
    private Path file = Path.of("");

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    Path file() {
        return file;
    }

    boolean json() {
        return json;
    }

    /// Writes a text and a line's end.
    void say(String text) {
        PrintWriter out = spec.commandLine().getOut();
        out.println(text);
        out.flush();
    }
}
