package app.bittern.server.difference;

import app.bittern.compare.Comparison;
import app.bittern.compare.Difference;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.proof.BenchText;
import app.bittern.telling.InWords;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;
import java.util.stream.Collectors;

/// A comparison as it is shown.
final class Noticing {
    /// So many are kept with an edit; of the others their number is told.
    private static final int MOST = 20;

    private Noticing() {}

    static DifferenceApi.Noticed of(Comparison comparison, Plan before, Plan after) {
        List<Difference> all = comparison.noticed();
        return new DifferenceApi.Noticed(
                limited(comparison),
                all.size(),
                all.stream()
                        .limit(MOST)
                        .map(one -> difference(one, before, after))
                        .toList());
    }

    /// What was left out is said with what was found.
    private static String limited(Comparison comparison) {
        String says = says(comparison);
        return comparison
                .limit()
                .map(limit -> "of what was compared: " + says + ". " + limit)
                .orElse(says);
    }

    private static String says(Comparison comparison) {
        List<Difference> all = comparison.noticed();
        int dialled = comparison.dialled().size();
        int shown =
                comparison.shown().stream().mapToInt(one -> one.phones().size()).sum();
        if (all.isEmpty() && dialled == 0 && shown == 0) {
            return "callers notice nothing";
        }
        List<String> parts = new ArrayList<>();
        part(parts, all, "ends elsewhere", "end elsewhere", one -> one.notice() == Difference.Notice.ENDS);
        part(parts, all, "takes longer", "take longer", one -> waits(one) > 0);
        part(parts, all, "takes less long", "take less long", one -> waits(one) < 0);
        part(parts, all, "hears otherwise", "hear otherwise", one -> one.notice() == Difference.Notice.HEARS);
        part(parts, all, "is shown otherwise", "are shown otherwise", one -> one.notice() == Difference.Notice.SHOWN);
        part(
                parts,
                all,
                "sets off something else",
                "set off something else",
                one -> one.notice() == Difference.Notice.SETS_OFF);
        if (dialled > 0) {
            parts.add(
                    dialled == 1
                            ? "1 thing that phones dial does something else"
                            : dialled + " things that phones dial do something else");
        }
        if (shown > 0) {
            parts.add(
                    shown == 1
                            ? "1 phone shows another number outside"
                            : shown + " phones show another number outside");
        }
        return String.join(", ", parts);
    }

    private static int waits(Difference one) {
        return one.notice() == Difference.Notice.WAITS
                ? Integer.compare(one.after().second(), one.before().second())
                : 0;
    }

    /// Calls are counted by the way that they take, not one by one.
    private static void part(
            List<String> parts, List<Difference> all, String one, String several, Predicate<Difference> which) {
        List<Difference> these = all.stream().filter(which).toList();
        if (!these.isEmpty()) {
            parts.add(these.size() == 1 ? "1 kind of call " + one : these.size() + " kinds of call " + several);
        }
    }

    private static DifferenceApi.Difference difference(Difference one, Plan before, Plan after) {
        return new DifferenceApi.Difference(
                one.notice().word(),
                one.calling().words(after, before),
                title(one.at(), after, before),
                one.when(),
                one.caller(),
                one.choices(),
                side(one, one.before(), before),
                side(one, one.after(), after),
                one.witness().map(bench -> BenchText.of(before, bench)));
    }

    private static String title(Ref ref, Plan first, Plan second) {
        return first.find(ref).isPresent() ? first.title(ref) : second.title(ref);
    }

    private static String side(Difference one, Difference.Side side, Plan plan) {
        return switch (one.notice()) {
            case ENDS ->
                side.ending()
                        .map(ending -> InWords.ended(plan, ending) + " " + Seconds.after(side.second()))
                        .or(() -> side.leads().map(plan::title))
                        .orElse("nowhere");
            case WAITS -> Seconds.clock(side.second());
            case HEARS, SHOWN, SETS_OFF ->
                side.words().isEmpty() ? "nothing" : side.words().stream().collect(Collectors.joining("; "));
        };
    }
}
