package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import app.bittern.plan.Traffic;
import app.bittern.plan.Trunk;
import app.bittern.traffic.ErlangB;
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
            "A trunk with too few channels for the expected calls.",
            "More than one call in a hundred would find it taken. Rent more channels.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final double MOST_LOST = 0.01;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
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
                                            ErlangB.channels(erlangs, MOST_LOST))));
                }))
                .toList();
    }
}
