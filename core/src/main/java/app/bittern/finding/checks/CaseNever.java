package app.bittern.finding.checks;

import app.bittern.call.Condition;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.paths.Reachable;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Hours;
import app.bittern.plan.Lookup;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// A case of a branch for something that is never so.
final class CaseNever implements Check {
    private static final About ABOUT = new About(
            "case-never",
            "Case never possible",
            Severity.WARNING,
            "A case of a branch for something that is never so, or that no call comes to.",
            "What stands in the case never happens; often its name is misspelt. Rename it, move it up, or take it away.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Set<Ref> inside = Inside.of(examination.plan());
        return examination
                .plan()
                .all(Branch.class)
                .filter(branch -> branch.by()
                        .target()
                        .map(ref -> examination.plan().find(ref).isPresent())
                        .orElse(true))
                .flatMap(branch -> never(examination, branch, inside.contains(branch.ref())).stream())
                .toList();
    }

    /// @param inside whether a phone in the site can come to it, of which no path tells yet
    private static List<Finding> never(Examination examination, Branch branch, boolean inside) {
        Plan plan = examination.plan();
        List<String> possible = Cases.possible(plan, branch);
        List<Finding> findings = new ArrayList<>();
        Set<String> told = new LinkedHashSet<>(neverHolding(examination, branch));
        for (String state : branch.cases().keySet()) {
            if (told.contains(state)) {
                continue;
            }
            Optional<String> why =
                    impossible(plan, branch, possible, state).or(() -> takenBefore(examination, branch, state));
            why.ifPresent(reason -> {
                told.add(state);
                findings.add(ABOUT.at(
                                branch.ref(),
                                Pointer.of("cases", state),
                                Says.the(branch) + " has a case " + state + ", " + reason + ".")
                        .of(state));
            });
        }
        boolean allSet = !possible.isEmpty() && possible.stream().allMatch(branch.cases()::containsKey);
        if (allSet && branch.otherwise().isPresent()) {
            told.add(Branch.OTHERWISE);
            findings.add(ABOUT.at(
                    branch.ref(),
                    Pointer.of(Branch.OTHERWISE),
                    Says.the(branch) + " has a case for everything, so its else never happens."));
        }
        if (!inside && examination.reached().comesTo(branch.ref())) {
            findings.addAll(keptAway(examination, branch, told));
        }
        return findings;
    }

    /// The states of hours of which another finding says that they never hold.
    private static Set<String> neverHolding(Examination examination, Branch branch) {
        return branch.by() instanceof Branch.By.OfHours(Ref ref)
                ? examination
                        .plan()
                        .find(ref, Hours.class)
                        .map(examination::never)
                        .orElse(Set.of())
                : Set.of();
    }

    /// Why what a case is for can never be.
    private static Optional<String> impossible(Plan plan, Branch branch, List<String> possible, String state) {
        if (!possible.isEmpty()) {
            return possible.contains(state)
                    ? Optional.empty()
                    : Optional.of("which " + branch.by().text() + " never is; it is " + String.join(", ", possible));
        }
        if (!state.startsWith("tag ")) {
            return Optional.empty();
        }
        String tag = state.substring(4);
        Optional<Lookup> lookup = asked(plan, branch);
        if (lookup.isPresent()) {
            return lookup.get().tags().contains(tag)
                    ? Optional.empty()
                    : Optional.of("which " + Says.the(lookup.get()) + " does not give");
        }
        boolean carried =
                plan.all(Contact.class).anyMatch(contact -> contact.tags().contains(tag));
        boolean set = branch.by() instanceof Branch.By.OfCaller && setByMenu(plan, tag);
        return carried || set ? Optional.empty() : Optional.of("and nobody has the tag " + tag);
    }

    /// The lookup whose answers a branch goes by.
    private static Optional<Lookup> asked(Plan plan, Branch branch) {
        Optional<Ref> by = branch.by() instanceof Branch.By.OfAsk(Ref ask)
                ? plan.find(ask, Ask.class).flatMap(Ask::lookup)
                : branch.by().target();
        return by.flatMap(ref -> plan.find(ref, Lookup.class));
    }

    /// Whether something in the plan gives callers a tag.
    private static boolean setByMenu(Plan plan, String tag) {
        return plan.objects().stream()
                .flatMap(object -> object.gives().stream())
                .anyMatch(sets -> sets.tags().contains(tag));
    }

    /// Why a case for callers has none left to it by the cases before.
    private static Optional<String> takenBefore(Examination examination, Branch branch, String state) {
        Optional<Route.From> callers =
                branch.by() instanceof Branch.By.OfCaller ? Branch.callers(state) : Optional.empty();
        boolean carriedAlong =
                state.startsWith("tag ") && setByMenu(examination.plan(), state.substring("tag ".length()));
        if (callers.isEmpty() || carriedAlong) {
            return Optional.empty();
        }
        List<Route.From> before = branch.cases().keySet().stream()
                .takeWhile(one -> !one.equals(state))
                .flatMap(one -> Branch.callers(one).stream())
                .toList();
        return examination
                        .paths()
                        .graph()
                        .calls(new Condition.CallerIs(before, callers))
                        .isEmpty()
                ? Optional.of("and the cases before it take all of its callers")
                : Optional.empty();
    }

    /// Cases that could be, and that no call comes to because of what stands before the branch.
    private static List<Finding> keptAway(Examination examination, Branch branch, Set<String> told) {
        Reachable reached = examination.reached();
        Set<Pointer> taken = new LinkedHashSet<>();
        for (Reachable.Exit exit : reached.exits(branch.ref())) {
            exit.causes().forEach(cause -> reached.slot(exit, cause).ifPresent(taken::add));
        }
        List<Finding> findings = new ArrayList<>();
        for (String state : branch.cases().keySet()) {
            Pointer at = Pointer.of("cases", state);
            Optional<Pointer> leads = branch.taken(state).map(one -> one.slot("cases", state));
            if (!told.contains(state) && leads.filter(taken::contains).isEmpty()) {
                findings.add(ABOUT.at(
                                branch.ref(),
                                at,
                                Says.the(branch) + " has a case " + state
                                        + ", and no such call comes here: what leads here lets none through.")
                        .of(state));
            }
        }
        Pointer otherwise = Pointer.of(Branch.OTHERWISE);
        if (!told.contains(Branch.OTHERWISE)
                && branch.otherwise()
                        .map(one -> one.slot(Branch.OTHERWISE))
                        .filter(slot -> !taken.contains(slot))
                        .isPresent()) {
            findings.add(ABOUT.at(
                    branch.ref(),
                    otherwise,
                    Says.the(branch) + " has an else, and every call that comes here is in a case before."));
        }
        return findings;
    }
}
