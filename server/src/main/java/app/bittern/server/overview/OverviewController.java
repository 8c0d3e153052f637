package app.bittern.server.overview;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.hours.Calendar;
import app.bittern.hours.Horizon;
import app.bittern.hours.HoursState;
import app.bittern.hours.RuleTimes;
import app.bittern.hours.TimeSet;
import app.bittern.hours.WeekRange;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.TestCall;
import app.bittern.plan.Traffic;
import app.bittern.plan.Trunk;
import app.bittern.proof.BenchText;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.finding.Findings;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import app.bittern.telling.Glimpse;
import app.bittern.telling.InWords;
import java.time.DayOfWeek;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// A site at a glance.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class OverviewController {
    private static final int COLUMNS = 3;
    private static final int NEXT = 3;
    /// So many numbers are followed to find those that go alike, where fewer rows are asked for; and at most.
    private static final int FOLLOWED = 100;
    private static final int MOST = 1000;
    /// So many numbers of a row are named.
    private static final int NAMED = 3;
    private static final int MORNING = 10 * 60;
    private static final int EVENING = 20 * 60;
    /// Somebody whom no plan knows, from the numbers that are kept for fiction.
    private static final Caller ANYBODY = new Caller.Known(new E164("+447700900123"));

    private final Work work;
    private final Findings findings;

    OverviewController(Work work, Findings findings) {
        this.work = work;
        this.findings = findings;
    }

    /// A site at a glance.
    ///
    /// @param rows how many rows of numbers that go alike
    @GetMapping("/glance")
    OverviewApi.GlanceView glance(Asked asked, @RequestParam(defaultValue = "12") int rows) {
        Plan plan = asked.plan();
        Optional<Hours> main = plan.all(Hours.class)
                .max(Comparator.comparingInt(
                        (Hours hours) -> plan.uses(hours.ref()).size()))
                .filter(hours -> !plan.uses(hours.ref()).isEmpty());
        Horizon horizon = work.horizon(asked);
        List<OverviewApi.GlanceColumn> columns =
                main.map(hours -> columns(plan, hours, horizon)).orElseGet(() -> always(plan, horizon));
        List<InboundNumber> numbers = plan.all(InboundNumber.class).toList();
        Optional<Traffic> traffic = plan.find(new Ref(Kind.TRAFFIC, Traffic.KEY), Traffic.class);
        Findings.State known = findings.of(asked, Duration.ZERO);
        return new OverviewApi.GlanceView(
                asked.version(),
                main.map(PlanObject::title),
                columns,
                numbers.size(),
                rows(plan, numbers, columns, traffic, rows),
                known.current(),
                next(plan, known.findings()));
    }

    private static String local(Plan plan, Instant at) {
        return LocalDateTime.ofInstant(at, plan.site().timeZone()).toString();
    }

    private static List<OverviewApi.GlanceColumn> always(Plan plan, Horizon horizon) {
        return TimeSet.always(horizon)
                .firstIn(DayOfWeek.TUESDAY, MORNING)
                .map(at -> new OverviewApi.GlanceColumn("at any time", local(plan, at)))
                .stream()
                .toList();
    }

    /// The state that holds longest besides what holds else, what holds else, and one of days of their own.
    private static List<OverviewApi.GlanceColumn> columns(Plan plan, Hours hours, Horizon horizon) {
        List<HoursState> rules = hours.calendar().states();
        RuleTimes times = RuleTimes.of(hours.at(plan.site()), horizon);
        String rest = rules.getLast().state();
        List<OverviewApi.GlanceColumn> columns = new ArrayList<>();
        IntStream.range(0, rules.size())
                .boxed()
                .filter(rule -> !rules.get(rule).state().equals(rest))
                .sorted(Comparator.comparingLong(rule -> -times.times(rule).seconds()))
                .map(rule -> rules.get(rule).state())
                .distinct()
                .limit(COLUMNS - 1)
                .forEach(state -> column(plan, rules, times, state, MORNING).ifPresent(columns::add));
        column(plan, rules, times, rest, EVENING).ifPresent(one -> columns.add(Math.min(1, columns.size()), one));
        return columns;
    }

    private static Optional<OverviewApi.GlanceColumn> column(
            Plan plan, List<HoursState> rules, RuleTimes times, String state, int from) {
        return IntStream.range(0, rules.size())
                .filter(rule -> rules.get(rule).state().equals(state))
                .mapToObj(times::times)
                .reduce(TimeSet::union)
                .filter(set -> !set.isEmpty())
                .flatMap(set -> daytime(set, from).firstIn(DayOfWeek.TUESDAY, from))
                .map(at -> new OverviewApi.GlanceColumn(state, local(plan, at)));
    }

    /// The part of some times from a minute of the day on, where there is one: a holiday is asked about in the morning.
    private static TimeSet daytime(TimeSet set, int from) {
        WeekRange late = new WeekRange(EnumSet.allOf(DayOfWeek.class), from, 24 * 60);
        HoursState then = new HoursState("then", Optional.empty(), List.of(late), List.of());
        HoursState rest = new HoursState("rest", Optional.empty(), List.of(), List.of());
        TimeSet part = RuleTimes.of(new Calendar(List.of(then, rest)), set.horizon())
                .times(0)
                .intersection(set);
        return part.isEmpty() ? set : part;
    }

    /// Numbers in the order of the plan, each with those that go as it does, up to the first that would need a row
    /// too many.
    private static List<OverviewApi.GlanceRow> rows(
            Plan plan,
            List<InboundNumber> numbers,
            List<OverviewApi.GlanceColumn> columns,
            Optional<Traffic> traffic,
            int most) {
        Map<List<List<Object>>, Alike> alike = new LinkedHashMap<>();
        int followed = Math.clamp(most, FOLLOWED, MOST);
        for (InboundNumber number : numbers.subList(0, Math.min(followed, numbers.size()))) {
            List<Followed> calls = columns.stream()
                    .map(column -> followed(plan, number, column))
                    .toList();
            List<List<Object>> ways = calls.stream().map(Followed::way).toList();
            if (alike.size() >= most && !alike.containsKey(ways)) {
                break;
            }
            alike.computeIfAbsent(ways, one -> new Alike(calls, new ArrayList<>()))
                    .numbers()
                    .add(number);
        }
        return alike.values().stream()
                .map(one -> new OverviewApi.GlanceRow(
                        one.numbers().stream()
                                .limit(NAMED)
                                .map(number -> number(number, traffic))
                                .toList(),
                        Math.max(0, one.numbers().size() - NAMED),
                        one.calls().stream().map(call -> call.cell(plan)).toList()))
                .toList();
    }

    /// Numbers that go alike, and the calls to the first of them.
    private record Alike(List<Followed> calls, List<InboundNumber> numbers) {}

    private static OverviewApi.GlanceNumber number(InboundNumber number, Optional<Traffic> traffic) {
        return new OverviewApi.GlanceNumber(
                number.called().text(),
                number.called().international(),
                number.title(),
                traffic.flatMap(all -> Optional.ofNullable(all.numbers().get(number.ref())))
                        .map(rates -> rates.busiest().doubleValue()));
    }

    /// A call to a number in a column.
    private record Followed(Bench bench, Trace trace) {
        /// What it passes behind its route, for how long, and where it rests: numbers of which this is the same go
        /// alike.
        List<Object> way() {
            return Stream.concat(
                            trace.steps().stream()
                                    .skip(1)
                                    .flatMap(step -> Stream.<Object>of(step.object(), step.lasts())),
                            Stream.of(trace.ending().kind(), trace.second()))
                    .toList();
        }

        OverviewApi.GlanceCell cell(Plan plan) {
            return new OverviewApi.GlanceCell(
                    trace.ending().kind().word(),
                    Glimpse.of(plan, trace),
                    InWords.of(plan, trace),
                    BenchText.of(plan, bench));
        }
    }

    private static Followed followed(Plan plan, InboundNumber number, OverviewApi.GlanceColumn column) {
        Bench bench = Bench.of(
                number.called(),
                ANYBODY,
                LocalDateTime.parse(column.at()).atZone(plan.site().timeZone()).toInstant());
        return new Followed(bench, Tracer.trace(plan, bench));
    }

    /// What to do next, the first first: what a plan cannot do without, what blocks, what is due, what proves it.
    private static List<OverviewApi.NextView> next(Plan plan, List<Finding> findings) {
        List<OverviewApi.NextView> all = new ArrayList<>();
        missing(plan, all);
        List<Finding> open = findings.stream()
                .filter(finding -> finding.accepted().isEmpty())
                .toList();
        open.stream()
                .filter(finding -> finding.severity() == Severity.BLOCKING)
                .limit(NEXT)
                .forEach(finding -> all.add(about("Mend what blocks: " + plan.title(finding.object()), finding)));
        open.stream()
                .filter(finding -> finding.code().equals("number-due"))
                .limit(1)
                .forEach(finding -> all.add(about(plan.title(finding.object()) + " is due", finding)));
        if (plan.all(TestCall.class).findAny().isEmpty()
                && plan.all(InboundNumber.class).findAny().isPresent()) {
            all.add(new OverviewApi.NextView(
                    "Keep a first test call",
                    "none is kept; one is run with every change",
                    "test-calls",
                    Optional.empty(),
                    Optional.of(Kind.TEST_CALL.word())));
        }
        if (plan.find(new Ref(Kind.TRAFFIC, Traffic.KEY)).isEmpty()
                && plan.all(InboundNumber.class).findAny().isPresent()) {
            all.add(new OverviewApi.NextView(
                    "Say which calls are expected",
                    "channels and staff are reckoned from them",
                    "traffic",
                    Optional.empty(),
                    Optional.of(Kind.TRAFFIC.word())));
        }
        open.stream()
                .filter(finding -> finding.severity() == Severity.WARNING)
                .limit(NEXT)
                .forEach(finding -> all.add(about("Look at " + plan.title(finding.object()), finding)));
        return all.stream().limit(NEXT).toList();
    }

    private static OverviewApi.NextView about(String says, Finding finding) {
        return new OverviewApi.NextView(
                says, finding.says(), "findings", Optional.of(finding.object().toString()), Optional.empty());
    }

    /// What every plan needs before a call is taken.
    private static void missing(Plan plan, List<OverviewApi.NextView> all) {
        record Needed(Kind kind, Class<? extends PlanObject> type, String says, String why, String screen) {}
        for (Needed needed : List.of(
                new Needed(Kind.TRUNK, Trunk.class, "Make a trunk", "calls come in on one", "lines"),
                new Needed(
                        Kind.NUMBER,
                        InboundNumber.class,
                        "Enter the inbound numbers",
                        "no call can come in yet",
                        "numbers"),
                new Needed(Kind.EXTENSION, Extension.class, "Enter the people", "nobody can answer yet", "people"),
                new Needed(Kind.ROUTE, Route.class, "Make a route", "no call is taken yet", "numbers"),
                new Needed(
                        Kind.HOURS,
                        Hours.class,
                        "Say the opening hours",
                        "every call is treated alike at all times",
                        "hours"))) {
            if (plan.all(needed.type()).findAny().isEmpty()) {
                all.add(new OverviewApi.NextView(
                        needed.says(),
                        needed.why(),
                        needed.screen(),
                        Optional.empty(),
                        Optional.of(needed.kind().word())));
            }
        }
    }
}
