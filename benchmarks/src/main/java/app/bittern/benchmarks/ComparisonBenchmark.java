package app.bittern.benchmarks;

import app.bittern.compare.Comparison;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import java.util.List;
import org.openjdk.jmh.annotations.Benchmark;

/// Compares a plan with itself after one edit: a group that everybody can reach leads elsewhere.
public class ComparisonBenchmark extends OnePlan {
    private Plan after = Plan.of(List.of());

    @Override
    void prepare() {
        RingGroup group =
                plan().find(new Ref(Kind.RING_GROUP, "g4"), RingGroup.class).orElseThrow();
        after = plan().with(new RingGroup(
                group.key(),
                group.name(),
                group.note(),
                group.number(),
                group.shownAs(),
                group.ringFor(),
                group.members(),
                group.followForwarding(),
                Destination.parse("hang-up"),
                group.busy(),
                group.unreachable()));
    }

    @Benchmark
    public Comparison compare() {
        return Comparison.of(plan(), after, HORIZON);
    }
}
