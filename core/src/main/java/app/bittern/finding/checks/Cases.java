package app.bittern.finding.checks;

import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Split;
import app.bittern.plan.Switch;
import java.util.List;
import java.util.stream.Stream;

/// What a split can be asked, and for what of it it has no case.
final class Cases {
    private Cases() {}

    /// Every state that the thing asked can be in; empty where anything is possible.
    static List<String> possible(Plan plan, Split split) {
        return switch (split.by()) {
            case Split.By.OfHours(Ref ref) ->
                plan.find(ref, Hours.class)
                        .map(hours -> hours.calendar().names())
                        .orElse(List.of());
            case Split.By.OfSwitch(Ref ref) ->
                plan.find(ref, Switch.class).map(Switch::positions).orElse(List.of());
            case Split.By.OfLanguage language -> plan.site().languages();
            case Split.By.OfCaller caller -> List.of();
            case Split.By.OfAsk ask -> List.of();
        };
    }

    /// The states without a destination.
    static List<String> missing(Plan plan, Split split) {
        if (split.otherwise().isPresent()) {
            return List.of();
        }
        return switch (split.by()) {
            case Split.By.OfHours hours -> without(plan, split);
            case Split.By.OfSwitch turned -> without(plan, split);
            case Split.By.OfLanguage language -> without(plan, split);
            case Split.By.OfCaller caller -> List.of("else");
            case Split.By.OfAsk ask ->
                Stream.of("found", "not-found")
                        .filter(state -> !split.cases().containsKey(state))
                        .toList();
        };
    }

    private static List<String> without(Plan plan, Split split) {
        return possible(plan, split).stream()
                .filter(state -> !split.cases().containsKey(state))
                .toList();
    }
}
