package app.bittern.hours;

import app.bittern.hours.TypedWords.NotRead;
import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// Reads a rule of a calendar as somebody types it: `closed on last Fri in Jun from 15:00`, `Mon-Fri 8.30-5`,
/// `holiday on 25 Dec, 1 Jan`, `open May-Sep weekends 10am-4pm`, `closed else`. What [HoursState#said] says is
/// read back the same.
///
/// A time without am or pm is of the morning; an end that would not be after its start, and a start that would be
/// before the end that it follows, is of the afternoon where it has no leading zero: `8.30-5` ends at 17:00,
/// `22:00-02:00` after midnight, `9-12 and 1-5` goes on at 13:00. Read from left to right, looking a few words ahead.
public final class TypedRule {
    /// What is allowed, as a refusal says it.
    public static final String ALLOWED =
            "a state, then days and hours, such as \"closed on last Fri in Jun from 15:00\", \"Mon-Fri 8.30-5\","
                    + " \"holiday on 25 Dec, 1 Jan\", \"open 1 May to 30 Sep, Sat 10-16\" or \"closed else\"";

    /// Words that say nothing of their own.
    private static final Set<String> FILLING = Set.of("on", "in", "every", "each", "season", "the", "during", "from");

    private static final Set<String> NO_STATES = Set.of(
            "until",
            "till",
            "else",
            "otherwise",
            "daily",
            "weekdays",
            "weekday",
            "weekends",
            "weekend",
            "last",
            "all",
            "noon",
            "midnight");

    /// What was made of the words.
    public sealed interface Result {
        record Read(HoursState rule) implements Result {}

        /// @param says what could not be read, and what is allowed
        record Refused(String says) implements Result {}
    }

    private final TypedWords words;
    private final TypedHours hours;
    private final TypedDates dates;
    private Optional<Season> season = Optional.empty();
    private final List<DateRule> on = new ArrayList<>();
    private final List<WeekRange> weekly = new ArrayList<>();
    private Set<DayOfWeek> days = EnumSet.allOf(DayOfWeek.class);
    /// Whether a time has been said of these days.
    private boolean timed = true;

    private TypedRule(TypedWords words, String country) {
        this.words = words;
        this.hours = new TypedHours(words);
        this.dates = new TypedDates(words, country);
    }

    /// Reads a rule.
    ///
    /// @param text    as it is typed
    /// @param states  those of the calendar; where none is named, `open` is meant if it is one, else the first
    /// @param country whose way of writing dates such as 3/4 counts, ISO 3166
    public static Result read(String text, List<String> states, String country) {
        try {
            return new Result.Read(new TypedRule(new TypedWords(text), country).rule(states));
        } catch (NotRead unread) {
            return new Result.Refused(unread.getMessage() + " Allowed is " + ALLOWED + ".");
        }
    }

    private HoursState rule(List<String> states) throws NotRead {
        if (words.done()) {
            throw new NotRead("Nothing was typed.");
        }
        String state = state().orElse(states.isEmpty() || states.contains("open") ? "open" : states.getFirst());
        if (words.take("else") || words.take("otherwise")) {
            if (!words.done()) {
                throw words.unread();
            }
            return new HoursState(state, Optional.empty(), List.of(), List.of());
        }
        if (words.done()) {
            throw new NotRead("When it is '" + state + "' is missing; \"" + state + " else\" is at all other times.");
        }
        boolean begun = false;
        while (!words.done()) {
            if (begun && TypedWords.AND.contains(words.lower())) {
                words.skip(1);
            }
            part();
            begun = true;
        }
        settle();
        return new HoursState(state, season, weekly, on);
    }

    /// A word that begins no day and no time names a state.
    private Optional<String> state() {
        String word = words.lower();
        boolean named = word.matches("[a-z][a-z0-9]*(-[a-z0-9]+)*")
                && TypedWords.weekday(word).isEmpty()
                && TypedWords.month(word).isEmpty()
                && !FILLING.contains(word)
                && !NO_STATES.contains(word)
                && !TypedWords.ORDINALS.contains(word);
        if (!named) {
            return Optional.empty();
        }
        words.skip(1);
        words.skip(words.lower().equals(":") ? 1 : 0);
        return Optional.of(word.toLowerCase(Locale.ROOT));
    }

    private void part() throws NotRead {
        if (dates.recurs()) {
            date();
        } else if (hours.comes()) {
            weekly.addAll(hours.ranges(days));
            timed = true;
        } else if (FILLING.contains(words.lower())) {
            words.skip(1);
        } else if (words.take("all")) {
            if (!words.take("day")) {
                throw words.unread();
            }
        } else {
            Optional<Set<DayOfWeek>> some = hours.weekdays();
            if (some.isPresent()) {
                settle();
                days = some.get();
                timed = false;
            } else {
                date();
            }
        }
    }

    /// Weekdays of which no time is said are meant whole.
    private void settle() {
        if (!timed) {
            weekly.add(new WeekRange(days, 0, 24 * 60));
            timed = true;
        }
    }

    private void date() throws NotRead {
        switch (dates.read()) {
            case TypedDates.Read.Days(DateRule rule) -> on.add(rule);
            case TypedDates.Read.Part(Season part) -> {
                if (season.isPresent()) {
                    throw new NotRead("Two parts of the year are more than a rule takes; two rules can have one each.");
                }
                season = Optional.of(part);
            }
        }
    }
}
