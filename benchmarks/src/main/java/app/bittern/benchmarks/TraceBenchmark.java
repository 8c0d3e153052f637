package app.bittern.benchmarks;

import app.bittern.call.Bench;
import app.bittern.call.KeyPress;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.InboundNumber;
import app.bittern.telling.Telling;
import app.bittern.telling.Told;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.Warmup;

/// Traces a call through three menus to a group that nobody answers.
@BenchmarkMode(Mode.AverageTime)
@Warmup(iterations = 5, time = 2)
@Measurement(iterations = 5, time = 2)
public class TraceBenchmark extends OnePlan {
    private Bench bench = Bench.of(new E164("+441632960100"), new Caller.Withheld(), Instant.EPOCH);

    @Override
    void prepare() {
        KeyPress one = new KeyPress("1", false);
        bench = new Bench(
                plan().all(InboundNumber.class)
                        .skip(3)
                        .findFirst()
                        .orElseThrow()
                        .called(),
                new Caller.Withheld(),
                Instant.parse("2026-11-24T10:15:00Z"),
                List.of(one, one, one),
                Map.of());
    }

    @Benchmark
    public Trace trace() {
        return Tracer.trace(plan(), bench);
    }

    /// The same with its sentences: what happened at each step, and why, down to every route that did not hold.
    @Benchmark
    public List<Told> told() {
        Telling telling = new Telling(plan(), bench);
        return Tracer.trace(plan(), bench).steps().stream().map(telling::told).toList();
    }
}
