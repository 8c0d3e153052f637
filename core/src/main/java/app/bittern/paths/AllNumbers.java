package app.bittern.paths;

import app.bittern.call.Ending;
import app.bittern.number.E164;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// The paths of all inbound numbers of a plan together.
///
/// Numbers that enter the rounds of the plan in the same way share a graph, and one pass over it tallies them
/// all; so it costs no more than a few numbers by themselves, however many there are.
///
/// @param numbers how many paths each has, in the order of the plan
/// @param returns how many paths come back to where they were
/// @param rounds  how many go round in a tangle for good
/// @param endings how all others end
public record AllNumbers(
        Map<E164, BigInteger> numbers, BigInteger returns, BigInteger rounds, List<CallPaths.Ends> endings) {
    static AllNumbers of(Paths paths) {
        Map<E164, BigInteger> numbers = new LinkedHashMap<>();
        Map<PathGraph, List<CallPaths.Start>> starts = new LinkedHashMap<>();
        List<CallPaths.Ends> endings = new ArrayList<>();
        BigInteger returns = BigInteger.ZERO;
        BigInteger rounds = BigInteger.ZERO;
        for (NumberPaths number : paths.each()) {
            numbers.put(number.called(), number.count());
            returns = returns.add(number.returns());
            rounds = rounds.add(number.rounds());
            starts.computeIfAbsent(number.graph(), graph -> new ArrayList<>()).addAll(number.starts());
            if (!number.unmatchedCalls().isEmpty()) {
                endings.add(new CallPaths.Ends(
                        number.unmatchedEnding(), BigInteger.ONE, Span.NOW, number.unmatchedCalls()));
            }
        }
        Map<Ending, Tallies.Tally> all = new LinkedHashMap<>();
        starts.values()
                .forEach(some -> new Tallies(paths.graph(), some)
                        .endings()
                        .forEach((ending, tally) -> all.merge(ending, tally, Tallies.Tally::and)));
        all.forEach(
                (ending, tally) -> endings.add(new CallPaths.Ends(ending, tally.paths(), tally.span(), tally.calls())));
        return new AllNumbers(numbers, returns, rounds, List.copyOf(endings));
    }

    /// How many paths there are.
    public BigInteger count() {
        return numbers.values().stream().reduce(BigInteger.ZERO, BigInteger::add);
    }
}
