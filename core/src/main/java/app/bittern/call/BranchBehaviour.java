package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Lookup;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BooleanSupplier;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// A branch takes one case, at once.
final class BranchBehaviour implements Behaviour<Branch> {
    private static final String MISSING = "missing";
    private static final List<String> FOUND_OR_NOT = List.of(Answer.FOUND, Answer.NOT_FOUND);
    private static final List<String> ANSWERED_OR_NOT = List.of(Answer.FOUND, Answer.NOT_FOUND, Answer.FAILED);

    @Override
    public List<Outcome> outcomes(Branch branch, Scene scene) {
        return switch (branch.by()) {
            case Branch.By.OfHours(Ref ref) ->
                scene.plan()
                        .find(ref, Hours.class)
                        .map(hours -> cases(
                                branch,
                                scene,
                                hours.calendar().names(),
                                state -> new Condition.HoursIn(hours.ref(), state)))
                        .orElseGet(() -> missing(scene));
            case Branch.By.OfSwitch(Ref ref) ->
                scene.plan()
                        .find(ref, Switch.class)
                        .map(turned -> cases(
                                branch,
                                scene,
                                turned.positions(),
                                position -> new Condition.SwitchIn(turned.ref(), position)))
                        .orElseGet(() -> missing(scene));
            case Branch.By.OfCaller caller -> byCaller(branch, scene, state -> true);
            case Branch.By.OfLanguage language -> List.of(one(branch, scene, language(branch, scene)));
            case Branch.By.OfAsk(Ref ask) ->
                scene.plan().find(ask).isPresent()
                        ? List.of(one(branch, scene, found(branch, scene, ask)))
                        : missing(scene);
            case Branch.By.OfLookup(Ref ref) ->
                scene.plan()
                        .find(ref, Lookup.class)
                        .map(lookup -> byLookup(branch, lookup, scene))
                        .orElseGet(() -> missing(scene));
        };
    }

    /// What a lookup has said before is known; else it is asked now.
    private static List<Outcome> byLookup(Branch branch, Lookup lookup, Scene scene) {
        return scene.context()
                .foundBy(lookup.ref())
                .map(known -> List.of(one(branch, scene, known.taken(branch, scene.plan()))))
                .orElseGet(() -> asking(branch, lookup, scene));
    }

    private static List<Outcome> asking(Branch branch, Lookup lookup, Scene scene) {
        return Answer.all(lookup.tags()).stream()
                .map(answer -> outcome(
                        branch,
                        scene,
                        answer.taken(branch, scene.plan()),
                        new Cause.Looked(answer, false),
                        AskBehaviour.lookupTakes(lookup, answer),
                        scene.context().found(lookup.ref(), answer)))
                .toList();
    }

    /// A case for callers is made alone: there may be thousands, and each names all before it.
    @Override
    public List<Outcome> outcomes(Branch branch, Scene scene, Cause cause) {
        return branch.by() instanceof Branch.By.OfCaller && cause instanceof Cause.Case(String state)
                ? byCaller(branch, scene, state::equals)
                : Behaviour.super.outcomes(branch, scene, cause);
    }

    /// Every case, whatever the caller carries: what an outline shows.
    static List<Outcome> everyCase(Branch branch, Scene scene) {
        return switch (branch.by()) {
            case Branch.By.OfLanguage language ->
                allCases(
                        branch,
                        scene,
                        state -> true,
                        () -> branch.cases()
                                .keySet()
                                .containsAll(scene.plan().site().languages()));
            case Branch.By.OfAsk(Ref ask) ->
                scene.plan().find(ask).isPresent()
                        ? allCases(
                                branch,
                                scene,
                                state -> true,
                                () -> branch.cases().keySet().containsAll(FOUND_OR_NOT))
                        : missing(scene);
            case Branch.By.OfLookup(Ref ref) ->
                scene.plan()
                        .find(ref, Lookup.class)
                        .map(lookup -> Stream.concat(
                                        asking(branch, lookup, scene).stream(),
                                        allCases(
                                                branch,
                                                scene,
                                                state -> true,
                                                () -> branch.cases().keySet().containsAll(ANSWERED_OR_NOT))
                                                .stream())
                                .toList())
                        .orElseGet(() -> missing(scene));
            case Branch.By.OfCaller caller ->
                allCases(branch, scene, state -> Branch.callers(state).isPresent(), () -> false);
            case Branch.By.OfHours hours -> new BranchBehaviour().outcomes(branch, scene);
            case Branch.By.OfSwitch turned -> new BranchBehaviour().outcomes(branch, scene);
        };
    }

    /// @param can  whether a case can hold at all
    /// @param full whether the cases leave nothing for `else`, where none is given
    private static List<Outcome> allCases(Branch branch, Scene scene, Predicate<String> can, BooleanSupplier full) {
        boolean others = branch.otherwise().isPresent() || !full.getAsBoolean();
        return Stream.concat(
                        branch.cases().keySet().stream().filter(can),
                        others ? Stream.of(Branch.OTHERWISE) : Stream.empty())
                .map(state -> one(branch, scene, state))
                .toList();
    }

    private static List<Outcome> missing(Scene scene) {
        return List.of(Outcome.of(new Cause.Case(MISSING), Window.NOW, scene.lost(Ending.Lost.HOLE))
                .by("by"));
    }

