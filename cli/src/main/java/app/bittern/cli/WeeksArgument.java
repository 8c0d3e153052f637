package app.bittern.cli;

import app.bittern.hours.Dates;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// The option that sets which weeks are looked at.
final class WeeksArgument {
    @Spec(Spec.Target.MIXEE)
    private CommandSpec command = CommandSpec.create();

    @Option(
            names = "--at",
            paramLabel = "DATE",
            description = "A day of the first week that is looked at: 2026-11-23; today where absent.")
    private Optional<String> at = Optional.empty();

    /// The 53 weeks from the Monday of that week.
    Horizon horizon(Plan plan) {
        LocalDate day = at.map(WeeksArgument::day)
                .orElseGet(() -> LocalDate.now(
                        Bittern.of(command).clock().withZone(plan.site().timeZone())));
        return Horizon.around(day, plan.site().timeZone());
    }

    private static LocalDate day(String text) {
        try {
            return text.contains("T") ? Dates.dateTime(text).toLocalDate() : Dates.date(text);
        } catch (DateTimeException notADay) {
            throw new Unusable(List.of("--at: found '" + text + "'; allowed is a day such as 2026-11-23, of the years "
                    + Dates.FIRST_YEAR + " to " + Dates.LAST_YEAR + "."));
        }
    }
}
