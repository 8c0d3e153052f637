package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.TimeSet;
import app.bittern.plan.Alarm;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An outbound route for emergency numbers that sets off no alarm.
final class EmergencyAlarm extends PerObject<Outbound> {
    private static final About ABOUT = new About(
            "emergency-alarm",
            "Emergency number without an alarm",
            Severity.WARNING,
            "An outbound route for emergency numbers that sets off no alarm, or none at some hours.",
            "Nobody in the house knows that somebody has called for help. Set off an alarm.");

    EmergencyAlarm() {
        super(ABOUT, Outbound.class);
    }

    @Override
    Stream<Finding> look(Outbound outbound, Examination examination) {
        if (!outbound.category().equals("emergency") || !outbound.enabled()) {
            return Stream.empty();
        }
        Plan plan = examination.plan();
        List<Alarm> alarms = plan.all(Alarm.class)
                .filter(alarm -> alarm.listensTo().equals(Optional.of(outbound.ref()))
                        || alarm.on().equals(Optional.of(new Alarm.On.Emergency())))
                .toList();
        List<Alarm> on = alarms.stream().filter(Alarm::enabled).toList();
        if (on.isEmpty()) {
            return Stream.of(
                    alarms.isEmpty()
                            ? ABOUT.at(outbound.ref(), Says.the(outbound) + " sets off no alarm.")
                                    .together("set off no alarm")
                            : ABOUT.at(
                                            outbound.ref(),
                                            Says.the(outbound) + " sets off no alarm: " + Says.some(titles(alarms))
                                                    + (alarms.size() == 1 ? " is" : " are") + " off.")
                                    .alsoAt(refs(alarms)));
        }
        TimeSet silent = on.stream()
                .map(alarm -> examination.holds(alarm.holdsWhile()))
                .reduce(TimeSet.never(examination.horizon()), TimeSet::union)
                .complement();
        return silent.isEmpty()
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                outbound.ref(),
                                Says.the(outbound) + " sets off no alarm on " + silent.words()
                                        + ", as " + Says.some(titles(on)) + (on.size() == 1 ? " holds" : " hold")
                                        + " in some hours alone.")
                        .alsoAt(refs(on)));
    }

    private static List<String> titles(List<Alarm> alarms) {
        return alarms.stream().map(Alarm::title).toList();
    }

    private static List<Ref> refs(List<Alarm> alarms) {
        return alarms.stream().map(Alarm::ref).toList();
    }
}
