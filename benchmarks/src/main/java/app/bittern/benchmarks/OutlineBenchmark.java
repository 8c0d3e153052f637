package app.bittern.benchmarks;

import app.bittern.outline.Outline;
import app.bittern.outline.Row;
import app.bittern.plan.InboundNumber;
import java.util.List;
import org.openjdk.jmh.annotations.Benchmark;

/// How long the outline of one number takes.
public class OutlineBenchmark extends OnePlan {
    @Benchmark
    public List<Row> outline() {
        return Outline.of(
                plan(),
                plan().all(InboundNumber.class).findFirst().orElseThrow().called());
    }
}
