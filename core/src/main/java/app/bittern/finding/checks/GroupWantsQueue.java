package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Plan;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Traffic;
import app.bittern.traffic.Advice;
import app.bittern.traffic.ExpectedCalls;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A ring group whose expected calls find everybody busy too often.
final class GroupWantsQueue implements Check {
    private static final About ABOUT = new About(
            "group-wants-queue",
            "Ring group that wants to be a queue",
            Severity.HINT,
            "A ring group whose expected calls find everybody busy too often.",
            "Callers who could wait are sent on. A queue lets them wait.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        Optional<Traffic> traffic = plan.all(Traffic.class).findFirst();
        return ExpectedCalls.callsPerHour(plan).entrySet().stream()
                .flatMap(calls -> plan.find(calls.getKey(), RingGroup.class).stream()
                        .filter(group -> !group.members().isEmpty())
                        .flatMap(group -> {
                            int talk = traffic.map(one -> one.talkIn(group.ref()))
                                    .orElse(Traffic.TALK)
                                    .value();
                            Advice advice = Advice.of(
                                    calls.getValue(), talk, group.members().size());
                            return advice.queue()
                                    ? Stream.of(ABOUT.at(group.ref(), Says.the(group) + ": " + advice.says() + ".")
                                            .of(group.members().size(), calls.getValue()))
                                    : Stream.<Finding>empty();
                        }))
                .toList();
    }
}