    private static List<Outcome> cases(
            Branch branch, Scene scene, List<String> states, Function<String, Condition> condition) {
        return Stream.concat(branch.cases().keySet().stream(), states.stream())
                .distinct()
                .filter(states::contains)
                .map(state -> one(branch, scene, state).given(condition.apply(state)))
                .toList();
    }

    private static Outcome one(Branch branch, Scene scene, String state) {
        return outcome(branch, scene, state, new Cause.Case(state), Window.NOW, scene.context());
    }

    private static Outcome outcome(
            Branch branch, Scene scene, String state, Cause cause, Window window, Context carrying) {
        Optional<Branch.Case> taken = branch.taken(state);
        Context after = taken.map(one -> carrying.given(one.sets()).greeted(one.greetAs()))
                .orElse(carrying);
        boolean own =
                branch.cases().containsKey(state) || (branch.otherwise().isEmpty() && !state.equals(Branch.OTHERWISE));
        String[] steps = own ? new String[] {"cases", state} : new String[] {Branch.OTHERWISE};
        return Outcome.of(cause, window, scene.onward(taken.map(Branch.Case::to), after))
                .at(taken.map(one -> one.slot(steps)).orElseGet(() -> Pointer.of((Object[]) steps)));
    }

    /// Each case is for those whom no case before it is for; a tag that a menu has set holds whoever calls.
    ///
    /// @param asked which of the cases are made
    private static List<Outcome> byCaller(Branch branch, Scene scene, Predicate<String> asked) {
        List<Outcome> outcomes = new ArrayList<>();
        List<Route.From> before = new ArrayList<>();
        for (String state : branch.cases().keySet()) {
            Optional<Route.From> callers = Branch.callers(state);
            if (callers.isEmpty()) {
                continue;
            }
            if (scene.context().from() instanceof Origin.Inside inside) {
                // Who calls is known: the first case that holds is the only one.
                if (setByMenu(scene, callers.get()) || inside.is(scene.plan(), callers.get())) {
                    return asked.test(state) ? List.of(one(branch, scene, state)) : List.of();
                }
                continue;
            }
            boolean set = setByMenu(scene, callers.get());
            if (asked.test(state)) {
                outcomes.add(one(branch, scene, state).given(condition(before, set ? Optional.empty() : callers)));
            }
            if (set) {
                return outcomes;
            }
            before.add(callers.get());
        }
        if (asked.test(Branch.OTHERWISE)) {
            outcomes.add(one(branch, scene, Branch.OTHERWISE).given(condition(before, Optional.empty())));
        }
        return outcomes;
    }

    private static Condition condition(List<Route.From> none, Optional<Route.From> is) {
        return none.isEmpty() && is.isEmpty() ? new Condition.Always() : new Condition.CallerIs(none, is);
    }

    private static boolean setByMenu(Scene scene, Route.From callers) {
        return callers instanceof Route.From.Tag(String tag)
                && scene.context().tags().contains(tag);
    }

    private static String language(Branch branch, Scene scene) {
        String spoken = scene.context().language();
        return branch.cases().containsKey(spoken) ? spoken : Branch.OTHERWISE;
    }

    /// The first case that what was found for the digits is: a tag of the contact, `found` or `not-found`.
    private static String found(Branch branch, Scene scene, Ref ask) {
        return scene.context().foundBy(ask).orElseGet(Answer.Nobody::new).taken(branch, scene.plan());
    }

    @Override
    public Decision decide(Branch branch, Scene scene, BenchInHand bench) {
        if (branch.by() instanceof Branch.By.OfLookup(Ref ref)
                && scene.context().foundBy(ref).isEmpty()
                && scene.plan().find(ref, Lookup.class).isPresent()) {
            Found.Says says = bench.says(scene.plan().find(ref, Lookup.class).orElseThrow());
            return Decision.of(
                    new Cause.Looked(says.answer(), false),
                    says.after(),
                    AskBehaviour.lookingUp(0, says.after()),
                    new Account.Branched(branch, scene.context()));
        }
        return Decision.atOnce(
                new Cause.Case(taken(branch, scene, bench)), new Account.Branched(branch, scene.context()));
    }

    /// The state that the bench is in.
    private static String taken(Branch branch, Scene scene, BenchInHand bench) {
        return switch (branch.by()) {
            case Branch.By.OfHours(Ref ref) ->
                scene.plan()
                        .find(ref, Hours.class)
                        .map(hours -> hours.at(scene.plan().site()).stateAt(bench.local()))
                        .orElse(MISSING);
            case Branch.By.OfSwitch(Ref ref) ->
                scene.plan()
                        .find(ref, Switch.class)
                        .map(turned -> bench.bench().position(turned))
                        .orElse(MISSING);
            case Branch.By.OfCaller by ->
                branch.cases().keySet().stream()
                        .filter(state -> holds(state, scene, bench.bench().caller()))
                        .findFirst()
                        .orElse(Branch.OTHERWISE);
            case Branch.By.OfLanguage language -> language(branch, scene);
            case Branch.By.OfAsk(Ref ask) -> scene.plan().find(ask).isPresent() ? found(branch, scene, ask) : MISSING;
            case Branch.By.OfLookup(Ref lookup) ->
                scene.context()
                        .foundBy(lookup)
                        .map(known -> known.taken(branch, scene.plan()))
                        .orElse(MISSING);
        };
    }

    private static boolean holds(String state, Scene scene, Caller caller) {
        return Branch.callers(state)
                .filter(callers -> setByMenu(scene, callers) || Callers.is(scene.plan(), caller, callers))
                .isPresent();
    }
}
