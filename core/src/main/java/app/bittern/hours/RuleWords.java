package app.bittern.hours;

import java.time.DayOfWeek;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/// Says a rule of a calendar as people in a country write it: `holiday on 25 Dec, 26 Dec`, `open in season 1 May to
/// 30 Sept, Mon–Sun 06:00–22:00`, `closed on last Fri in Jun from 15:00`, `closed else`. [TypedRule] reads it back.
final class RuleWords {
    private static final int DAY = 24 * 60;

    private RuleWords() {}

    /// @param country ISO 3166 code of two letters
    static String of(HoursState rule, String country) {
        if (rule.unconditional()) {
            return rule.state() + " else";
        }
        List<String> days = new ArrayList<>();
        rule.season().ifPresent(season -> days.add("in season " + season.said(country)));
        if (!rule.on().isEmpty()) {
            days.add("on " + rule.on().stream().map(one -> one.said(country)).collect(Collectors.joining(", ")));
        }
        // Where days are said, hours of every day need no weekdays.
        boolean within = !rule.on().isEmpty() && rule.weekly().stream().allMatch(RuleWords::everyDay);
        String hours = rule.weekly().stream()
                .map(range -> within ? clocks(range) : range.said())
                .collect(Collectors.joining(within ? " and " : ", "));
        String said = String.join(", ", days);
        return rule.state()
                + (said.isEmpty() ? "" : " " + said)
                + (hours.isEmpty() ? "" : (said.isEmpty() || within ? " " : ", ") + hours);
    }

    private static boolean everyDay(WeekRange range) {
        return range.days().size() == DayOfWeek.values().length;
    }

    private static String clocks(WeekRange range) {
        if (range.end() == DAY && range.start() > 0) {
            return "from " + clock(range.start());
        }
        return range.start() == 0 && range.end() < DAY
                ? "until " + clock(range.end())
                : clock(range.start()) + "–" + clock(range.end());
    }

    static String clock(int minute) {
        return String.format(Locale.ROOT, "%02d:%02d", minute / 60, minute % 60);
    }
}
