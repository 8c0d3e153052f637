package app.bittern.paths;

import app.bittern.hours.Calendar;
import app.bittern.hours.TimeClasses;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Hours;
import app.bittern.plan.Plan;
import app.bittern.plan.Route;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/// Calls to one number that every condition of the plan treats alike, by one of them.
///
/// @param called the number called
/// @param caller a caller of the class
/// @param at     an instant of the class
public record CallClass(E164 called, Caller caller, Instant at) {
    /// A caller that plans are not expected to name: a number reserved for fiction.
    private static final E164 ANYBODY = new E164("+447700900123");

    /// The classes of calls to a number, by time class and by every caller the routes tell apart.
    ///
    /// @param from the first local day looked at; 53 weeks are
    public static List<CallClass> of(Plan plan, E164 called, LocalDate from) {
        List<Calendar> calendars = plan.all(Hours.class).map(Hours::calendar).toList();
        List<CallClass> classes = new ArrayList<>();
        for (TimeClasses.TimeClass time : TimeClasses.of(calendars, plan.site().timeZone(), from)) {
            for (Caller caller : callers(plan)) {
                classes.add(new CallClass(called, caller, time.first()));
            }
        }
        return classes;
    }

    private static Set<Caller> callers(Plan plan) {
        Set<Caller> callers = new LinkedHashSet<>();
        callers.add(new Caller.Known(ANYBODY));
        callers.add(new Caller.Withheld());
        plan.all(Route.class).forEach(route -> {
            switch (route.caller()) {
                case Route.From.Exact(E164 number) -> callers.add(new Caller.Known(number));
                case Route.From.Prefix(String digits) ->
                    E164.parse((digits + "00000000").substring(0, Math.max(13, digits.length())))
                            .ifPresent(number -> callers.add(new Caller.Known(number)));
                case Route.From.Tag tag -> {}
                case Route.From.Withheld withheld -> {}
                case Route.From.Any any -> {}
            }
        });
        return callers;
    }
}
