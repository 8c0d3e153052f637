package app.bittern.cli;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.formats.answer.TraceJson;
import app.bittern.plan.Plan;
import app.bittern.telling.Telling;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;

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
final class TraceCommand extends PlanCommand {
    @Mixin
    private BenchArguments bench = new BenchArguments();

    @Override
    public Integer call() {
        Plan plan = plan();
        Bench call = bench.bench(plan);
        Trace trace = Tracer.trace(plan, call);
        Telling telling = new Telling(plan, call);
        say(json() ? TraceJson.pretty(telling, trace) : TraceText.of(telling, trace));
        return 0;
    }
}
