package app.bittern.finding.checks;

import app.bittern.call.Ending;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.E164;
import app.bittern.paths.Reachable;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Traffic;
import app.bittern.plan.Trunk;
import app.bittern.traffic.ErlangB;
import app.bittern.traffic.ExpectedCalls;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// A trunk with too few channels for the expected calls.
final class TrunkChannels implements Check {
    private static final About ABOUT = new About(
            "trunk-channels",
            "Too few channels",
            Severity.WARNING,
            "A trunk with too few channels for the expected calls, or for one that goes out again by it.",
            "Calls find it taken; one that goes out again holds two channels. Rent more channels.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final double MOST_LOST = 0.01;

    @Override
    public List<Finding> examine(Examination examination) {
        return Stream.concat(expected(examination.plan()).stream(), second(examination).stream())
                .toList();
    }

    private static List<Finding> expected(Plan plan) {
        Optional<Traffic> traffic = plan.all(Traffic.class).findFirst();
        if (traffic.isEmpty()) {
            return List.of();
        }
        int talk = traffic.get().talkElsewhere().value();
        Map<Ref, Double> calls = new LinkedHashMap<>();
        traffic.get()
                .numbers()
                .forEach((number, rates) -> plan.find(number, InboundNumber.class)
                        .flatMap(InboundNumber::trunk)
                        .ifPresent(trunk -> calls.merge(trunk, rates.busiest().doubleValue(), Double::sum)));
        ExpectedCalls.outside(plan)
                .forEach((number, rate) -> Outsides.trunks(plan, number).stream()
                        .limit(1)
                        .forEach(trunk -> calls.merge(trunk.ref(), rate, Double::sum)));
        return calls.entrySet().stream()
                .flatMap(one -> plan.find(one.getKey(), Trunk.class).stream().flatMap(trunk -> {
                    double erlangs = one.getValue() * talk / 3600;
                    double lost = ErlangB.blocking(erlangs, trunk.channels());
                    return lost <= MOST_LOST
                            ? Stream.<Finding>empty()
                            : Stream.of(ABOUT.at(
                                            trunk.ref(),
                                            Pointer.of("channels"),
                                            String.format(
                                                    Locale.ROOT,
                                                    "%s has %d channels; at the busiest %.1f erlangs are expected, of which %.1f%% would be lost; %d channels lose at most 1%%.",
                                                    Says.the(trunk),
                                                    trunk.channels(),
                                                    erlangs,
                                                    lost * 100,
                                                    ErlangB.channels(erlangs, MOST_LOST)))
                                    .of(trunk.channels(), String.format(Locale.ROOT, "%.2f", erlangs)));
                }))
                .toList();
    }

    /// A call that comes in by the only channel there is to go out by.
    private static List<Finding> second(Examination examination) {
        Plan plan = examination.plan();
        Reachable reached = examination.reached();
        Map<Ref, Finding> findings = new LinkedHashMap<>();
        for (Ref ref : reached.objects()) {
            for (Reachable.Exit exit : reached.exits(ref)) {
                Optional<E164> number = exit.ending()
                        .filter(ending -> ending.kind() == Ending.Kind.OUTSIDE)
                        .flatMap(ending -> E164.parse(ending.in().substring("outside/".length())));
                List<Trunk> out = number.map(to -> Outsides.trunks(plan, to)).orElse(List.of());
                if (out.size() == 1
                        && out.getFirst().channels() == 1
                        && !findings.containsKey(out.getFirst().ref())) {
                    Trunk trunk = out.getFirst();
                    reached.numbers(ref, exit.causes()::contains).stream()
                            .map(Reachable.ByNumber::number)
                            .filter(from -> plan.find(new Ref(Kind.NUMBER, from.text()), InboundNumber.class)
                                    .flatMap(InboundNumber::trunk)
                                    .equals(Optional.of(trunk.ref())))
                            .findFirst()
                            .ifPresent(from -> findings.put(
                                    trunk.ref(),
                                    ABOUT.at(
                                                    trunk.ref(),
                                                    Pointer.of("channels"),
                                                    Says.the(trunk) + " has 1 channel, and a call to "
                                                            + from.international() + " that goes out again to "
                                                            + number.get().international() + " needs a second.")
                                            .of(trunk.channels(), number.get())
                                            .shownBy(reached.witness(exit, cause -> true))));
                }
            }
        }
        return List.copyOf(findings.values());
    }
}
