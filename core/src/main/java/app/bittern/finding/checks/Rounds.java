package app.bittern.finding.checks;

import app.bittern.call.Bench;
import app.bittern.finding.Examination;
import app.bittern.paths.Reached;
import app.bittern.plan.Ref;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Rounds that calls take without a caller's choice.
final class Rounds {
    private Rounds() {}

    /// A round.
    ///
    /// @param at        where calls come back to
    /// @param takesTime whether a second passes on the way
    record Round(Ref at, boolean takesTime, Optional<Bench> witness) {}

    /// Each round once, by the object that is come back to.
    static List<Round> of(Examination examination) {
        Set<Ref> atOnce = new LinkedHashSet<>();
        for (Ref ref : examination.reached().objects()) {
            examination.reached().exits(ref).stream()
                    .filter(Reached.Exit::endless)
                    .forEach(exit -> exit.back().ifPresent(atOnce::add));
        }
        Map<Ref, Round> rounds = new LinkedHashMap<>();
        for (Ref ref : examination.rounds().objects()) {
            for (Reached.Exit exit : examination.rounds().exits(ref)) {
                if (exit.endless()) {
                    Ref back = exit.back().orElseThrow();
                    rounds.computeIfAbsent(
                            back,
                            at -> new Round(
                                    at,
                                    !atOnce.contains(at),
                                    examination.rounds().witness(exit, cause -> true)));
                }
            }
        }
        return List.copyOf(rounds.values());
    }
}
