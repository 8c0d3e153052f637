package app.bittern.cli;

import app.bittern.plan.Plan;
import app.bittern.plan.Seconds;
import app.bittern.promise.Kept;
import app.bittern.proof.BenchText;
import app.bittern.proof.Proof;
import java.util.List;

/// Test calls and promises for people.
final class ProveText {
    private ProveText() {}

    static String of(Plan plan, List<Proof> proofs, List<Kept> promises) {
        String calls = calls(proofs);
        return promises.isEmpty() ? calls : calls + "\n\n" + promises(plan, promises);
    }

    private static String promises(Plan plan, List<Kept> promises) {
        Table table = new Table(8);
        for (Kept kept : promises) {
            table.row(kept.kept() ? "kept" : "BROKEN", kept.promise().title());
            kept.missing(plan).forEach(against -> table.row("", against));
            kept.breaches().forEach(breach -> {
                table.row("", breach.says(plan));
                breach.witness()
                        .ifPresent(bench -> table.row("", "Try: " + CheckText.arguments(BenchText.of(plan, bench))));
            });
            kept.limit().ifPresent(limit -> table.row("", limit));
        }
        long broken = promises.stream().filter(kept -> !kept.kept()).count();
        return table + "\n\n" + (promises.size() - broken) + " kept, " + broken + " broken";
    }

    private static String calls(List<Proof> proofs) {
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
