package app.bittern.server.hours;

import app.bittern.server.finding.FindingApi;
import app.bittern.server.object.ObjectApi;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.JsonNode;

/// What the endpoints of hours give.
public final class HoursApi {
    private HoursApi() {}

    /// All hours and switches in the week of an instant.
    ///
    /// @param from the Monday of that week
    public record WeekView(long version, String from, List<HoursRow> hours, List<SwitchRow> switches) {}

    /// Hours in a week.
    ///
    /// @param zone  whose time its rules are of, where that is not the site's
    /// @param states each once; the last is what holds else
    /// @param state that holds at the instant
    /// @param why   the rule that decides, in words
    /// @param next  when another state begins, within two weeks
    /// @param days  Monday to Sunday
    public record HoursRow(
            String object,
            String title,
            Optional<String> zone,
            List<StateView> states,
            String state,
            String why,
            Optional<Next> next,
            List<DayView> days) {}

    /// @param dated whether its rules are all of days of their own
    public record StateView(String state, boolean dated) {}

    /// @param at    by the site's clock
    public record Next(String at, String state) {}

    /// A day as its rules divide it.
    ///
    /// @param edges the minutes at which weekly hours begin or end, that can be moved; 1440 is the day's end
    public record DayView(String date, List<StretchView> stretches, List<Integer> edges) {}

    /// @param from minute of the day, as `to`, which is excluded
    /// @param rule its place among the rules, from 0
    public record StretchView(int from, int to, String state, int rule) {}

    /// A switch.
    ///
    /// @param since when it was put where it is, and by whom; absent where that was before the journal begins
    public record SwitchRow(
            String object,
            String title,
            Optional<String> number,
            List<String> positions,
            String now,
            Optional<Since> since) {}

    /// @param at by the site's clock
    public record Since(String at, String account) {}

    /// Hours in full.
    ///
    /// @param year    371 days from the Monday of this week
    /// @param decides where they decide something
    /// @param said    findings of prompts that say other hours
    public record RulesView(
            long version,
            String object,
            String title,
            List<RuleView> rules,
            List<DayView> year,
            List<ObjectApi.UseView> decides,
            List<ObjectApi.ReachedBy> numbers,
            List<FindingApi.FindingView> said) {}

    /// A rule as it is said and typed.
    ///
    /// @param seconds so long in a year it decides
    public record RuleView(String said, String state, long seconds) {}

    /// What hours would be.
    ///
    /// @param says   the rule as it is read, or what is wrong
    /// @param wrong  whether it cannot be
    /// @param place  of the rule that is read, from 0
    /// @param states as the plan file has them; absent where it cannot be
    public record Would(String says, boolean wrong, Optional<Integer> place, Optional<JsonNode> states) {}

    /// What a switch does, position by position.
    public record PositionsView(
            long version,
            String object,
            String title,
            String now,
            List<PositionView> positions,
            List<ObjectApi.UseView> decides,
            List<ObjectApi.ReachedBy> numbers) {}

    public record PositionView(String position, List<LeadView> leads) {}

    /// Where a position sends calls.
    ///
    /// @param at what asks the switch, `to` where it leads
    public record LeadView(String at, String title, String to) {}

    /// Days of a calendar file that would be taken over.
    public record CalendarView(List<EventView> events, List<UnreadView> unread) {}

    /// @param words as a rule takes them: `25 Dec`, `10 Dec 2026 14:00–16:30`
    public record EventView(int line, String title, String words) {}

    public record UnreadView(int line, String what, String why) {}

    /// Public holidays.
    ///
    /// @param countries that are known
    public record HolidaysView(
            String country, List<String> countries, List<RegionView> regions, List<HolidayView> days) {}

    public record RegionView(String key, String name) {}

    /// @param first the next one
    /// @param words as a rule takes them
    public record HolidayView(String name, String first, String words) {}
}
