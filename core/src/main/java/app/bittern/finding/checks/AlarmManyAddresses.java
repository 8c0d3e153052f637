package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Alarm;
import app.bittern.plan.Plan;
import app.bittern.plan.Recipients;
import java.util.List;
import java.util.stream.Stream;

/// An alarm that writes to more than ten single addresses.
final class AlarmManyAddresses implements Check {
    private static final About ABOUT = new About(
            "alarm-addresses",
            "Alarm with many single addresses",
            Severity.HINT,
            "An alarm that writes to more than ten single addresses.",
            "Each has to be kept up by hand. Use one address that is a list.");

    @Override
    public About about() {
        return ABOUT;
    }

    private static final int MOST = 10;

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        return plan.all(Alarm.class).flatMap(alarm -> many(plan, alarm)).toList();
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
                        "email",
                        Says.the(alarm) + " writes to " + addresses
                                + " single addresses; a list is kept up more easily."))
                : Stream.empty();
    }
}
