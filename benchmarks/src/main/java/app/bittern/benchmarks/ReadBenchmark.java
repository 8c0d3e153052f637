package app.bittern.benchmarks;

import app.bittern.formats.PlanFile;
import org.openjdk.jmh.annotations.Benchmark;

/// Reads the plan file, YAML.
public class ReadBenchmark extends OnePlan {
    private String text = "";

    @Override
    void prepare() {
        text = PlanFile.yaml(plan());
    }

    @Benchmark
    public PlanFile.Result read() {
        return PlanFile.read(text);
    }
}
