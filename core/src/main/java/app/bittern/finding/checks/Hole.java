package app.bittern.finding.checks;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.number.E164;
import app.bittern.paths.Reachable;
import app.bittern.plan.Alarm;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Pointer;
import app.bittern.plan.Promise;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Slot;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// A reference to nothing, or a missing destination.
final class Hole implements Check {
    private static final About ABOUT = new About(
            "hole",
            "Hole",
            Severity.BLOCKING,
            "A reference to nothing, or a missing destination.",
            "A call that comes here is cut off. Give a destination, or create what is missing.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<Finding> findings = new ArrayList<>();
        for (PlanObject object : plan.objects()) {
            for (Slot slot : object.slots()) {
                if (slot.missing()
                        || slot.target().filter(ref -> plan.find(ref).isEmpty()).isPresent()) {
                    findings.add(finding(examination, object, slot.at(), slot.target(), !slot.leads()));
                }
            }
            if (object instanceof Branch branch) {
                Cases.missing(plan, branch)
                        .forEach(state -> findings.add(
                                finding(examination, branch, Pointer.of("cases", state), Optional.empty(), false)));
            }
            astray(
                            object,
                            new Destination.Back(),
                            List.of(examination.reached()),
                            "back",
                            "callers come to it from no other menu.")
                    .ifPresent(findings::add);
            astray(
                            object,
                            new Destination.AsRouted(),
                            examination.everywhere(),
                            "to where the route leads",
                            "phones of the site come to it by none.")
                    .ifPresent(findings::add);
            if (object instanceof Route route) {
                findings.addAll(byLast(plan, route));
            }
            if (object instanceof Alarm alarm && alarm.on().orElse(null) instanceof Alarm.On.OfSwitch on) {
                positionless(plan, alarm, on).ifPresent(findings::add);
            }
            limits(object).forEach((at, limit) -> {
                if (States.unknown(plan, Optional.of(limit))) {
                    findings.add(stateless(plan, object, at, limit));
                }
            });
        }
        return findings;
    }

    /// The hours and the state that an object, or something in it, is limited to, by place.
    private static Map<Pointer, Route.While> limits(PlanObject object) {
        Map<Pointer, Route.While> all = new LinkedHashMap<>();
        if (object instanceof Route route) {
            route.holdsWhile().ifPresent(limit -> all.put(Pointer.of("while"), limit));
        }
        if (object instanceof Alarm alarm) {
            alarm.holdsWhile().ifPresent(limit -> all.put(Pointer.of("while"), limit));
        }
        if (object instanceof Promise promise) {
            promise.about().holdsWhile().ifPresent(limit -> all.put(Pointer.of("about", "while"), limit));
        }
        if (object instanceof Queue queue) {
            for (int place = 0; place < queue.meanwhile().size(); place++) {
                Pointer at = Pointer.of("meanwhile", place, "while");
                queue.meanwhile().get(place).holdsWhile().ifPresent(limit -> all.put(at, limit));
            }
            queue.callback()
                    .flatMap(Queue.Callback::holdsWhile)
                    .ifPresent(limit -> all.put(Pointer.of("callback", "while"), limit));
        }
        return all;
    }

    /// A limit to a state that its hours do not have.
    private static Finding stateless(Plan plan, PlanObject object, Pointer at, Route.While limit) {
        List<String> states = States.of(plan, limit);
        return ABOUT.at(
                        object.ref(),
                        at,
                        Says.the(object) + " is limited to a state '" + limit.state() + "' of Hours "
                                + plan.title(limit.hours()) + ", which they do not have"
                                + Nearest.of(limit.state(), states.stream())
                                        .map(near -> "; the nearest is " + near)
                                        .orElse("; they have " + Says.some(states))
                                + ".")
                .of(limit.hours(), limit.state());
    }

    /// Numbers whose last digits a route takes for an extension that there is not.
    private static List<Finding> byLast(Plan plan, Route route) {
        if (!route.enabled() || !(route.to().orElse(null) instanceof Destination.ByLast(int digits))) {
            return List.of();
        }
        Stream<E164> numbers = route.called() instanceof Route.Called.Exact(E164 number)
                ? Stream.of(number)
                : plan.all(InboundNumber.class)
                        .filter(number -> number.status() != InboundNumber.Status.SPARE)
                        .map(InboundNumber::called)
                        .filter(route.called()::takes);
        List<E164> without = numbers.filter(number -> {
                    String text = number.text().substring(1);
                    String last = text.substring(Math.max(0, text.length() - digits));
                    return !Ref.sound(Kind.EXTENSION, last)
                            || plan.find(new Ref(Kind.EXTENSION, last)).isEmpty();
                })
                .toList();
        return without.isEmpty()
                ? List.of()
                : List.of(ABOUT.at(
                                route.ref(),
                                Pointer.of("to"),
                                Says.the(route) + " leads by the last " + digits
                                        + " digits, and no extension has those of "
                                        + Says.some(without.stream()
                                                .map(E164::international)
                                                .toList())
                                        + ".")
                        .of(without.toArray()));
    }

