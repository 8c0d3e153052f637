package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Recipients;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// An alarm that writes to an empty list.
final class AlarmRecipients extends PerObject<Alarm> {
    private static final About ABOUT = new About(
            "alarm-recipients",
            "Alarm that tells nobody by name",
            Severity.WARNING,
            "An alarm that writes to an empty list.",
            "The mail or text goes to nobody. Name recipients, and give them addresses.");

    AlarmRecipients() {
        super(ABOUT, Alarm.class);
    }

    @Override
    Stream<Finding> look(Alarm alarm, Examination examination) {
        Plan plan = examination.plan();
        return unheard(plan, alarm);
    }

    private static Stream<Finding> unheard(Plan plan, Alarm alarm) {
        boolean mail = alarm.email()
                .filter(email -> addresses(plan, email.to())
                        .noneMatch(one -> !one.emails().isEmpty()))
                .isPresent();
        boolean text = alarm.text()
                .filter(message -> addresses(plan, message.to())
                        .noneMatch(one -> !one.texts().isEmpty()))
                .isPresent();
        return Stream.of(
                        mail ? Optional.of("email") : Optional.<String>empty(),
                        text ? Optional.of("text") : Optional.<String>empty())
                .flatMap(Optional::stream)
                .map(way -> ABOUT.at(
                        alarm.ref(), Pointer.of(way), Says.the(alarm) + " sends its " + way + " to no address."));
    }

    private static Stream<Recipients> addresses(Plan plan, List<Ref> refs) {
        return refs.stream().flatMap(ref -> plan.find(ref, Recipients.class).stream());
    }
}
