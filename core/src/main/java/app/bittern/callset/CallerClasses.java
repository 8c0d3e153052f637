package app.bittern.callset;

import app.bittern.call.Callers;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// Divides all callers into classes that every rule of a plan treats alike, with one caller of each.
///
/// Cost: callers that are named, and prefixes, times rules.
final class CallerClasses {
    /// A caller whom plans are not expected to name: a number reserved for fiction.
    private static final String ANYBODY = "+447700900123";

    private static final int LENGTH = 13;
    private static final int LONGEST = 16;

    private final List<Caller> callers;

    /// The classes that the rules of all these plans need.
    CallerClasses(List<Plan> plans) {
        Set<Route.From> rules = rules(plans);
        TreeSet<String> named = new TreeSet<>();
        TreeSet<String> prefixes = new TreeSet<>();
        boolean tags = false;
        for (Route.From rule : rules) {
            switch (rule) {
                case Route.From.Exact(E164 number) -> named.add(number.text());
                case Route.From.Prefix(String digits) -> prefixes.add(digits);
                case Route.From.Tag tag -> tags = true;
                case Route.From.Any any -> {}
                case Route.From.Withheld withheld -> {}
                case Route.From.Unavailable unavailable -> {}
                case Route.From.Without without -> {}
            }
        }
        boolean languages = plans.stream()
                .anyMatch(plan -> plan.all(Contact.class)
                        .anyMatch(contact -> contact.language().isPresent()));
        if (tags || languages) {
            plans.stream()
                    .flatMap(plan -> plan.all(Contact.class))
                    .forEach(contact -> named.add(contact.caller().text()));
        }
        this.callers = List.copyOf(classes(plans, List.copyOf(rules), candidates(named, prefixes)));
    }

    private static List<Caller> classes(List<Plan> plans, List<Route.From> rules, List<Caller> candidates) {
        Map<List<Object>, Caller> classes = new LinkedHashMap<>();
        for (Caller caller : candidates) {
            List<Object> treated = new ArrayList<>();
            for (Plan plan : plans) {
                BitSet holds = new BitSet();
                for (int index = 0; index < rules.size(); index++) {
                    holds.set(index, Callers.is(plan, caller, rules.get(index)));
                }
                treated.add(Callers.language(plan, caller));
                treated.add(holds);
            }
            classes.putIfAbsent(treated, caller);
        }
        return new ArrayList<>(classes.values());
    }

    /// Somebody whom no rule means, those without a number of either sort, everybody named, and somebody for each
    /// prefix.
    private static List<Caller> candidates(NavigableSet<String> named, NavigableSet<String> prefixes) {
        TreeSet<String> taken = new TreeSet<>(named);
        taken.addAll(prefixes);
        List<Caller> candidates = new ArrayList<>();
        Optional<E164> anybody =
                taken.stream().noneMatch(ANYBODY::startsWith) ? Optional.of(new E164(ANYBODY)) : other("+", taken);
        anybody.ifPresent(number -> candidates.add(new Caller.Known(number)));
        candidates.add(new Caller.Withheld());
        candidates.add(new Caller.Unavailable());
        named.forEach(number -> candidates.add(new Caller.Known(new E164(number))));
        prefixes.forEach(prefix -> other(prefix, taken).ifPresent(number -> candidates.add(new Caller.Known(number))));
        return candidates;
    }

    /// Every rule of the plans by which callers are told apart.
    static Set<Route.From> rules(List<Plan> plans) {
        Set<Route.From> rules = new LinkedHashSet<>();
        for (Plan plan : plans) {
            plan.all(Route.class).forEach(route -> {
                rules.add(route.caller());
                if (route.withheld().isPresent()) {
                    rules.add(new Route.From.Without());
                }
            });
            plan.all(Branch.class)
                    .filter(branch -> branch.by() instanceof Branch.By.OfCaller)
                    .flatMap(branch -> branch.cases().keySet().stream())
                    .flatMap(state -> Branch.callers(state).stream())
                    .forEach(rules::add);
        }
        return rules;
    }

    /// A number that begins with a prefix, is not named, and begins with no longer prefix; the shortest ways first.
    private static Optional<E164> other(String prefix, NavigableSet<String> taken) {
        Deque<String> work = new ArrayDeque<>(List.of(prefix));
        while (!work.isEmpty()) {
            String begun = work.remove();
            String next = taken.higher(begun);
            if (next == null || !next.startsWith(begun)) {
                Optional<E164> number = filled(begun);
                if (number.isPresent()) {
                    return number;
                }
                continue;
            }
            for (char digit = begun.length() == 1 ? '1' : '0'; digit <= '9' && begun.length() < LONGEST; digit++) {
                if (!taken.contains(begun + digit)) {
                    work.add(begun + digit);
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<E164> filled(String begun) {
        StringBuilder number = new StringBuilder(begun);
        for (int digit = 1; number.length() < LENGTH; digit++) {
            number.append(digit % 10);
        }
        return E164.parse(number.toString());
    }

    /// One caller of each class.
    List<Caller> callers() {
        return callers;
    }
}
