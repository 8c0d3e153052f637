package app.bittern.benchmarks;

import app.bittern.formats.PlanFile;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Threads;
import org.openjdk.jmh.annotations.Warmup;
/// Reads the plan file, YAML.

@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 8)
@Measurement(iterations = 8)
@Fork(
        value = 1,
        jvmArgs = {"-Xmx8g", "-XX:+UseSerialGC"})
@Threads(1)
public class ReadBenchmark {
    @Param({"500", "5000", "50000"})
    private int extensions;

    private String text = "";

    @Setup
    public void write() {
        text = PlanFile.yaml(BigPlans.of(extensions));
    }

    @Benchmark
    public PlanFile.Result read() {
        return PlanFile.read(text);
    }
}
