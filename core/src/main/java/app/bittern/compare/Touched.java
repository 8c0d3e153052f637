package app.bittern.compare;

import app.bittern.plan.Alarm;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Slot;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// The objects from which a call can come to something that has changed; from all others, both plans do the
/// same.
///
/// Found by going backwards over references in both plans; cost: their references.
final class Touched {
    private final Set<Ref> touched = new HashSet<>();
    private final boolean everything;

    Touched(Plan before, Plan after, Differing differing) {
        Set<Ref> changed = differing.refs();
        everything = differing.everywhere();
        for (Plan plan : List.of(before, after)) {
            spread(plan, changed);
        }
    }

    private static boolean byLast(PlanObject object) {
        return object.slots().stream()
                .anyMatch(slot -> slot.holds()
                        .filter(Destination.ByLast.class::isInstance)
                        .isPresent());
    }

    private void spread(Plan plan, Set<Ref> changed) {
        Map<Ref, List<Ref>> users = new HashMap<>();
        List<Ref> dialling = new ArrayList<>();
        for (PlanObject object : plan.objects()) {
            for (Slot slot : object.slots()) {
                slot.target()
                        .ifPresent(ref -> users.computeIfAbsent(ref, r -> new ArrayList<>())
                                .add(object.ref()));
            }
            if ((object instanceof Menu menu && menu.dialExtensions().possible()) || byLast(object)) {
                dialling.add(object.ref());
            }
            // What an alarm listens to does something else where the alarm does.
            if (object instanceof Alarm alarm) {
                Stream.concat(alarm.listensTo().stream(), emergency(plan, alarm))
                        .forEach(ref -> users.computeIfAbsent(alarm.ref(), r -> new ArrayList<>())
                                .add(ref));
            }
        }
        boolean people = changed.stream().anyMatch(ref -> ref.kind() == Kind.EXTENSION || ref.kind() == Kind.MAILBOX);
        boolean routes = changed.stream().anyMatch(ref -> ref.kind() == Kind.ROUTE);
        boolean menus = changed.stream().anyMatch(ref -> ref.kind() == Kind.MENU);
        boolean contacts = changed.stream().anyMatch(ref -> ref.kind() == Kind.CONTACT);
        Deque<Ref> work = new ArrayDeque<>(changed);
        // Texts of alarms may name the site.
        if (changed.stream().anyMatch(ref -> ref.kind() == Kind.SITE)) {
            plan.all(Alarm.class).forEach(alarm -> work.add(alarm.ref()));
        }
        for (PlanObject object : plan.objects()) {
            if ((people && leads(object, new Destination.OwnMailbox()))
                    || (menus && leads(object, new Destination.Back()))
                    || (routes && leads(object, new Destination.AsRouted()))
                    || (object instanceof Ask ask && ask.dials())
                    || (contacts && asksContacts(object))) {
                work.add(object.ref());
            }
        }
        // Callers in a queue that shares agents may take them first.
        changed.stream()
                .flatMap(ref -> plan.find(ref, Queue.class).stream())
                .forEach(queue ->
                        plan.all(Queue.class).filter(queue::sharesAgents).forEach(other -> work.add(other.ref())));
        boolean dialled = false;
        Set<Ref> seen = new HashSet<>();
        while (!work.isEmpty()) {
            Ref ref = work.remove();
            if (!seen.add(ref)) {
                continue;
            }
            work.addAll(users.getOrDefault(ref, List.of()));
            if (ref.kind() == Kind.EXTENSION && !dialled) {
                dialled = true;
                work.addAll(dialling);
            }
        }
        touched.addAll(seen);
    }

    /// Of an alarm that emergency numbers set off, wherever they lead: the site, whose numbers they are.
    private static Stream<Ref> emergency(Plan plan, Alarm alarm) {
        return alarm.on().equals(Optional.of(new Alarm.On.Emergency()))
                ? Stream.of(plan.site().ref())
                : Stream.empty();
    }

    private static boolean leads(PlanObject object, Destination where) {
        return object.slots().stream().anyMatch(slot -> slot.holds().equals(Optional.of(where)));
    }

    private static boolean asksContacts(PlanObject object) {
        return object.ref().kind() == Kind.ASK
                || (object instanceof Branch branch
                        && (branch.by() instanceof Branch.By.OfCaller || branch.by() instanceof Branch.By.OfAsk))
                || object.ref().kind() == Kind.ROUTE;
    }

    boolean is(Ref ref) {
        return everything || touched.contains(ref);
    }
}
