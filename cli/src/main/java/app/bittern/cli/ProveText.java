package app.bittern.cli;

import app.bittern.plan.Seconds;
import app.bittern.proof.Proof;
import java.util.List;

/// Test calls for people.
final class ProveText {
    private ProveText() {}

    static String of(List<Proof> proofs) {
        if (proofs.isEmpty()) {
            return "The plan has no test calls.";
        }
        Table table = new Table(8, 40, 8);
        for (Proof proof : proofs) {
            String second =
                    proof.trace().map(trace -> Seconds.clock(trace.second())).orElse("");
            String ended =
                    proof.trace().map(trace -> EndingText.of(trace.ending())).orElse("not made");
            table.row(proof.passed() ? "passed" : "FAILED", proof.call().title(), second, ended);
            proof.failures().forEach(failure -> table.row("", "", "", failure));
        }
        long failed = proofs.stream().filter(proof -> !proof.passed()).count();
        return table + "\n\n" + (proofs.size() - failed) + " passed, " + failed + " failed";
    }
}
