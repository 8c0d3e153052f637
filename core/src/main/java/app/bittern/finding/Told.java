package app.bittern.finding;

import app.bittern.edit.PlanEdit;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Makes one finding of those that say the same of several places, so that thirteen mailboxes are read once.
public final class Told {
    /// How many things a sentence names.
    private static final int NAMED = 5;

    private Told() {}

    /// What is the same in findings that are told together.
    private record Same(
            String code, Severity severity, Finding.Likewise likewise, Kind kind, Optional<String> accepted) {}

    /// The findings, those of which the same is to be said as one, at the place of the first.
    static List<Finding> together(Plan plan, List<Finding> findings) {
        Map<Object, List<Finding>> same = new LinkedHashMap<>();
        for (Finding finding : findings) {
            Object key = finding.likewise()
                    .<Object>map(likewise -> new Same(
                            finding.code(),
                            finding.severity(),
                            likewise,
                            finding.object().kind(),
                            finding.accepted()))
                    .orElse(finding);
            same.computeIfAbsent(key, k -> new ArrayList<>()).add(finding);
        }
        return same.values().stream()
                .flatMap(some -> several(some) ? Stream.of(one(plan, some)) : some.stream())
                .toList();
    }

    /// Whether they are at several objects: what is to be said of one twice has a sentence each.
    private static boolean several(List<Finding> some) {
        return some.stream().map(Finding::object).distinct().limit(2).count() == 2;
    }

    private static Finding one(Plan plan, List<Finding> some) {
        Finding first = some.getFirst();
        Finding.Likewise likewise = first.likewise().orElseThrow();
        List<Ref> objects = some.stream().map(Finding::object).distinct().toList();
        String names = objects.getFirst().kind().several() + " "
                + some(objects.stream().map(plan::title).toList());
        List<Fix> fixes =
                some.stream().flatMap(finding -> finding.fixes().stream()).toList();
        return new Finding(
                first.code(),
                first.severity(),
                some.stream().flatMap(finding -> finding.places().stream()).toList(),
                some.stream()
                        .flatMap(finding -> finding.values().stream())
                        .distinct()
                        .toList(),
                names.substring(0, 1).toUpperCase(Locale.ROOT) + names.substring(1) + " " + likewise.says() + ".",
                first.likewise(),
                some.stream()
                        .flatMap(finding -> finding.calls().stream())
                        .distinct()
                        .toList(),
                some.stream().flatMap(finding -> finding.witness().stream()).findFirst(),
                likewise.fix().isEmpty() || fixes.size() < some.size()
                        ? List.of()
                        : List.of(new Fix(
                                likewise.fix() + " " + names,
                                new PlanEdit.Several(
                                        fixes.stream().map(Fix::edit).toList()))),
                first.accepted());
    }

    /// `a, b and c`, the first few of them.
    public static String some(List<String> all) {
        if (all.size() > NAMED) {
            return String.join(", ", all.subList(0, NAMED)) + " and " + (all.size() - NAMED) + " more";
        }
        return all.size() < 2
                ? String.join("", all)
                : String.join(", ", all.subList(0, all.size() - 1)) + " and " + all.getLast();
    }
}
