package app.bittern.cli;

import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.formats.TraceJson;
import app.bittern.plan.Plan;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `bittern trace`: what one call does, step by step.
@Command(
        name = "trace",
        mixinStandardHelpOptions = true,
        description = "Says what one call does, step by step, and why.",
        footer = {
            "",
            "Example:",
            "  ./bittern trace demo/saltreach.yaml --to +441632960100 --at 2026-11-24T10:15 --keys 3"
        })
final class TraceCommand implements Callable<Integer> {
    @Spec
    private CommandSpec spec = CommandSpec.create();

    @Parameters(paramLabel = "PLAN", description = "The plan file, YAML or JSON.")
    private Path file = Path.of("");

    @Mixin
    private BenchArguments bench = new BenchArguments();

    @Option(names = "--json", description = "As JSON.")
    private boolean json;

    @Override
    public Integer call() {
        Plan plan = PlanArgument.read(file);
        Trace trace = Tracer.trace(plan, bench.bench(plan));
        PrintWriter out = spec.commandLine().getOut();
        out.println(json ? TraceJson.pretty(trace) : TraceText.of(trace));
        out.flush();
        return 0;
    }
}
