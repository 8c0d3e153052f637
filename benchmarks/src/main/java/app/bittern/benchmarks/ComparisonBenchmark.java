package app.bittern.benchmarks;

import app.bittern.compare.Comparison;
import app.bittern.plan.Plan;
import org.openjdk.jmh.annotations.Benchmark;

/// Compares a plan with itself after one edit: a group that everybody can reach leads elsewhere.
public class ComparisonBenchmark extends OnePlan {
    private Plan after = BigPlans.of(BigPlans.SMALLEST);

    @Override
    void prepare() {
        after = BigPlans.edited(plan());
    }

    @Benchmark
    public Comparison compare() {
        return Comparison.of(plan(), after, HORIZON);
    }
}
