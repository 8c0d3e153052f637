package app.bittern.paths;

import app.bittern.call.Arrival;
import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Plan;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Where calls to a number end in each quarter of an hour of a week, when the caller presses nothing and nobody
/// answers.
///
/// Quarters that fall into an hour left out by the clock are taken at the instant the clock goes on.
///
/// @param days Monday to Sunday, each with 96 endings
public record WeekMap(List<Day> days) {
    private static final int QUARTERS = 96;

    public WeekMap {
        days = List.copyOf(days);
    }

    /// @param endings one for each quarter of an hour
    public record Day(LocalDate date, List<Ending> endings) {
        public Day {
            endings = List.copyOf(endings);
        }
    }

    /// The map of a week.
    ///
    /// @param monday the first day
    /// @param like   who calls, and what phones and switches do; its keys and instant are not looked at
    public static WeekMap of(Plan plan, E164 called, LocalDate monday, Bench like) {
        List<Day> days = new ArrayList<>();
        for (int day = 0; day < 7; day++) {
            LocalDate date = monday.plusDays(day);
            List<Ending> endings = new ArrayList<>();
            for (int quarter = 0; quarter < QUARTERS; quarter++) {
                LocalDateTime local = LocalDateTime.of(date, LocalTime.MIDNIGHT).plusMinutes(15L * quarter);
                Bench bench = new Bench(
                        new Arrival.Meant(called),
                        like.caller(),
                        local.atZone(plan.site().timeZone()).toInstant(),
                        List.of(),
                        false,
                        like.phones(),
                        like.switches(),
                        like.agents(),
                        like.waiting());
                endings.add(Tracer.trace(plan, bench).ending());
            }
            days.add(new Day(date, endings));
        }
        return new WeekMap(days);
    }

    /// The map of a week for a caller whose number is withheld, with everything as it is.
    public static WeekMap of(Plan plan, E164 called, LocalDate monday) {
        return of(
                plan,
                called,
                monday,
                Bench.of(
                        called,
                        new Caller.Withheld(),
                        monday.atStartOfDay(plan.site().timeZone()).toInstant()));
    }

    /// How many quarters of the week end how.
    public Map<Ending, Integer> shares() {
        Map<Ending, Integer> shares = new LinkedHashMap<>();
        days.forEach(day -> day.endings().forEach(ending -> shares.merge(ending, 1, Integer::sum)));
        return shares;
    }
}
