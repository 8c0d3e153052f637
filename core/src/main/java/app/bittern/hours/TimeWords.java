package app.bittern.hours;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/// Says a set of instants in words, and reads them back ([TimeWordsReader]).
///
/// `Mon–Sat 07:30–19:00, from 1 May to 30 Sep 06:00–22:00, except 25 and 26 Dec`: the hours of most weeks;
/// then, where weeks take turns, those of each turn (`in every 2nd week from 30 Nov Mon–Fri 08:00–17:00`); then
/// parts of the year that have other hours; then single days without hours (`except`) or with their own (`on`).
/// What comes later holds before what comes earlier. A date without a year is meant each time it comes within
/// the 53 weeks.
final class TimeWords {
    static final String[] WEEKDAYS = {"Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun"};
    private static final DateTimeFormatter DATE = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMM", Locale.ENGLISH);

    /// So many days with other hours in the same manner are told as a part of the year.
    private static final int SEASON = 10;

    /// How far is looked for the manner to go on after a day that does not fit.
    private static final int AHEAD = 7;

    private final Horizon horizon;
    private final String[] hours = new String[Horizon.DAYS];
    private final String[] said = new String[Horizon.DAYS];
    private final List<String> clauses = new ArrayList<>();

    private TimeWords(TimeSet set) {
        this.horizon = set.horizon();
        Map<List<Integer>, String> known = new HashMap<>();
        for (int day = 0; day < Horizon.DAYS; day++) {
            int[] ranges = set.ranges(day);
            hours[day] = known.computeIfAbsent(Arrays.stream(ranges).boxed().toList(), key -> hours(ranges));
        }
        Arrays.fill(said, "");
    }

    static String of(TimeSet set) {
        if (set.isEmpty()) {
            return "never";
        }
        if (set.equals(TimeSet.always(set.horizon()))) {
            return "always";
        }
        return new TimeWords(set).run();
    }

    private String run() {
        Turns turns = Turns.of(hours);
        String[] usual = turns.shared();
        clause("", usual);
        for (int turn = 0; turns.weeks() > 1 && turn < turns.weeks(); turn++) {
            String[] own = turns.own(turn);
            if (!Arrays.stream(own).allMatch(String::isEmpty)) {
                clause("in every " + ordinal(turns.weeks()) + " week from " + date(turn * 7) + " ", own);
            }
        }
        for (int day = 0; day < Horizon.DAYS; day++) {
            said[day] = turns.hours(day);
        }
        seasons();
        days();
        return String.join(", ", clauses);
    }

    /// `07:30–12:00 and 13:00–19:00`, `all day`, or nothing.
    private static String hours(int[] ranges) {
        if (ranges.length == 2 && ranges[0] == 0 && ranges[1] == Horizon.DAY) {
            return "all day";
        }
        List<String> words = new ArrayList<>();
        for (int index = 0; index < ranges.length; index += 2) {
            words.add(clock(ranges[index]) + "–" + clock(ranges[index + 1]));
        }
        return String.join(" and ", words);
    }

    private static String clock(int minute) {
        return two(minute / 60) + ":" + two(minute % 60);
    }

    private static String two(int figure) {
        return figure < 10 ? "0" + figure : String.valueOf(figure);
    }

    private static String ordinal(int number) {
        return switch (number) {
            case 2 -> "2nd";
            case 3 -> "3rd";
            default -> number + "th";
        };
    }

    private void seasons() {
        int day = 0;
        while (day < Horizon.DAYS) {
            if (hours[day].equals(said[day])) {
                day++;
                continue;
            }
            day = season(day);
        }
    }

    /// Tells a part of the year from a day on, if there is one; gives the day to go on with.
    private int season(int start) {
        String[] manner = new String[7];
        int end = start;
        int other = 0;
        for (int day = start; day < Horizon.DAYS; day++) {
            if (fits(manner, day)) {
                manner[day % 7] = hours[day];
                if (!hours[day].equals(said[day])) {
                    other++;
                    end = day;
                }
            } else if (!goesOn(manner, day)) {
                break;
            }
        }
        if (other < SEASON) {
            return start + 1;
        }
        for (int weekday = 0; weekday < 7; weekday++) {
            manner[weekday] = manner[weekday] == null ? "" : manner[weekday];
        }
        String from = "from " + date(start) + " to " + date(end) + " ";
        clause(from, manner);
        for (int day = start; day <= end; day++) {
            said[day] = manner[day % 7];
        }
        return end + 1;
    }

    private boolean fits(String[] manner, int day) {
        return manner[day % 7] == null || manner[day % 7].equals(hours[day]);
    }

