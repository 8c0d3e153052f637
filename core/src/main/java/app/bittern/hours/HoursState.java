package app.bittern.hours;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/// One state of a calendar and the rules that must all hold for it: `open`, in season, on these days.
///
/// @param state  its name, such as `open`
/// @param season the part of the year it is limited to
/// @param weekly one of these ranges must hold; none means any time
/// @param on     one of these dates must hold; none means any date
public record HoursState(String state, Optional<Season> season, List<WeekRange> weekly, List<DateRule> on) {
    public HoursState {
        weekly = List.copyOf(weekly);
        on = List.copyOf(on);
    }

    /// The same for other days.
    public HoursState withOn(List<DateRule> days) {
        return new HoursState(state, season, weekly, days);
    }

    /// The same at other hours.
    public HoursState withWeekly(List<WeekRange> ranges) {
        return new HoursState(state, season, ranges, on);
    }

    /// Whether the state has no rule, and so always holds.
    public boolean unconditional() {
        return season.isEmpty() && weekly.isEmpty() && on.isEmpty();
    }

    /// Whether every rule holds at a local date and time.
    public boolean holds(LocalDateTime at) {
        return failing(at).isEmpty();
    }

    /// Whether the rules of the day hold on a date: the season and the dates.
    boolean holdsOn(LocalDate date) {
        return season.map(part -> part.holds(date)).orElse(true)
                && (on.isEmpty() || on.stream().anyMatch(rule -> rule.holds(date)));
    }

    /// Whether the weekly ranges hold at a local date and time.
    boolean holdsWeekly(LocalDateTime at) {
        return weekly.isEmpty() || weekly.stream().anyMatch(range -> range.holds(at));
    }

    /// The first rule that does not hold, in words, such as `Sat 20:00 is outside Mon-Sat 07:30-19:00`.
    public Optional<String> failing(LocalDateTime at) {
        if (season.isPresent() && !season.get().holds(at.toLocalDate())) {
            return Optional.of("the day is outside the season " + season.get());
        }
        if (!on.isEmpty() && on.stream().noneMatch(rule -> rule.holds(at.toLocalDate()))) {
            return Optional.of("the day is none of " + words(on));
        }
        if (!weekly.isEmpty() && weekly.stream().noneMatch(range -> range.holds(at))) {
            return Optional.of("the time is outside " + words(weekly));
        }
        return Optional.empty();
    }

    /// The rules in words, such as `season 05-01..09-30, Mon-Sun 06:00-22:00`; `otherwise` where there is none.
    public String rulesInWords() {
        if (unconditional()) {
            return "otherwise";
        }
        String season = this.season
                .map(s -> "season " + s + (weekly.isEmpty() && on.isEmpty() ? "" : ", "))
                .orElse("");
        String dates = on.isEmpty() ? "" : words(on) + (weekly.isEmpty() ? "" : ", ");
        return season + dates + words(weekly);
    }

    /// As people in a country write it: `closed on last Fri in Jun from 15:00`; [TypedRule] reads it back.
    ///
    /// @param country ISO 3166 code of two letters
    public String said(String country) {
        return RuleWords.of(this, country);
    }

    private static String words(List<?> rules) {
        return String.join(", ", rules.stream().map(Object::toString).toList());
    }
}
