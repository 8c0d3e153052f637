package app.bittern.server.hours;

import app.bittern.formats.ObjectJson;
import app.bittern.hours.Calendar;
import app.bittern.hours.Horizon;
import app.bittern.hours.HoursEdges;
import app.bittern.hours.HoursState;
import app.bittern.hours.RuleOrder;
import app.bittern.hours.TypedRule;
import app.bittern.plan.Hours;
import app.bittern.plan.Site;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What somebody wishes of hours, as what they would be.
record Wished(Site site, Hours hours) {
    private static final int DAY = 24 * 60;

    private List<HoursState> rules() {
        return hours.calendar().states();
    }

    private HoursApi.Would would(String says, Optional<Integer> place, List<HoursState> states) {
        return new HoursApi.Would(
                says,
                false,
                place,
                Optional.ofNullable(
                        ObjectJson.write(hours.with(new Calendar(states))).get("states")));
    }

    private static HoursApi.Would not(String says) {
        return new HoursApi.Would(says, true, Optional.empty(), Optional.empty());
    }

    HoursApi.Would typed(String words, Optional<Integer> instead) {
        return switch (TypedRule.read(words, hours.calendar().names(), site.country())) {
            case TypedRule.Result.Refused(String says) -> not(says);
            case TypedRule.Result.Read(HoursState rule) -> {
                List<HoursState> all = new ArrayList<>(rules());
                if (instead.filter(place -> place >= 0 && place < all.size()).isPresent()) {
                    int place = instead.get();
                    all.set(place, rule);
                    yield place == all.size() - 1 && !rule.unconditional()
                            ? not("The last rule is what holds else: it has no days and no hours.")
                            : would(rule.said(site.country()), instead, all);
                }
                List<HoursState> with = RuleOrder.with(all, rule);
                yield would(rule.said(site.country()), Optional.of(with.indexOf(rule)), with);
            }
        };
    }

    HoursApi.Would withDays(String state, List<String> days) {
        List<HoursState> all = rules();
        List<String> said = new ArrayList<>();
        for (String words : days) {
            switch (TypedRule.read(state + " on " + words, hours.calendar().names(), site.country())) {
                case TypedRule.Result.Refused(String says) -> {
                    return not(says);
                }
                case TypedRule.Result.Read(HoursState rule) -> {
                    boolean whole = rule.weekly().isEmpty() && rule.season().isEmpty();
                    all = whole ? RuleOrder.withDays(all, rule.state(), rule.on()) : RuleOrder.with(all, rule);
                    said.add(words);
                }
            }
        }
        return would(state + " on " + String.join(", ", said), Optional.empty(), all);
    }

    HoursApi.Would moved(Horizon horizon, LocalDate date, int from, int to, boolean alone) {
        if (to < 0 || to > DAY) {
            return not("A time of the day is from 00:00 to 24:00.");
        }
        HoursViews views = HoursViews.of(hours, site, horizon);
        return HoursEdges.moved(views.calendar(), views.times().day(date), date, from, to, alone)
                .map(states -> would(changed(states), Optional.empty(), states))
                .orElseGet(() -> not("There it cannot be: hours end after they begin."));
    }

    /// The rules that are others than before.
    private String changed(List<HoursState> states) {
        List<String> said = new ArrayList<>();
        for (int rule = 0; rule < states.size(); rule++) {
            if (!states.get(rule).equals(rules().get(rule))) {
                said.add(states.get(rule).said(site.country()));
            }
        }
        return said.isEmpty() ? "as before" : String.join("; ", said);
    }
}