    /// Whether the manner goes on after a day that does not fit: most of the next days do.
    private boolean goesOn(String[] manner, int day) {
        int fitting = 0;
        int other = 0;
        for (int ahead = day + 1; ahead <= day + AHEAD && ahead < Horizon.DAYS; ahead++) {
            fitting += fits(manner, ahead) ? 1 : 0;
            other += fits(manner, ahead) && !hours[ahead].equals(said[ahead]) ? 1 : 0;
        }
        return fitting >= AHEAD - 3 && other > 0;
    }

    /// `Mon–Fri 08:00–17:00, Sat 09:00–12:00` after a beginning.
    private void clause(String beginning, String[] manner) {
        if (Arrays.stream(manner).allMatch(manner[0]::equals)) {
            if (!manner[0].isEmpty() || !beginning.isEmpty()) {
                String every = manner[0].isEmpty()
                        ? "never"
                        : beginning.isEmpty() && !manner[0].equals("all day") ? "Mon–Sun " + manner[0] : manner[0];
                clauses.add(beginning + every);
            }
            return;
        }
        Map<String, List<Integer>> weekdays = new LinkedHashMap<>();
        for (int weekday = 0; weekday < 7; weekday++) {
            if (!manner[weekday].isEmpty()) {
                weekdays.computeIfAbsent(manner[weekday], h -> new ArrayList<>())
                        .add(weekday);
            }
        }
        String before = beginning;
        for (Map.Entry<String, List<Integer>> one : weekdays.entrySet()) {
            clauses.add(before + weekdays(one.getValue()) + " " + one.getKey());
            before = "";
        }
    }

    private static String weekdays(List<Integer> days) {
        List<String> runs = new ArrayList<>();
        int at = 0;
        while (at < days.size()) {
            int last = at;
            while (last + 1 < days.size() && days.get(last + 1) == days.get(last) + 1) {
                last++;
            }
            String first = WEEKDAYS[days.get(at)];
            runs.add(last == at ? first : first + (last == at + 1 ? " and " : "–") + WEEKDAYS[days.get(last)]);
            at = last + 1;
        }
        return String.join(" and ", runs);
    }

    /// Single days that are not said yet.
    private void days() {
        Map<String, List<Integer>> others = new LinkedHashMap<>();
        for (int day = 0; day < Horizon.DAYS; day++) {
            if (!hours[day].equals(said[day])) {
                others.computeIfAbsent(hours[day], h -> new ArrayList<>()).add(day);
            }
        }
        others.forEach((own, days) -> {
            if (own.isEmpty()) {
                clauses.add("except " + dates(days));
            } else {
                clauses.add("on " + dates(days) + " " + own);
            }
        });
    }

    /// `25 and 26 Dec and 1 Jan`; days that come twice within the weeks and are both meant are said once.
    private String dates(List<Integer> days) {
        List<String> words = new ArrayList<>();
        List<Integer> months = new ArrayList<>();
        for (int day : days) {
            String date = date(day);
            boolean again = twin(day) < day && twin(day) >= 0 && days.contains(twin(day));
            boolean twice = twin(day) >= 0 && days.contains(twin(day));
            if (again) {
                continue;
            }
            words.add(twice ? DATE.format(horizon.day(day)) : date);
            months.add(day);
        }
        StringBuilder text = new StringBuilder();
        for (int index = 0; index < words.size(); index++) {
            LocalDate date = horizon.day(months.get(index));
            boolean shared = index + 1 < words.size()
                    && plain(words.get(index))
                    && plain(words.get(index + 1))
                    && MONTH.format(date).equals(MONTH.format(horizon.day(months.get(index + 1))));
            text.append(index == 0 ? "" : " and ");
            text.append(shared ? String.valueOf(date.getDayOfMonth()) : words.get(index));
        }
        return text.toString();
    }

    private static boolean plain(String date) {
        return !date.matches(".*[0-9]{4}");
    }

    /// The same date a year earlier or later within the weeks, or -1.
    private int twin(int day) {
        LocalDate date = horizon.day(day);
        for (LocalDate other : List.of(date.plusYears(1), date.minusYears(1))) {
            long index = other.toEpochDay() - horizon.from().toEpochDay();
            if (index >= 0
                    && index < Horizon.DAYS
                    && other.getDayOfMonth() == date.getDayOfMonth()
                    && other.getMonth() == date.getMonth()) {
                return (int) index;
            }
        }
        return -1;
    }

    /// `25 Dec`, with the year where the date comes twice within the weeks.
    private String date(int day) {
        String date = DATE.format(horizon.day(day));
        return twin(day) >= 0 ? date + " " + horizon.day(day).getYear() : date;
    }

    /// The index of a weekday's name, or -1.
    static int weekday(String name) {
        return Arrays.asList(WEEKDAYS).indexOf(name);
    }
}