    /// An alarm that waits for a switch to be away from a position that it does not have.
    private static Optional<Finding> positionless(Plan plan, Alarm alarm, Alarm.On.OfSwitch on) {
        return plan.find(on.turned(), Switch.class)
                .filter(turned -> !turned.positions().contains(on.awayFrom()))
                .map(turned -> ABOUT.at(
                                alarm.ref(),
                                Pointer.of("on", "awayFrom"),
                                Says.the(alarm) + " is set off away from '" + on.awayFrom() + "' of Switch "
                                        + turned.title() + ", which has no such position"
                                        + Nearest.of(on.awayFrom(), turned.positions().stream())
                                                .map(near -> "; the nearest is " + near)
                                                .orElse("; it has " + Says.some(turned.positions()))
                                        + ".")
                        .of(turned.ref(), on.awayFrom()));
    }

    /// A place that leads where some calls cannot go on.
    ///
    /// @param where   what stands there
    /// @param reached the calls that are looked at
    /// @param leads   what it does, before its address
    /// @param why     what is missing, behind it
    private static Optional<Finding> astray(
            PlanObject object, Destination where, List<Reachable> reached, String leads, String why) {
        List<Pointer> places = object.slots().stream()
                .filter(slot -> slot.holds().equals(Optional.of(where)))
                .map(Slot::at)
                .toList();
        return places.isEmpty()
                ? Optional.empty()
                : reached.stream()
                        .flatMap(all -> all.exits(object.ref()).stream()
                                .filter(exit -> exit.lost(Ending.Lost.HOLE))
                                .flatMap(exit -> places.stream()
                                        .filter(at -> all.decidedAt(exit, at))
                                        .map(at -> ABOUT.at(
                                                        object.ref(),
                                                        at,
                                                        Says.the(object) + " leads " + leads + " (" + at + "), and "
                                                                + why)
                                                .shownBy(all.witness(exit, cause -> true)))))
                        .findFirst();
    }

    /// @param aside whether no call goes on from the place
    private static Finding finding(
            Examination examination, PlanObject object, Pointer at, Optional<Ref> target, boolean aside) {
        Plan plan = examination.plan();
        Reachable reached = examination.reached();
        String says = target.map(
                        ref -> Says.the(object) + " leads to " + ref.kind().title() + " '" + ref.key()
                                + "', which does not exist (" + at + ")"
                                + Nearest.of(plan, ref)
                                        .map(near -> "; the nearest is " + near)
                                        .orElse("") + ".")
                .orElseGet(() -> Says.the(object) + " leads nowhere: nothing is given for " + at + ".");
        Finding finding =
                ABOUT.at(object.ref(), at, says).of(target.stream().toArray()).mendedBy(fixes(target));
        List<Reachable.Exit> met = reached.exits(object.ref()).stream()
                .filter(exit -> exit.lost(Ending.Lost.HOLE) && reached.decidedAt(exit, at))
                .toList();
        if (met.isEmpty() && (!reached.comesTo(object.ref()) || !aside)) {
            return finding;
        }
        Optional<Bench> witness = met.stream()
                .flatMap(exit ->
                        reached.witness(exit, cause -> reached.slot(exit, cause).equals(Optional.of(at))).stream())
                .findFirst()
                .or(() -> aside ? reached.witness(object.ref()) : Optional.empty());
        List<Reachable.ByNumber> numbers =
                met.isEmpty() ? reached.numbers(object.ref()) : reached.numbers(object.ref(), met, at);
        return finding.shownBy(witness)
                .metBy(numbers.stream()
                        .map(number ->
                                plan.title(new Ref(Kind.NUMBER, number.number().text())) + " "
                                        + number.number().international() + ", " + number.when())
                        .toList());
    }

    /// A mailbox needs nothing but its key to work; other kinds would be new holes.
    private static List<Fix> fixes(Optional<Ref> target) {
        return target
                .filter(ref -> ref.kind() == Kind.MAILBOX)
                .map(ref -> new Fix(
                        "Create mailbox " + ref.key(),
                        new PlanEdit.Put(new Mailbox(
                                ref.key(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Map.of(),
                                Optional.empty(),
                                List.of(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty()))))
                .stream()
                .toList();
    }
}
