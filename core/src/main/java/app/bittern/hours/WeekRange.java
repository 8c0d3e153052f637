package app.bittern.hours;

import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A range of hours on some days of the week, such as `Mon-Fri 08:30-17:00`.
///
/// The end is exclusive. A range whose end is before its start goes on after midnight into the next
/// day (`Fri 22:00-02:00`) where it is then at most 12 hours long; a longer one is refused, since the
/// ends of a day's hours have nearly always been mixed up (`17:00-08:30`), and a longer night is
/// written as two ranges. One that ends at its own start is refused too: nobody can tell whether it means never or
/// always.
///
/// @param days  the days on which it starts
/// @param start minutes after midnight, 0 to 1439
/// @param end   minutes after midnight, 1 to 1440 (24:00)
public record WeekRange(Set<DayOfWeek> days, int start, int end) {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED =
            "days and hours such as \"Mon-Fri 08:30-17:00\" (days Mon to Sun, times 00:00 to 24:00, the end after the"
                    + " start; over midnight 12 hours at most, such as \"Sat 22:00-02:00\", longer as two ranges)";

    private static final int DAY = 24 * 60;
    private static final int LONGEST_NIGHT = 12 * 60;
    private static final List<String> NAMES = List.of("Mon", "Tue", "Wed", "Thu", "Fri", "Sat", "Sun");
    private static final Pattern SHAPE =
            Pattern.compile("([A-Za-z, -]+?) +([0-9]{2}):([0-9]{2})-([0-9]{2}):([0-9]{2})");

    /// @throws IllegalArgumentException where no day is given or the times are out of range or alike
    public WeekRange {
        if (days.isEmpty() || !sound(start, end)) {
            throw new IllegalArgumentException(days + " " + start + "-" + end + " minutes: " + ALLOWED);
        }
        days = Collections.unmodifiableSet(EnumSet.copyOf(days));
    }

    /// Reads what [#toString()] writes, and days joined by commas (`Mon-Wed,Fri 09:00-12:00`).
    public static Optional<WeekRange> parse(String text) {
        Matcher read = SHAPE.matcher(text.strip());
        if (!read.matches()) {
            return Optional.empty();
        }
        Set<DayOfWeek> days = daysOf(read.group(1));
        int start = minutes(read.group(2), read.group(3));
        int end = minutes(read.group(4), read.group(5));
        return !days.isEmpty() && sound(start, end) ? Optional.of(new WeekRange(days, start, end)) : Optional.empty();
    }

    private static boolean sound(int start, int end) {
        boolean times = start >= 0 && start < DAY && end > 0 && end <= DAY;
        return times && (end > start || (end < start && end + DAY - start <= LONGEST_NIGHT));
    }

    private static int minutes(String hour, String minute) {
        int hours = Integer.parseInt(hour);
        int minutes = Integer.parseInt(minute);
        boolean sound = minutes < 60 && (hours < 24 || (hours == 24 && minutes == 0));
        return sound ? hours * 60 + minutes : -1;
    }

    private static Set<DayOfWeek> daysOf(String text) {
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        for (String part : text.split(",", -1)) {
            String[] ends = part.strip().split("-", -1);
            int first = NAMES.indexOf(ends[0].strip());
            int last = NAMES.indexOf(ends[ends.length - 1].strip());
            if (first < 0 || last < 0 || ends.length > 2) {
                return Set.of();
            }
            for (int day = first; ; day = (day + 1) % 7) {
                days.add(DayOfWeek.of(day + 1));
                if (day == last) {
                    break;
                }
            }
        }
        return days;
    }

    /// Whether the range goes on after midnight.
    public boolean overMidnight() {
        return end < start;
    }

    /// Whether the range holds at a local date and time.
    public boolean holds(LocalDateTime at) {
        int minute = at.getHour() * 60 + at.getMinute();
        DayOfWeek day = at.getDayOfWeek();
        if (!overMidnight()) {
            return days.contains(day) && minute >= start && minute < end;
        }
        return (days.contains(day) && minute >= start) || (days.contains(day.minus(1)) && minute < end);
    }

    /// As people write it: `Mon–Fri 08:30–17:00`.
    public String said() {
        return toString().replace('-', '–').replace(",", ", ");
    }

    @Override
    public String toString() {
        return daysInWords() + " " + clock(start) + "-" + clock(end);
    }

    private String daysInWords() {
        List<String> runs = new ArrayList<>();
        for (int day = 0; day < 7; day++) {
            int first = day;
            while (day < 7 && days.contains(DayOfWeek.of(day + 1))) {
                day++;
            }
            if (day > first) {
                runs.add(day == first + 1 ? NAMES.get(first) : NAMES.get(first) + "-" + NAMES.get(day - 1));
            }
        }
        return String.join(",", runs);
    }

    private static String clock(int minutes) {
        return String.format(Locale.ROOT, "%02d:%02d", minutes / 60, minutes % 60);
    }
}
