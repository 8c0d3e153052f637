package app.bittern.hours;

import app.bittern.hours.TypedWords.NotRead;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;

/// Reads weekdays and times of the day as somebody types them: `Mon-Fri 8.30-5`, `weekends 10am-4pm`, `from 15:00`.
final class TypedHours {
    private static final int DAY = 24 * 60;
    private static final int NOON = 12 * 60;
    private static final Set<DayOfWeek> EVERY = EnumSet.allOf(DayOfWeek.class);

    private final TypedWords words;

    TypedHours(TypedWords words) {
        this.words = words;
    }

    /// The weekdays that come next, where some do.
    Optional<Set<DayOfWeek>> weekdays() {
        if (words.take("weekdays") || words.take("weekday")) {
            return Optional.of(EnumSet.range(DayOfWeek.MONDAY, DayOfWeek.FRIDAY));
        }
        if (words.take("weekends") || words.take("weekend")) {
            return Optional.of(EnumSet.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY));
        }
        if (words.take("daily") || words.take("day") || words.take("days")) {
            return Optional.of(EVERY);
        }
        if (words.done() || TypedWords.weekday(words.word()).isEmpty()) {
            return Optional.empty();
        }
        Set<DayOfWeek> days = EnumSet.noneOf(DayOfWeek.class);
        do {
            DayOfWeek first = TypedWords.weekday(words.word()).orElseThrow();
            words.skip(1);
            DayOfWeek last = first;
            if (TypedWords.SPAN.contains(words.lower())
                    && TypedWords.weekday(words.after(1)).isPresent()) {
                last = TypedWords.weekday(words.after(1)).orElseThrow();
                words.skip(2);
            }
            for (DayOfWeek day = first; days.add(day) || day != last; day = day.plus(1)) {
                if (day == last) {
                    break;
                }
            }
        } while (words.joins(next -> TypedWords.weekday(next).isPresent()));
        return Optional.of(days);
    }

    /// Whether a time of the day comes next, or one from or until which something holds.
    boolean comes() {
        String word = words.lower();
        boolean open = word.equals("from") || word.equals("until") || word.equals("till");
        return TypedWords.time(words.after(open ? 1 : 0), words.after(open ? 2 : 1));
    }

    /// The ranges of some days that come next.
    List<WeekRange> ranges(Set<DayOfWeek> days) throws NotRead {
        List<WeekRange> ranges = new ArrayList<>();
        int before = -1;
        do {
            WeekRange range = range(days, before);
            ranges.add(range);
            before = range.overMidnight() ? -1 : range.end();
        } while (words.joins(next -> TypedWords.time(next, words.after(2))));
        return ranges;
    }

    /// @param before the end of the range before on these days; before the day where there is none
    private WeekRange range(Set<DayOfWeek> days, int before) throws NotRead {
        if (words.take("until") || words.take("till")) {
            return range(days, 0, time(0));
        }
        boolean from = words.take("from");
        int start = time(before);
        if (!TypedWords.SPAN.contains(words.lower())) {
            if (from) {
                return range(days, start, DAY);
            }
            String clock = RuleWords.clock(start);
            throw new NotRead(
                    "'" + clock + "' has no end: \"from " + clock + "\", \"until " + clock + "\" or a range is meant.");
        }
        words.skip(1);
        return range(days, start, time(start));
    }

    private static WeekRange range(Set<DayOfWeek> days, int start, int end) throws NotRead {
        int to = end == 0 ? DAY : end;
        try {
            return new WeekRange(days, start % DAY, to);
        } catch (IllegalArgumentException unsound) {
            throw new NotRead("From " + RuleWords.clock(start) + " to " + RuleWords.clock(to)
                    + " cannot be: the end is after the start, over midnight 12 hours later at most.");
        }
    }

    /// @param after of the afternoon where it would else not be after this minute
    private int time(int after) throws NotRead {
        if (words.take("noon")) {
            return NOON;
        }
        if (words.take("midnight")) {
            return after < 0 ? 0 : DAY;
        }
        Matcher read = TypedWords.TIME.matcher(words.after(0));
        if (!read.matches()) {
            throw words.unread();
        }
        int hour = Integer.parseInt(read.group(1));
        int minute = read.group(2) == null ? 0 : Integer.parseInt(read.group(2));
        Optional<String> half = Optional.ofNullable(read.group(3)).map(word -> word.toLowerCase(Locale.ROOT));
        boolean sound = half.isPresent() ? hour >= 1 && hour <= 12 : hour < 24 || (hour == 24 && minute == 0);
        if (!sound || minute >= 60) {
            throw new NotRead("'" + words.word() + "' is no time of day.");
        }
        words.skip(1);
        if (half.isPresent()) {
            return (hour % 12 + (half.get().equals("p") ? 12 : 0)) * 60 + minute;
        }
        int time = hour * 60 + minute;
        // Of two figures only 10 and 11 could be of the evening, and with minutes they are written as a clock shows
        // them.
        boolean vague = !read.group(1).startsWith("0") && hour > 0 && hour < (read.group(2) == null ? 12 : 10);
        return vague && after >= 0 && time <= after && time + NOON > after ? time + NOON : time;
    }
}
