package app.bittern.server.hours;

import app.bittern.hours.Horizon;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Hours;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Switch;
import app.bittern.server.Clocked;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.finding.FindingApi;
import app.bittern.server.finding.FindingViews;
import app.bittern.server.finding.Findings;
import app.bittern.server.object.Reaching;
import app.bittern.server.object.Said;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Hours and switches of a plan.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class HoursController {
    private static final String SAID_OTHERWISE = "hours-said";

    private final Work work;
    private final Findings findings;
    private final Reaching reaching;
    private final SwitchTurns turns;

    HoursController(Work work, Findings findings, Reaching reaching, SwitchTurns turns) {
        this.work = work;
        this.findings = findings;
        this.reaching = reaching;
        this.turns = turns;
    }

    /// All hours and switches in the week of an instant.
    ///
    /// @param at by the site's clock, `2026-11-24T10:15`
    @GetMapping("/week-of-hours")
    HoursApi.WeekView weekOfHours(Asked asked, @RequestParam String at) {
        Plan plan = asked.plan();
        LocalDateTime instant = Clocked.instant(at);
        LocalDate monday = instant.toLocalDate().with(TemporalAdjusters.previousOrSame(DayOfWeek.MONDAY));
        Horizon horizon = new Horizon(monday, plan.site().timeZone());
        return new HoursApi.WeekView(
                asked.version(),
                monday.toString(),
                plan.all(Hours.class)
                        .map(one -> HoursViews.of(one, plan.site(), horizon).row(monday, instant))
                        .toList(),
                plan.all(Switch.class).map(one -> row(asked, one)).toList());
    }

    private HoursApi.SwitchRow row(Asked asked, Switch one) {
        ZoneId zone = asked.plan().site().timeZone();
        return new HoursApi.SwitchRow(
                one.ref().toString(),
                one.title(),
                one.number(),
                one.positions(),
                one.now(),
                turns.last(asked.site(), one.ref())
                        .map(turned -> new HoursApi.Since(
                                LocalDateTime.ofInstant(turned.at(), zone)
                                        .truncatedTo(ChronoUnit.MINUTES)
                                        .toString(),
                                turned.account())));
    }

    /// Hours in full: their rules, the year, where they decide, who comes there.
    @GetMapping("/rules-of-hours/{key}")
    HoursApi.RulesView rulesOfHours(Asked asked, @PathVariable String key) {
        Plan plan = asked.plan();
        Hours hours = asked.object(Kind.HOURS, key, Hours.class);
        Horizon horizon = work.horizon(asked);
        HoursViews views = HoursViews.of(hours, plan.site(), horizon);
        return new HoursApi.RulesView(
                asked.version(),
                hours.ref().toString(),
                hours.title(),
                views.ruleViews(),
                IntStream.range(0, Horizon.DAYS)
                        .mapToObj(day -> views.day(horizon.day(day)))
                        .toList(),
                Reaching.uses(plan, hours.ref()),
                reaching.of(asked, hours.ref()).numbers(),
                saidOtherwise(asked, hours));
    }

    private List<FindingApi.FindingView> saidOtherwise(Asked asked, Hours hours) {
        Findings.State known = findings.of(asked, Duration.ZERO);
        return known.findings().stream()
                .filter(finding -> finding.code().equals(SAID_OTHERWISE))
                .filter(finding -> finding.places().stream()
                        .anyMatch(place -> place.object().equals(hours.ref())))
                .map(finding -> FindingViews.of(known.plan(), finding))
                .toList();
    }

    /// What a switch does in each position, where it decides, and who comes there.
    @GetMapping("/positions-of-switch/{key}")
    HoursApi.PositionsView positionsOfSwitch(Asked asked, @PathVariable String key) {
        Plan plan = asked.plan();
        Switch turned = asked.object(Kind.SWITCH, key, Switch.class);
        List<Branch> branches = plan.all(Branch.class)
                .filter(branch -> branch.by().target().equals(Optional.of(turned.ref())))
                .toList();
        return new HoursApi.PositionsView(
                asked.version(),
                turned.ref().toString(),
                turned.title(),
                turned.now(),
                turned.positions().stream()
                        .map(position -> new HoursApi.PositionView(
                                position,
                                branches.stream()
                                        .map(branch -> lead(plan, branch, position))
                                        .toList()))
                        .toList(),
                Reaching.uses(plan, turned.ref()),
                reaching.of(asked, turned.ref()).numbers());
    }

    private static HoursApi.LeadView lead(Plan plan, Branch branch, String position) {
        Optional<Destination> to = Optional.ofNullable(branch.cases().get(position))
                .or(branch::otherwise)
                .map(Branch.Case::to);
        return new HoursApi.LeadView(
                branch.ref().toString(),
                branch.title(),
                to.map(one -> Said.destination(plan, one)).orElse("nowhere: a hole"));
    }

    /// What a rule that is typed would be, and where it would stand.
    ///
    /// @param words   as they are typed
    /// @param instead the rule that it is in place of, from 0; a new one where absent
    @GetMapping("/rules-of-hours/{key}/typed")
    HoursApi.Would typedRule(
            Asked asked,
            @PathVariable String key,
            @RequestParam String words,
            @RequestParam(required = false) @Nullable Integer instead) {
        return wished(asked, key).typed(words, Optional.ofNullable(instead));
    }

    /// What hours would be with days added to one of their states.
    ///
    /// @param state `holiday`
    /// @param days  as a rule takes them: `25 Dec`, `10 Dec 2026 14:00–16:30`
    @GetMapping("/rules-of-hours/{key}/with-days")
    HoursApi.Would withDays(
            Asked asked, @PathVariable String key, @RequestParam String state, @RequestParam List<String> days) {
        return wished(asked, key).withDays(state, days);
    }

    /// What hours would be with an edge of a day moved.
    ///
    /// @param date  the day, `2026-11-24`
    /// @param from  the minute at which the edge is
    /// @param to    the minute at which it would be
    /// @param alone whether on that weekday only
    @GetMapping("/rules-of-hours/{key}/moved")
    HoursApi.Would movedEdge(
            Asked asked,
            @PathVariable String key,
            @RequestParam String date,
            @RequestParam int from,
            @RequestParam int to,
            @RequestParam(defaultValue = "false") boolean alone) {
        Horizon horizon = work.horizon(asked);
        return wished(asked, key).moved(horizon, Clocked.day(date), from, to, alone);
    }

    private static Wished wished(Asked asked, String key) {
        return new Wished(asked.plan().site(), asked.object(Kind.HOURS, key, Hours.class));
    }
}
