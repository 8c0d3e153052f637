package app.bittern.call;

import app.bittern.hours.Calendar;
import app.bittern.hours.HoursState;
import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Hours;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/// A branch takes one case, at once.
final class BranchBehaviour implements Behaviour<Branch> {
    private static final String MISSING = "missing";
    private static final String OTHERWISE = "else";

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
            case Branch.By.OfCaller caller -> byCaller(branch, scene);
            case Branch.By.OfLanguage language -> List.of(one(branch, scene, language(branch, scene)));
            case Branch.By.OfAsk(Ref ask) ->
                scene.plan().find(ask).isPresent()
                        ? List.of(one(branch, scene, found(branch, scene, ask)))
                        : missing(scene);
        };
    }

    /// Every case, whatever the caller carries: what an outline shows.
    static List<Outcome> everyCase(Branch branch, Scene scene) {
        return switch (branch.by()) {
            case Branch.By.OfLanguage language -> allCases(branch, scene);
            case Branch.By.OfAsk ask -> allCases(branch, scene);
            case Branch.By.OfHours hours -> new BranchBehaviour().outcomes(branch, scene);
            case Branch.By.OfSwitch turned -> new BranchBehaviour().outcomes(branch, scene);
            case Branch.By.OfCaller caller -> new BranchBehaviour().outcomes(branch, scene);
        };
    }

    private static List<Outcome> allCases(Branch branch, Scene scene) {
        Stream<String> otherwise = branch.otherwise().isPresent() ? Stream.of(OTHERWISE) : Stream.empty();
        return Stream.concat(branch.cases().keySet().stream(), otherwise)
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
        Outcome outcome = Outcome.of(new Cause.Case(state), Window.NOW, scene.onward(branch.destination(state)));
        boolean own = branch.cases().containsKey(state) || (branch.otherwise().isEmpty() && !state.equals(OTHERWISE));
        return own ? outcome.by("cases", state) : outcome.by(OTHERWISE);
    }

    /// Each case is for those whom no case before it is for; a tag that a menu has set holds whoever calls.
    private static List<Outcome> byCaller(Branch branch, Scene scene) {
        List<Outcome> outcomes = new ArrayList<>();
        List<Route.From> before = new ArrayList<>();
        for (String state : branch.cases().keySet()) {
            Optional<Route.From> callers = Branch.callers(state);
            if (callers.isEmpty()) {
                continue;
            }
            boolean set = setByMenu(scene, callers.get());
            outcomes.add(one(branch, scene, state).given(condition(before, set ? Optional.empty() : callers)));
            if (set) {
                return outcomes;
            }
            before.add(callers.get());
        }
        outcomes.add(one(branch, scene, OTHERWISE).given(condition(before, Optional.empty())));
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
        return branch.cases().containsKey(spoken) ? spoken : OTHERWISE;
    }

    /// The first case that what was found for the digits is: a tag of the contact, `found` or `not-found`.
    private static String found(Branch branch, Scene scene, Ref ask) {
        Optional<Contact> contact = scene.context()
                .keyedIn(ask)
                .flatMap(Context.Entry::contact)
                .flatMap(ref -> scene.plan().find(ref, Contact.class));
        return branch.cases().keySet().stream()
                .filter(state -> contact.map(known -> state.equals("found")
                                || (state.startsWith("tag ") && known.tags().contains(state.substring(4))))
                        .orElse(state.equals("not-found")))
                .findFirst()
                .orElse(OTHERWISE);
    }

    @Override
    public Decision decide(Branch branch, Scene scene, BenchInHand bench) {
        return switch (branch.by()) {
            case Branch.By.OfHours(Ref ref) ->
                scene.plan()
                        .find(ref, Hours.class)
                        .map(hours -> decideByHours(branch, scene, bench, hours))
                        .orElseGet(() -> decideMissing(branch, ref));
            case Branch.By.OfSwitch(Ref ref) ->
                scene.plan()
                        .find(ref, Switch.class)
                        .map(turned -> decideBySwitch(branch, scene, bench.bench(), turned))
                        .orElseGet(() -> decideMissing(branch, ref));
            case Branch.By.OfCaller caller -> decideByCaller(branch, scene, bench.bench());
            case Branch.By.OfLanguage language ->
                decided(
                        branch,
                        scene,
                        language(branch, scene),
                        "The language is " + scene.context().language(),
                        List.of());
            case Branch.By.OfAsk(Ref ask) ->
                scene.plan().find(ask).isPresent() ? decideByAsk(branch, scene, ask) : decideMissing(branch, ask);
        };
    }

    private static Decision decideMissing(Branch branch, Ref ref) {
        return Decision.of(
                new Cause.Case(MISSING),
                0,
                branch.title() + " asks " + ref + ", which is missing",
                List.of(),
                List.of(Why.not(ref.toString(), "there is no such object in the plan")));
    }

    private static Decision decided(Branch branch, Scene scene, String state, String what, List<Why> before) {
        List<Why> why = new ArrayList<>(before);
        if (why.isEmpty()) {
            branch.cases()
                    .keySet()
                    .forEach(one ->
                            why.add(one.equals(state) ? Why.held("case " + one, what) : Why.not("case " + one, what)));
            if (!branch.cases().containsKey(state)) {
                why.add(Why.held(OTHERWISE, "no case holds"));
            }
        }
        return Decision.of(
                new Cause.Case(state), 0, what + ": to " + scene.words(branch.destination(state)), List.of(), why);
    }

    private static Decision decideBySwitch(Branch branch, Scene scene, Bench bench, Switch turned) {
        String position = bench.position(turned);
        List<Why> why = turned.positions().stream()
                .map(one -> one.equals(position)
                        ? Why.held(
                                turned.title() + ": " + one,
                                bench.switches().containsKey(turned.ref())
                                        ? "turned to it on the bench"
                                        : "the live position")
                        : Why.not(turned.title() + ": " + one, "the switch is at " + position))
                .toList();
        return decided(branch, scene, position, turned.title() + " is at " + position, why);
    }

    private static Decision decideByCaller(Branch branch, Scene scene, Bench bench) {
        List<Why> why = new ArrayList<>();
        String who = Callers.contact(scene.plan(), bench.caller())
                .map(contact -> "the caller is " + contact.title()
                        + (contact.tags().isEmpty() ? "" : ", tagged " + String.join(", ", contact.tags())))
                .orElseGet(() -> bench.caller()
                        .delivered()
                        .map(number -> "the caller is " + number)
                        .orElse("the caller is withheld"));
        Optional<String> taken = Optional.empty();
        for (String state : branch.cases().keySet()) {
            boolean holds = Branch.callers(state)
                    .filter(callers -> setByMenu(scene, callers) || Callers.is(scene.plan(), bench.caller(), callers))
                    .isPresent();
            if (holds && taken.isEmpty()) {
                taken = Optional.of(state);
                why.add(Why.held("case " + state, who));
            } else {
                why.add(Why.not("case " + state, taken.isPresent() ? "a case before it holds" : who));
            }
        }
        if (taken.isEmpty()) {
            why.add(Why.held(OTHERWISE, "no case holds"));
        }
        return decided(branch, scene, taken.orElse(OTHERWISE), branch.title() + ": " + who, why);
    }

    private static Decision decideByAsk(Branch branch, Scene scene, Ref ask) {
        String what = scene.context()
                .keyedIn(ask)
                .flatMap(Context.Entry::contact)
                .map(contact -> "The digits are those of " + scene.title(contact))
                .orElse("The digits are nobody's");
        return decided(branch, scene, found(branch, scene, ask), what, List.of());
    }

    private static Decision decideByHours(Branch branch, Scene scene, BenchInHand bench, Hours hours) {
        Calendar calendar = hours.calendar();
        int holds = calendar.indexAt(bench.local());
        String state = calendar.states().get(holds).state();
        List<Why> why = new ArrayList<>();
        for (int index = 0; bench.reasons() && index < calendar.states().size(); index++) {
            HoursState one = calendar.states().get(index);
            String rule = hours.title() + ": " + one.state() + " (" + one.rulesInWords() + ")";
            if (index == holds) {
                why.add(Why.held(
                        rule, one.unconditional() ? "no state before it holds" : "the first state that holds"));
            } else {
                why.add(Why.not(rule, one.failing(bench.local()).orElse("a state before it holds")));
            }
        }
        return Decision.of(
                new Cause.Case(state),
                0,
                hours.title() + " " + (hours.title().endsWith("s") ? "are " : "is ") + state + ": to "
                        + scene.words(branch.destination(state)),
                List.of(),
                why);
    }
}
