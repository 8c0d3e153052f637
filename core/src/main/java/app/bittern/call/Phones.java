package app.bittern.call;

import app.bittern.number.E164;
import app.bittern.plan.Branch;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Outbound;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;

/// The phones of a site by what they can dial: those that are alike are one class.
public final class Phones {
    private Phones() {}

    /// Phones that are alike: of the same class of service, and treated alike as callers by every route and branch.
    ///
    /// @param first  one of them, the first in the plan
    /// @param phones all of them, in the order of the plan
    public record Alike(Extension first, List<Extension> phones) {
        public Alike {
            phones = List.copyOf(phones);
        }
    }

    /// All classes of phones, in the order of the plan.
    public static List<Alike> classes(Plan plan) {
        List<Route.From> rules = rules(plan);
        Map<Optional<E164>, List<Object>> treated = new LinkedHashMap<>();
        Map<List<Object>, List<Extension>> classes = new LinkedHashMap<>();
        plan.all(Extension.class).forEach(extension -> {
            List<Object> alike = List.of(
                    extension.classOfService(),
                    treated.computeIfAbsent(
                            extension.callerId(), shown -> treated(plan, Origin.Inside.of(extension), rules)));
            classes.computeIfAbsent(alike, one -> new ArrayList<>()).add(extension);
        });
        return classes.values().stream()
                .map(phones -> new Alike(phones.getFirst(), phones))
                .toList();
    }

    private static List<Object> treated(Plan plan, Origin.Inside phone, List<Route.From> rules) {
        List<Object> treated = new ArrayList<>(
                rules.stream().filter(rule -> phone.is(plan, rule)).toList());
        treated.add(Callers.language(plan, phone));
        return treated;
    }

    /// What routes and branches ask of callers.
    private static List<Route.From> rules(Plan plan) {
        Set<Route.From> rules = new LinkedHashSet<>();
        plan.all(Route.class).map(Route::caller).forEach(rules::add);
        plan.all(Branch.class)
                .filter(branch -> branch.by() instanceof Branch.By.OfCaller)
                .flatMap(branch -> branch.cases().keySet().stream())
                .flatMap(state -> Branch.callers(state).stream())
                .forEach(rules::add);
        return List.copyOf(rules);
    }

    /// Whether a phone is one of the callers that a rule is for.
    public static boolean is(Plan plan, Extension phone, Route.From rule) {
        return Origin.Inside.of(phone).is(plan, rule);
    }

    /// The number that a phone shows when it calls out: its own, else that of the first queue which has one and whose
    /// agent it is. None where the outbound route's is shown.
    public static Optional<E164> shows(Plan plan, Extension phone) {
        return phone.callerId().or(() -> {
            Party agent = new Party.Inside(phone.ref());
            return plan.all(Queue.class)
                    .filter(queue -> queue.callerId().isPresent())
                    .filter(queue ->
                            queue.agents().stream().anyMatch(one -> one.party().equals(agent)))
                    .flatMap(queue -> queue.callerId().stream())
                    .findFirst();
        });
    }

    /// What a phone can dial that is told apart, by example: each number and code of the site, each inbound number
    /// as it is dialled in the country, digits for each pattern of an outbound route for which it is the best, the
    /// emergency numbers, and digits that mean nothing.
    public static List<String> examples(Plan plan) {
        Set<String> digits = new LinkedHashSet<>(plan.insideNumbers().objects().keySet());
        plan.all(InboundNumber.class)
                .map(InboundNumber::called)
                .map(number -> plan.insideNumbers().dialled(number))
                .forEach(digits::add);
        plan.all(Outbound.class).forEach(outbound -> digits.addAll(examples(plan, outbound)));
        digits.addAll(plan.site().emergencyNumbers());
        nothing(plan).ifPresent(digits::add);
        return List.copyOf(digits);
    }

    /// Digits that an outbound route takes, for each of its patterns that has such; none where other routes or
    /// numbers of the site take them all.
    public static List<String> examples(Plan plan, Outbound outbound) {
        Dialling.Leads out = new Dialling.Leads.Out(outbound.ref());
        return outbound.dialled().stream()
                .flatMap(pattern -> pattern.examples().stream().filter(leads(plan, out)).findFirst().stream())
                .distinct()
                .toList();
    }

    /// Digits that mean nothing in a plan, if some of up to three places do.
    public static Optional<String> nothing(Plan plan) {
        Predicate<String> nothing = leads(plan, new Dialling.Leads.Nowhere());
        for (int places = 1; places <= 3; places++) {
            for (int value = (int) Math.pow(10, places) - 1; value >= 0; value--) {
                String digits = "0".repeat(places - String.valueOf(value).length()) + value;
                if (nothing.test(digits)) {
                    return Optional.of(digits);
                }
            }
        }
        return Optional.empty();
    }

    private static Predicate<String> leads(Plan plan, Dialling.Leads where) {
        return digits -> Dialling.of(plan, digits).leads().equals(where);
    }

    /// The state in which a phone dials.
    ///
    /// @param route that takes the call, where the digits are an inbound number and a route does
    public static State dialling(Plan plan, Extension phone, Dialling dialling, Optional<Ref> route) {
        Origin.Inside from = Origin.Inside.of(phone);
        return new State(phone.ref(), Context.dialling(Callers.language(plan, from), from, new Dials(dialling, route)));
    }
}
