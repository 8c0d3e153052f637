package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.TestCall;
import app.bittern.proof.Proof;
import java.util.stream.Stream;

/// A kept test call that does not do what is expected of it.
final class TestCallFailed extends PerObject<TestCall> {
    private static final About ABOUT = new About(
            "test-call-failed",
            "Test call failed",
            Severity.WARNING,
            "A test call that does not do what is expected of it.",
            "Either the plan or the expectation is wrong. Trace it, and change the one that is.");

    TestCallFailed() {
        super(ABOUT, TestCall.class);
    }

    @Override
    Stream<Finding> look(TestCall call, Examination examination) {
        Proof proof = Proof.of(examination.plan(), call);
        return proof.passed()
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                call.ref(),
                                Says.the(call) + " failed: "
                                        + proof.failures().getFirst().replaceAll("\\.$", "") + ".")
                        .of(proof.failures().toArray())
                        .shownBy(Proof.bench(examination.plan(), call)));
    }
}
