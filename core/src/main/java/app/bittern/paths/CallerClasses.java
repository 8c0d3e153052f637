package app.bittern.paths;

import app.bittern.call.Callers;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// Divides all callers into classes that every rule of a plan treats alike, with one caller of each.
final class CallerClasses {
    /// A caller whom plans are not expected to name: a number reserved for fiction.
    private static final String ANYBODY = "+447700900123";

    private static final int LENGTH = 13;

    private final List<Caller> callers = new ArrayList<>();

    /// The classes that the rules of all these plans need.
    CallerClasses(List<Plan> plans) {
        Set<Route.From> rules = new LinkedHashSet<>();
        plans.forEach(plan -> rules(plan, rules));
        Set<String> named = new LinkedHashSet<>();
        Set<String> prefixes = new LinkedHashSet<>();
        boolean tags = false;
        for (Route.From rule : rules) {
            switch (rule) {
                case Route.From.Exact(E164 number) -> named.add(number.text());
                case Route.From.Prefix(String digits) -> prefixes.add(digits);
                case Route.From.Tag tag -> tags = true;
                case Route.From.Any any -> {}
                case Route.From.Withheld withheld -> {}
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
        Map<List<Object>, Caller> classes = new LinkedHashMap<>();
        Set<String> taken = new LinkedHashSet<>(named);
        taken.addAll(prefixes);
        List<Caller> candidates = new ArrayList<>();
        anybody(taken).ifPresent(number -> candidates.add(new Caller.Known(number)));
        candidates.add(new Caller.Withheld());
        named.forEach(number -> candidates.add(new Caller.Known(new E164(number))));
        prefixes.forEach(prefix -> other(prefix, taken).ifPresent(number -> candidates.add(new Caller.Known(number))));
        for (Caller caller : candidates) {
            classes.putIfAbsent(
                    plans.stream()
                            .flatMap(plan -> Stream.concat(
                                    Stream.<Object>of(Callers.language(plan, caller)),
                                    rules.stream().<Object>map(rule -> Callers.is(plan, caller, rule))))
                            .toList(),
                    caller);
        }
        callers.addAll(classes.values());
    }

    private static void rules(Plan plan, Set<Route.From> rules) {
        plan.all(Route.class).forEach(route -> {
            rules.add(route.caller());
            if (route.withheld().isPresent()) {
                rules.add(new Route.From.Withheld());
            }
        });
        plan.all(Branch.class)
                .filter(branch -> branch.by() instanceof Branch.By.OfCaller)
                .flatMap(branch -> branch.cases().keySet().stream())
                .flatMap(state -> Branch.callers(state).stream())
                .forEach(rules::add);
    }

    private static Optional<E164> anybody(Set<String> taken) {
        return taken.stream().noneMatch(ANYBODY::startsWith) ? Optional.of(new E164(ANYBODY)) : other("+", taken);
    }

    /// A number that begins with a prefix, is not named, and begins with no longer one.
    private static Optional<E164> other(String prefix, Set<String> taken) {
        List<String> longer = taken.stream()
                .filter(one -> one.length() > prefix.length() && one.startsWith(prefix))
                .toList();
        if (longer.isEmpty()) {
            StringBuilder number = new StringBuilder(prefix);
            for (int digit = 1; number.length() < LENGTH; digit++) {
                number.append(digit % 10);
            }
            return E164.parse(number.toString());
        }
        for (char digit = prefix.length() == 1 ? '1' : '0'; digit <= '9' && prefix.length() < 15; digit++) {
            String next = prefix + digit;
            if (taken.contains(next) && prefix.length() > 1) {
                continue;
            }
            Optional<E164> found = taken.contains(next) ? Optional.empty() : other(next, taken);
            if (found.isPresent()) {
                return found;
            }
        }
        return Optional.empty();
    }

    /// One caller of each class.
    List<Caller> callers() {
        return callers;
    }
}
