package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Plan;
import app.bittern.plan.Pointer;
import app.bittern.plan.Recipients;
import java.util.stream.Stream;

/// An alarm that writes to more than ten single addresses.
final class AlarmAddresses extends PerObject<Alarm> {
    private static final About ABOUT = new About(
            "alarm-addresses",
            "Alarm with many single addresses",
            Severity.HINT,
            "An alarm that writes to more than ten single addresses.",
            "Each has to be kept up by hand. Use one address that is a list.");

    private static final int MOST = 10;

    AlarmAddresses() {
        super(ABOUT, Alarm.class);
    }

    @Override
    Stream<Finding> look(Alarm alarm, Examination examination) {
        Plan plan = examination.plan();
        return many(plan, alarm);
    }

    private static Stream<Finding> many(Plan plan, Alarm alarm) {
        long addresses = alarm.email().stream()
                .flatMap(email -> email.to().stream())
                .flatMap(ref -> plan.find(ref, Recipients.class).stream())
                .flatMap(one -> one.emails().stream())
                .distinct()
                .count();
        return addresses > MOST
                ? Stream.of(ABOUT.at(
                                alarm.ref(),
                                Pointer.of("email"),
                                Says.the(alarm) + " writes to " + addresses
                                        + " single addresses; a list is kept up more easily.")
                        .of(addresses))
                : Stream.empty();
    }
}
