package app.bittern.formats;

import app.bittern.hours.Calendar;
import app.bittern.hours.DateRule;
import app.bittern.hours.HoursState;
import app.bittern.hours.Season;
import app.bittern.hours.WeekRange;
import app.bittern.plan.Hours;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;

/// Opening hours.
final class HoursFormat implements KindFormat<Hours> {
    private static final String ALLOWED_STATES =
            "a list of states such as { state: open, weekly: [\"Mon-Fri 08:30-17:00\"] }";

    @Override
    public Optional<Hours> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Optional<ZoneId> timeZone = fields.read("timeZone", SiteFormat.ALLOWED_ZONE, SiteFormat::zone);
        List<HoursState> states = fields.list("states", HoursFormat::oneState);
        fields.needed("states", fields.given("states"), ALLOWED_STATES, Node.Scalar.text(""));
        if (states.isEmpty()) {
            fields.emptyRefused("states", ALLOWED_STATES);
            return Optional.empty();
        }
        return Optional.of(new Hours(key, name, note, timeZone, new Calendar(states)));
    }

    /// The name of a state or a position.
    static Optional<String> state(String text) {
        return text.matches("[a-z0-9]+(-[a-z0-9]+)*") ? Optional.of(text) : Optional.empty();
    }

    private static Optional<HoursState> oneState(Reading fields) {
        String allowed = "the name of a state, such as open";
        String state = fields.needed("state", fields.read("state", allowed, HoursFormat::state), allowed, "open");
        Optional<Season> season = fields.read("season", Season.ALLOWED, Season::parse);
        List<WeekRange> weekly = fields.parsed("weekly", WeekRange.ALLOWED, WeekRange::parse);
        List<DateRule> on = fields.items("on", (node, where) -> day(node, where, fields.problems()));
        fields.done();
        return Optional.of(new HoursState(state, season, weekly, on));
    }

    /// A day or a rule, or a rule and the day that it counts from.
    private static Optional<DateRule> day(Node node, String where, Problems problems) {
        if (node instanceof Node.Noted(Shape shape)) {
            shape.is("string").allowed(DateRule.ALLOWED);
        }
        if (!(node instanceof Node.Fields) && !(node instanceof Node.Noted)) {
            return Scalars.text(
                    node,
                    where,
                    DateRule.ALLOWED,
                    text -> DateRule.parse(text).filter(rule -> !text.contains(DateRule.FROM)),
                    problems);
        }
        Reading fields = Reading.of(node, where, problems);
        Optional<String> rule = fields.text("rule");
        Optional<LocalDate> from = fields.read("from", "a date such as 2026-11-02", InboundNumberFormat::date);
        String text = fields.needed("rule", rule, "a rule such as FREQ=WEEKLY;INTERVAL=2;BYDAY=MO", "FREQ=DAILY");
        boolean given = fields.needed("from", from.map(day -> true), "the day that the rule counts from", false);
        fields.done();
        Optional<DateRule> read = given ? DateRule.parse(text + DateRule.FROM + from.orElseThrow()) : Optional.empty();
        if (given && read.isEmpty()) {
            fields.refused(
                    "rule", "'" + text + "'", "a rule of RFC 5545 by days, such as FREQ=WEEKLY;INTERVAL=2;BYDAY=MO");
        }
        return read;
    }

    private static Node written(DateRule rule) {
        return rule instanceof DateRule.Recurring(String text, Optional<LocalDate> from) && from.isPresent()
                ? new Writing().text("rule", text).text("from", from.get()).done()
                : new Node.Scalar(rule.toString(), Node.Type.TEXT, Node.Place.NONE);
    }

    @Override
    public Writing write(Hours hours) {
        return new Writing()
                .text("name", hours.name())
                .text("note", hours.note())
                .text("timeZone", hours.timeZone())
                .items(
                        "states",
                        hours.calendar().states().stream()
                                .map(state -> new Writing()
                                        .text("state", state.state())
                                        .text("season", state.season())
                                        .texts("weekly", state.weekly())
                                        .items(
                                                "on",
                                                state.on().stream()
                                                        .map(HoursFormat::written)
                                                        .toList())
                                        .done())
                                .toList());
    }
}
