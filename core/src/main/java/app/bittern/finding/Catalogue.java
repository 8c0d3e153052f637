package app.bittern.finding;

import app.bittern.finding.checks.AcceptedGone;
import app.bittern.finding.checks.Checks;
import app.bittern.hours.Horizon;
import app.bittern.plan.Accepted;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Seconds;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// All checks, in the order in which their findings are read.
public final class Catalogue {
    private Catalogue() {}

    public static List<Check> checks() {
        return Checks.ALL;
    }

    /// The check of that code.
    public static Optional<Check> check(String code) {
        return Checks.ALL.stream().filter(check -> check.code().equals(code)).findFirst();
    }

    /// The code most like one that no check has.
    public static Optional<String> nearest(String code) {
        return Checks.nearest(code);
    }

    /// Everything found in a plan, the worst first; what the plan accepts is marked so.
    ///
    /// @param horizon the 53 weeks looked at
    public static List<Finding> examine(Plan plan, Horizon horizon) {
        return examine(new Examination(plan, horizon), done -> {});
    }

    /// The same of an examination that others may ask too.
    ///
    /// @param before told before each check how many have been made
    /// @throws java.util.concurrent.CancellationException where the examination is not wanted any more
    public static List<Finding> examine(Examination examination, IntConsumer before) {
        Plan plan = examination.plan();
        Set<Accepted> met = new LinkedHashSet<>();
        List<Finding> found = IntStream.range(0, checks().size())
                .boxed()
                .flatMap(index -> {
                    examination.wanted().check();
                    before.accept(index);
                    return checks().get(index).examine(examination).stream();
                })
                .map(finding -> {
                    List<Accepted> by = accepted(plan, finding);
                    met.addAll(by);
                    return by.isEmpty()
                            ? finding
                            : finding.acceptedBecause(by.getFirst().reason());
                })
                .collect(Collectors.toCollection(ArrayList::new));
        AcceptedGone.examine(examination, met).stream()
                .map(finding -> {
                    List<Accepted> by = accepted(plan, finding);
                    return by.isEmpty()
                            ? finding
                            : finding.acceptedBecause(by.getFirst().reason());
                })
                .forEach(found::add);
        found.sort(Comparator.comparing(Finding::severity));
        return Told.together(plan, found).stream()
                .map(finding -> finding.witness().isPresent()
                        ? finding
                        : finding.shownBy(check(finding.code()).orElseThrow().witness(finding, examination)))
                .toList();
    }

    /// Everything found in a plan in the weeks from a day on.
    public static List<Finding> examine(Plan plan, LocalDate from) {
        return examine(plan, Horizon.around(from, plan.site().timeZone()));
    }

    private static List<Accepted> accepted(Plan plan, Finding finding) {
        return plan.all(Accepted.class)
                .filter(one -> one.code().equals(finding.code())
                        && one.about().equals(finding.object())
                        && normal(one.values()).equals(normal(finding.values()))
                        && samePlace(
                                one.field(), finding.field(), !finding.values().isEmpty()))
                .toList();
    }

    /// Whether two addresses are of the same place; where values tell what stands there, its position in a
    /// list is not asked for, as it changes when another entry is put before it.
    private static boolean samePlace(Optional<Pointer> one, Optional<Pointer> other, boolean told) {
        return one.equals(other) || (told && one.map(Pointer::anywhere).equals(other.map(Pointer::anywhere)));
    }

    /// Durations as they are said, however they were written: `90s` is `1m30s`.
    private static List<String> normal(List<String> values) {
        return values.stream()
                .map(value -> Seconds.parse(value).map(Seconds::toString).orElse(value))
                .toList();
    }
}
