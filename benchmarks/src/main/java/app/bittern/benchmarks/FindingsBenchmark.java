package app.bittern.benchmarks;

import app.bittern.finding.Catalogue;
import app.bittern.finding.Finding;
import java.util.List;
import org.openjdk.jmh.annotations.Benchmark;

/// Finds everything that is wrong or doubtful, witnesses included.
public class FindingsBenchmark extends OnePlan {

    @Benchmark
    public List<Finding> examine() {
        return Catalogue.examine(plan(), HORIZON);
    }
}
