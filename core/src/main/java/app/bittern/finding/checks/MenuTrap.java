package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Announcement;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import app.bittern.plan.Slot;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/// A menu that no key leaves, by itself or together with others that lead to each other.
final class MenuTrap implements Check {
    private static final About ABOUT = new About(
            "menu-trap",
            "Menu that no key leaves",
            Severity.WARNING,
            "A menu that no key leaves, by itself or together with others that lead to each other.",
            "Callers can only wait until it gives up. Give a key that leads on.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Set<Ref> left = left(plan);
        Map<Ref, Set<Ref>> traps = new LinkedHashMap<>();
        Set<Ref> told = new HashSet<>();
        plan.all(Menu.class)
                .map(Menu::ref)
                .filter(menu -> !left.contains(menu) && !aside(plan, menu))
                .forEach(menu -> {
                    if (told.add(menu)) {
                        Set<Ref> others = within(plan, menu);
                        others.remove(menu);
                        told.addAll(others);
                        traps.put(menu, others);
                    }
                });
        return traps.entrySet().stream()
                .map(trap -> {
                    String the = Says.the(plan.find(trap.getKey()).orElseThrow());
                    List<Ref> others = trap.getValue().stream().toList();
                    String says = others.isEmpty()
                            ? the + " has no key that leads out of it."
                            : the + " has keys that lead to "
                                    + Says.some(others.stream().map(plan::title).toList())
                                    + " alone, and no key leads out of these.";
                    return ABOUT.at(trap.getKey(), says).alsoAt(others);
                })
                .toList();
    }

    /// Whether callers come to a menu only from a wait that goes on during it: an answer leads out of it.
    private static boolean aside(Plan plan, Ref menu) {
        List<Plan.Use> ways = plan.uses(menu).stream()
                .filter(use ->
                        use.slot().role() == Role.LEADS_TO && !use.object().equals(menu))
                .toList();
        return !ways.isEmpty()
                && plan.find(menu).flatMap(PlanObject::number).isEmpty()
                && ways.stream().allMatch(use -> keepsPlace(plan, use));
    }

    private static boolean keepsPlace(Plan plan, Plan.Use use) {
        List<String> steps = use.slot().at().steps();
        return steps.getFirst().equals("meanwhile")
                && plan.find(use.object(), Queue.class)
                        .map(queue -> queue.meanwhile().get(Integer.parseInt(steps.get(1))))
                        .map(item -> item.keys().get(steps.get(3)))
                        .filter(offer -> offer instanceof Queue.Offer.Leads leads && leads.keepPlace())
                        .isPresent();
    }

    /// The objects from which some key leads out: to what is neither a menu nor only passed on the way to one.
    private static Set<Ref> left(Plan plan) {
        Map<Ref, Set<Ref>> before = new LinkedHashMap<>();
        Deque<Ref> work = new ArrayDeque<>();
        Set<Ref> left = new HashSet<>();
        for (PlanObject object : plan.objects()) {
            if (!inside(object)) {
                continue;
            }
            boolean out = object instanceof Menu menu && menu.dialExtensions().possible();
            for (Destination to : chosen(object).toList()) {
                switch (to) {
                    case Destination.To(Ref ref)
                    when plan.find(ref).filter(MenuTrap::inside).isPresent() ->
                        before.computeIfAbsent(ref, r -> new LinkedHashSet<>()).add(object.ref());
                    case Destination.To other -> out = true;
                    case Destination.Repeat repeat -> {}
                    case Destination.Back back ->
                        plan.uses(object.ref())
                                .forEach(use -> before.computeIfAbsent(use.object(), r -> new LinkedHashSet<>())
                                        .add(object.ref()));
                    case Destination.Outside outside -> out = true;
                    case Destination.OwnMailbox own -> out = true;
                    case Destination.HangUp hangUp -> out = true;
                    case Destination.Busy busy -> out = true;
                    case Destination.AsRouted routed -> out = true;
                    case Destination.ByLast last -> out = true;
                }
            }
            if (out && left.add(object.ref())) {
                work.add(object.ref());
            }
        }
        while (!work.isEmpty()) {
            for (Ref ref : before.getOrDefault(work.remove(), Set.of())) {
                if (left.add(ref)) {
                    work.add(ref);
                }
            }
        }
        return left;
    }

    /// The menus that keys lead to from one, itself included.
    private static Set<Ref> within(Plan plan, Ref menu) {
        Set<Ref> met = new LinkedHashSet<>(List.of(menu));
        Deque<Ref> work = new ArrayDeque<>(met);
        while (!work.isEmpty()) {
            plan.find(work.remove()).stream()
                    .flatMap(MenuTrap::chosen)
                    .flatMap(to -> to.target().stream())
                    .filter(met::add)
                    .forEach(work::add);
        }
        met.removeIf(ref -> plan.find(ref, Menu.class).isEmpty());
        return met;
    }

    private static boolean inside(PlanObject object) {
        return object instanceof Menu || object instanceof Announcement || object instanceof Branch;
    }

    /// Where the keys of a menu lead, or what only passes calls on.
    private static Stream<Destination> chosen(PlanObject object) {
        return object instanceof Menu menu
                ? menu.keys().values().stream().flatMap(key -> key.to().stream())
                : object.slots().stream()
                        .filter(Slot::leads)
                        .flatMap(slot -> slot.holds().stream())
                        .flatMap(filling -> filling instanceof Destination to
                                ? Stream.of(to)
                                : filling.target().map(Destination.To::new).stream());
    }
}
