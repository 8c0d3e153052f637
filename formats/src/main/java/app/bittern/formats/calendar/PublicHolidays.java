package app.bittern.formats.calendar;

import app.bittern.hours.DateRule;
import de.focus_shift.jollyday.core.CalendarHierarchy;
import de.focus_shift.jollyday.core.Holiday;
import de.focus_shift.jollyday.core.HolidayManager;
import de.focus_shift.jollyday.core.HolidayType;
import de.focus_shift.jollyday.core.ManagerParameters;
import java.time.LocalDate;
import java.time.MonthDay;
import java.time.Year;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/// The public holidays of countries and their regions, as the library Jollyday knows them.
public final class PublicHolidays {
    /// A day that is the same in so many years is one of every year.
    private static final int YEARS = 12;

    /// Dates are given for so many years ahead where they differ from year to year.
    private static final int AHEAD = 2;

    private PublicHolidays() {}

    /// A part of a country with holidays of its own.
    public record Region(String key, String name) {}

    /// One holiday.
    ///
    /// @param first its next day
    /// @param days  as a rule of hours takes them: of every year, or the dates of the next two years
    public record Day(String name, LocalDate first, List<DateRule> days) {
        public Day {
            days = List.copyOf(days);
        }
    }

    private static boolean known(String country) {
        return HolidayManager.getSupportedCalendarCodes().stream().anyMatch(code -> code.equalsIgnoreCase(country));
    }

    private static HolidayManager manager(String country) {
        return HolidayManager.getInstance(ManagerParameters.create(country.toLowerCase(Locale.ROOT)));
    }

    /// The countries that are known, ISO 3166, in order.
    public static List<String> countries() {
        return HolidayManager.getSupportedCalendarCodes().stream()
                .map(code -> code.toUpperCase(Locale.ROOT))
                .filter(code -> code.length() == 2)
                .sorted()
                .toList();
    }

    /// The regions of a country by name; none where the country is not known.
    public static List<Region> regions(String country) {
        if (!known(country)) {
            return List.of();
        }
        CalendarHierarchy all = manager(country).getCalendarHierarchy();
        return new TreeMap<>(all.getChildren())
                .values().stream()
                        .map(one -> new Region(one.getId(), one.getDescription(Locale.ENGLISH)))
                        .sorted(Comparator.comparing(Region::name))
                        .toList();
    }

    /// The holidays from a day on, by their next day.
    ///
    /// @param country ISO 3166; of one that is not known there are none
    /// @param region  one of [#regions]; empty for what the whole country has
    public static List<Day> of(String country, String region, LocalDate from) {
        if (!known(country)) {
            return List.of();
        }
        String[] where = region.isEmpty() ? new String[0] : new String[] {region};
        HolidayManager manager = manager(country);
        Map<String, List<LocalDate>> dates = new LinkedHashMap<>();
        IntStream.range(0, YEARS)
                .mapToObj(
                        year -> manager.getHolidays(Year.of(from.getYear() + year), HolidayType.PUBLIC_HOLIDAY, where))
                .flatMap(Set::stream)
                .sorted(Comparator.comparing(Holiday::getDate))
                .forEach(one -> dates.computeIfAbsent(one.getDescription(Locale.ENGLISH), name -> new ArrayList<>())
                        .add(one.getDate()));
        return dates.entrySet().stream()
                .flatMap(one -> one.getValue().stream()
                        .filter(date -> !date.isBefore(from) && date.isBefore(from.plusYears(AHEAD)))
                        .findFirst()
                        .map(first -> new Day(one.getKey(), first, rules(one.getValue(), from)))
                        .stream())
                .sorted(Comparator.comparing(Day::first))
                .toList();
    }

    private static List<DateRule> rules(List<LocalDate> dates, LocalDate from) {
        Set<MonthDay> days = dates.stream().map(MonthDay::from).collect(Collectors.toSet());
        return days.size() == 1 && dates.size() == YEARS
                ? List.of(new DateRule.Yearly(days.iterator().next()))
                : dates.stream()
                        .filter(date -> !date.isBefore(from) && date.isBefore(from.plusYears(AHEAD)))
                        .<DateRule>map(DateRule.Once::new)
                        .toList();
    }
}
