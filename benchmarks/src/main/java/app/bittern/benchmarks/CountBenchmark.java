package app.bittern.benchmarks;

import app.bittern.paths.Paths;
import java.math.BigInteger;
import org.openjdk.jmh.annotations.Benchmark;

/// Counts every path of all inbound numbers, the graph included.
public class CountBenchmark extends OnePlan {

    @Benchmark
    public BigInteger count() {
        return Paths.of(plan(), HORIZON).count();
    }
}
