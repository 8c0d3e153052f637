package app.bittern.hours;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeFormatterBuilder;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Reads back what [TimeWords] says, so that the words can be shown to be right.
final class TimeWordsReader {
    private static final Pattern SEASON = Pattern.compile(
            "from ([0-9]{1,2} [A-Z][a-z]{2}(?: [0-9]{4})?) to ([0-9]{1,2} [A-Z][a-z]{2}(?: [0-9]{4})?) (.*)");
    private static final Pattern TURN =
            Pattern.compile("in every ([0-9]{1,2})[a-z]{2} week from ([0-9]{1,2} [A-Z][a-z]{2}(?: [0-9]{4})?) (.*)");
    private static final Pattern WEEKLY =
            Pattern.compile("((?:Mon|Tue|Wed|Thu|Fri|Sat|Sun).*?) ([0-9].*|all day|never)");
    private static final Pattern ON = Pattern.compile("on (.*?[A-Z][a-z]{2}(?: [0-9]{4})?) ((?:[0-9]{2}:|all day).*)");
    private static final DateTimeFormatter DATE =
            new DateTimeFormatterBuilder().appendPattern("d MMM uuuu").toFormatter(Locale.ENGLISH);

    private final Horizon horizon;
    private final int[][] days = new int[Horizon.DAYS][];
    private int seasonFrom;
    private int seasonTo = Horizon.DAYS - 1;
    private int weeks = 1;
    private int turn;

    private TimeWordsReader(Horizon horizon) {
        this.horizon = horizon;
        java.util.Arrays.fill(days, new int[0]);
    }

    /// @throws IllegalArgumentException where the words are not ours
    static TimeSet read(String words, Horizon horizon) {
        if (words.equals("never")) {
            return TimeSet.never(horizon);
        }
        if (words.equals("always")) {
            return TimeSet.always(horizon);
        }
        TimeWordsReader reader = new TimeWordsReader(horizon);
        for (String clause : words.split(", ", -1)) {
            reader.clause(clause);
        }
        TimeSet.Builder set = new TimeSet.Builder(horizon);
        for (int day = 0; day < Horizon.DAYS; day++) {
            set.put(day, reader.days[day]);
        }
        return set.done();
    }

    private void clause(String clause) {
        Matcher season = SEASON.matcher(clause);
        Matcher on = ON.matcher(clause);
        Matcher turns = TURN.matcher(clause);
        if (turns.matches()) {
            weeks = Integer.parseInt(turns.group(1));
            turn = dates(turns.group(2)).getFirst() / 7;
            weekly(turns.group(3));
        } else if (season.matches()) {
            weeks = 1;
            turn = 0;
            seasonFrom = dates(season.group(1)).getFirst();
            seasonTo = dates(season.group(2)).getLast();
            for (int day = seasonFrom; day <= seasonTo; day++) {
                days[day] = new int[0];
            }
            weekly(season.group(3));
        } else if (clause.startsWith("except ")) {
            dates(clause.substring(7)).forEach(day -> days[day] = new int[0]);
        } else if (on.matches()) {
            int[] ranges = ranges(on.group(2));
            dates(on.group(1)).forEach(day -> days[day] = ranges);
        } else {
            weekly(clause);
        }
    }

    private void weekly(String text) {
        Matcher weekly = WEEKLY.matcher(text);
        boolean named = weekly.matches();
        boolean[] weekdays =
                named ? weekdays(weekly.group(1)) : new boolean[] {true, true, true, true, true, true, true};
        int[] ranges = ranges(named ? weekly.group(2) : text);
        for (int day = seasonFrom; day <= seasonTo; day++) {
            if (weekdays[day % 7] && day / 7 % weeks == turn) {
                days[day] = ranges;
            }
        }
    }

    private static boolean[] weekdays(String text) {
        boolean[] weekdays = new boolean[7];
        for (String run : text.split(" and ", -1)) {
            String[] ends = run.split("–", -1);
            for (int day = TimeWords.weekday(ends[0]); day <= TimeWords.weekday(ends[ends.length - 1]); day++) {
                weekdays[day] = true;
            }
        }
        return weekdays;
    }

    private static int[] ranges(String text) {
        if (text.equals("never")) {
            return new int[0];
        }
        if (text.equals("all day")) {
            return new int[] {0, Horizon.DAY};
        }
        String[] parts = text.split(" and ", -1);
        int[] ranges = new int[parts.length * 2];
        for (int index = 0; index < parts.length; index++) {
            String[] ends = parts[index].split("–", -1);
            ranges[2 * index] = minute(ends[0]);
            ranges[2 * index + 1] = minute(ends[1]);
        }
        return ranges;
    }

    private static int minute(String clock) {
        return Integer.parseInt(clock.substring(0, 2)) * 60 + Integer.parseInt(clock.substring(3, 5));
    }

    /// The days that dates are; one without a year is each of that date.
    private List<Integer> dates(String text) {
        String[] parts = text.split(" and ", -1);
        List<Integer> found = new ArrayList<>();
        for (int index = 0; index < parts.length; index++) {
            String date = parts[index];
            for (int later = index + 1; !date.contains(" "); later++) {
                date = parts[later].contains(" ") ? date + " " + parts[later].split(" ", -1)[1] : date;
            }
            int before = found.size();
            if (date.matches(".* [0-9]{4}")) {
                add(found, LocalDate.parse(date, DATE));
            } else {
                for (int year = horizon.from().getYear(); year <= horizon.from().getYear() + 2; year++) {
                    if (!date.equals("29 Feb") || LocalDate.of(year, 1, 1).isLeapYear()) {
                        add(found, LocalDate.parse(date + " " + year, DATE));
                    }
                }
            }
            if (found.size() == before) {
                throw new IllegalArgumentException("'" + date + "' is not within the weeks from " + horizon.from());
            }
        }
        return found;
    }

    private void add(List<Integer> found, LocalDate date) {
        long day = date.toEpochDay() - horizon.from().toEpochDay();
        if (day >= 0 && day < Horizon.DAYS) {
            found.add((int) day);
        }
    }
}
