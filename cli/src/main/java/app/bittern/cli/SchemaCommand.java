package app.bittern.cli;

import app.bittern.formats.PlanReference;
import app.bittern.formats.PlanSchema;
import java.io.PrintWriter;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// `bittern schema`: writes the JSON Schema (2020-12) of the plan file.
@Command(
        name = "schema",
        mixinStandardHelpOptions = true,
        description = "Writes the JSON Schema (2020-12) of the plan file.",
        footer = {"", "Example:", "  ./bittern schema > plan.schema.json"})
final class SchemaCommand implements Callable<Integer> {
    @Option(names = "--tables", description = "The fields as tables (Markdown) instead, with what each is for.")
    private boolean tables;

    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Override
    public Integer call() {
        PrintWriter out = spec.commandLine().getOut();
        out.print(tables ? PlanReference.text() : PlanSchema.json());
        out.flush();
        return 0;
    }
}
