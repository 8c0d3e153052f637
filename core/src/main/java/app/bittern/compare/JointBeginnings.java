package app.bittern.compare;

import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Origin;
import app.bittern.call.Phones;
import app.bittern.callset.CallSet;
import app.bittern.graph.Beginnings;
import app.bittern.graph.InsideBeginnings;
import app.bittern.graph.StateGraph;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Where the same calls begin in two plans: those to a number, and those that phones of the site make.
final class JointBeginnings {
    private final JointGraph joint;
    private final StateGraph before;
    private final StateGraph after;

    JointBeginnings(JointGraph joint) {
        this.joint = joint;
        this.before = joint.before();
        this.after = joint.after();
    }

    /// Where calls to a number begin on both sides.
    List<JointState> of(E164 called) {
        List<JointState> pairs = new ArrayList<>();
        for (Begin first : begins(Beginnings.of(before, called), called)) {
            for (Begin second : begins(Beginnings.of(after, called), called)) {
                CallSet calls = first.calls().and(second.calls());
                if (!calls.isEmpty()) {
                    pairs.add(new JointState(first.spot(), second.spot(), calls, Trail.NONE, Trail.NONE));
                }
            }
        }
        return pairs;
    }

    /// Where calls begin on both sides in which a phone of both plans dials something.
    private List<JointState> of(Ref phone, String dialled) {
        List<JointState> pairs = new ArrayList<>();
        for (InsideBeginnings.Begun first : begun(before, 0, phone, dialled)) {
            for (InsideBeginnings.Begun second : begun(after, 1, phone, dialled)) {
                CallSet calls = first.calls().and(second.calls());
                int one = calls.isEmpty() ? -1 : before.begin(first.state());
                int other = one < 0 ? -1 : after.begin(second.state());
                if (other >= 0) {
                    pairs.add(new JointState(Spot.in(one), Spot.in(other), calls, Trail.NONE, Trail.NONE));
                }
            }
        }
        return pairs;
    }

    private List<InsideBeginnings.Begun> begun(StateGraph graph, int index, Ref phone, String dialled) {
        return InsideBeginnings.of(
                graph.plan(),
                joint.classes(),
                index,
                graph.plan().find(phone, Extension.class).orElseThrow(),
                dialled);
    }

    /// Calls that enter a route, or that none takes.
    private record Begin(Spot spot, CallSet calls) {}

    private static List<Begin> begins(Beginnings starts, E164 called) {
        List<Begin> begins = new ArrayList<>();
        starts.taken().forEach(taken -> begins.add(new Begin(Spot.in(taken.state()), taken.calls())));
        if (!starts.unmatched().isEmpty()) {
            begins.add(new Begin(
                    Spot.at(Ending.of(Ending.Kind.UNMATCHED, new Ref(Kind.NUMBER, called.text()))),
                    starts.unmatched()));
        }
        return begins;
    }

    /// Where calls begin in which phones dial what leads to the same place in both plans; what leads elsewhere is
    /// found as [DialledOtherwise].
    List<JointState> dialled() {
        Set<String> examples = new LinkedHashSet<>(Phones.examples(before.plan()));
        examples.addAll(Phones.examples(after.plan()));
        List<Ref> phones = phones();
        List<JointState> itself = new ArrayList<>();
        List<JointState> begun = new ArrayList<>();
        for (String digits : examples) {
            Dialling dialling = Dialling.of(before.plan(), digits);
            if (!dialling.equals(Dialling.of(after.plan(), digits))) {
                continue;
            }
            phones.stream()
                    .filter(phone -> joint.touched(phone, dialling))
                    .filter(phone ->
                            may(before.plan(), phone, dialling.leads()) == may(after.plan(), phone, dialling.leads()))
                    // Who dials their own number is the last to be shown.
                    .forEach(phone -> (phone.key().equals(digits) ? itself : begun).addAll(of(phone, digits)));
        }
        begun.addAll(itself);
        return begun;
    }

    private static boolean may(Plan plan, Ref phone, Dialling.Leads leads) {
        return plan.find(phone, Extension.class)
                .map(Origin.Inside::of)
                .filter(from -> from.may(plan, leads))
                .isPresent();
    }

    /// A phone of each class of those that are alike in both plans.
    private List<Ref> phones() {
        Map<Ref, Integer> first = classes(before.plan());
        Map<Ref, Integer> second = classes(after.plan());
        Map<List<Integer>, Ref> phones = new LinkedHashMap<>();
        first.forEach((phone, one) -> {
            if (second.containsKey(phone)) {
                phones.putIfAbsent(List.of(one, second.get(phone)), phone);
            }
        });
        return List.copyOf(phones.values());
    }

    private static Map<Ref, Integer> classes(Plan plan) {
        Map<Ref, Integer> classes = new LinkedHashMap<>();
        int number = 0;
        for (Phones.Alike alike : Phones.classes(plan)) {
            for (Extension phone : alike.phones()) {
                classes.put(phone.ref(), number);
            }
            number++;
        }
        return classes;
    }
}
