package app.bittern.formats;

import app.bittern.hours.Calendar;
import app.bittern.hours.DateRule;
import app.bittern.hours.HoursState;
import app.bittern.hours.Season;
import app.bittern.hours.WeekRange;
import app.bittern.plan.Hours;
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
        List<HoursState> states = fields.list("states", HoursFormat::oneState);
        fields.needed("states", fields.given("states"), ALLOWED_STATES, Node.Scalar.text(""));
        if (states.isEmpty()) {
            fields.emptyRefused("states", ALLOWED_STATES);
            return Optional.empty();
        }
        return Optional.of(new Hours(key, name, note, new Calendar(states)));
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
        List<DateRule> on = fields.parsed("on", DateRule.ALLOWED, DateRule::parse);
        fields.done();
        return Optional.of(new HoursState(state, season, weekly, on));
    }

    @Override
    public Writing write(Hours hours) {
        return new Writing()
                .text("name", hours.name())
                .text("note", hours.note())
                .items(
                        "states",
                        hours.calendar().states().stream()
                                .map(state -> new Writing()
                                        .text("state", state.state())
                                        .text("season", state.season())
                                        .texts("weekly", state.weekly())
                                        .texts("on", state.on())
                                        .done())
                                .toList());
    }
}
