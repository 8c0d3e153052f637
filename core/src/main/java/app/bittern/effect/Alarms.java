package app.bittern.effect;

import app.bittern.number.E164;
import app.bittern.plan.Alarm;
import app.bittern.plan.Code;
import app.bittern.plan.Plan;
import app.bittern.plan.Recipients;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.TrapTarget;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/// Which alarms something sets off, and what an alarm does.
final class Alarms {
    private Alarms() {}

    /// The alarms that are set off by something.
    static List<Alarm> on(Plan plan, Predicate<Alarm.On> on) {
        return plan.all(Alarm.class)
                .filter(alarm -> alarm.on().filter(on).isPresent())
                .toList();
    }

    /// An alarm that is set off once something has been so for some seconds.
    record After(Alarm alarm, int seconds) {}

    /// The alarms that are set off so.
    ///
    /// @param when after how long, where what an alarm listens to is meant
    static List<After> after(Plan plan, Function<Alarm.On, Optional<Seconds>> when) {
        return plan.all(Alarm.class)
                .flatMap(alarm -> alarm.on().flatMap(when).map(time -> new After(alarm, time.value())).stream())
                .toList();
    }

    /// The alarms that are set off by a code being dialled, apart from the one that it is for.
    static List<Alarm> byCode(Plan plan, Code code) {
        return on(plan, on -> on.equals(new Alarm.On.ByCode(code.ref()))).stream()
                .filter(alarm -> !code.does().equals(Optional.of(new Code.Does.SetOff(alarm.ref()))))
                .toList();
    }

    static What.SetOff itself(Alarm alarm) {
        return new What.SetOff(
                alarm.ref(),
                alarm.severity(),
                alarm.untilAcknowledged() ? alarm.again().or(() -> Optional.of(Alarm.AGAIN)) : Optional.empty());
    }

    /// What an alarm does; where nobody is there to be told, with nobody in it.
    ///
    /// @param filled fills in the variables of a text
    static List<What> does(Plan plan, Alarm alarm, UnaryOperator<String> filled) {
        List<What> all = new ArrayList<>();
        alarm.email()
                .ifPresent(mail -> all.add(new What.Mail(
                        alarm.ref(),
                        emails(plan, mail.to()),
                        filled.apply(mail.subject().orElse("")),
                        filled.apply(mail.body().orElse("")))));
        alarm.text()
                .ifPresent(text -> all.add(new What.Text(
                        alarm.ref(),
                        texts(plan, text.to()),
                        filled.apply(text.body().orElse("")))));
        alarm.page()
                .ifPresent(page -> page.over()
                        .ifPresent(over -> all.add(new What.Paged(alarm.ref(), over, page.say(), page.times()))));
        for (Ref target : alarm.traps()) {
            boolean inform = plan.find(target, TrapTarget.class)
                    .filter(TrapTarget::inform)
                    .isPresent();
            all.add(new What.Trap(alarm.ref(), target, inform));
        }
        return all;
    }

    private static List<String> emails(Plan plan, List<Ref> to) {
        return to.stream()
                .flatMap(ref -> plan.find(ref, Recipients.class).stream())
                .flatMap(one -> one.emails().stream())
                .distinct()
                .toList();
    }

    private static List<E164> texts(Plan plan, List<Ref> to) {
        return to.stream()
                .flatMap(ref -> plan.find(ref, Recipients.class).stream())
                .flatMap(one -> one.texts().stream())
                .distinct()
                .toList();
    }

    /// Why something that an alarm does goes nowhere.
    static Optional<String> nobody(Plan plan, What what) {
        return switch (what) {
            case What.Mail mail when mail.to().isEmpty() -> Optional.of("no recipient with an address");
            case What.Text text when text.to().isEmpty() -> Optional.of("no recipient with a number");
            case What.Trap trap ->
                plan.find(trap.target(), TrapTarget.class)
                        .map(target ->
                                target.enabled() ? Optional.<String>empty() : Optional.of("the trap target is off"))
                        .orElse(Optional.of("there is no such trap target"));
            case What.Paged page ->
                plan.find(page.over()).isPresent() ? Optional.empty() : Optional.of("there is no such page");
            case What.Mail mail -> Optional.empty();
            case What.Text text -> Optional.empty();
            case What.SetOff off -> Optional.empty();
            case What.Turned turned -> Optional.empty();
            case What.LoggedIn in -> Optional.empty();
            case What.LoggedOut out -> Optional.empty();
            case What.Paused paused -> Optional.empty();
            case What.Spoken spoken -> Optional.empty();
            case What.Recorded recorded -> Optional.empty();
            case What.Shown shown -> Optional.empty();
        };
    }
}
