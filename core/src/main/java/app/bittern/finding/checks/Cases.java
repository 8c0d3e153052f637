package app.bittern.finding.checks;

import app.bittern.call.Answer;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import java.util.List;
import java.util.stream.Stream;

/// What a branch can be asked, and for what of it it has no case.
final class Cases {
    private Cases() {}

    /// Every state that the thing asked can be in; empty where anything is possible.
    static List<String> possible(Plan plan, Branch branch) {
        return switch (branch.by()) {
            case Branch.By.OfHours(Ref ref) ->
                plan.find(ref, Hours.class)
                        .map(hours -> hours.calendar().names())
                        .orElse(List.of());
            case Branch.By.OfSwitch(Ref ref) ->
                plan.find(ref, Switch.class).map(Switch::positions).orElse(List.of());
            case Branch.By.OfLanguage language -> plan.site().languages();
            case Branch.By.OfCaller caller -> List.of();
            case Branch.By.OfAsk ask -> List.of();
            case Branch.By.OfLookup lookup -> List.of();
        };
    }

    /// The states without a destination.
    static List<String> missing(Plan plan, Branch branch) {
        if (branch.otherwise().isPresent()) {
            return List.of();
        }
        return switch (branch.by()) {
            case Branch.By.OfHours hours -> without(plan, branch);
            case Branch.By.OfSwitch turned -> without(plan, branch);
            case Branch.By.OfLanguage language -> without(plan, branch);
            case Branch.By.OfCaller caller -> List.of(Branch.OTHERWISE);
            case Branch.By.OfAsk ask -> without(branch, Answer.FOUND, Answer.NOT_FOUND);
            case Branch.By.OfLookup lookup -> without(branch, Answer.FOUND, Answer.NOT_FOUND, Answer.FAILED);
        };
    }

    private static List<String> without(Branch branch, String... states) {
        return Stream.of(states)
                .filter(state -> !branch.cases().containsKey(state))
                .toList();
    }

    private static List<String> without(Plan plan, Branch branch) {
        return possible(plan, branch).stream()
                .filter(state -> !branch.cases().containsKey(state))
                .toList();
    }
}
