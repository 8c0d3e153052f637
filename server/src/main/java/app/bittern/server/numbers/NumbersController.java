package app.bittern.server.numbers;

import app.bittern.edit.Fresh;
import app.bittern.finding.Finding;
import app.bittern.hours.Horizon;
import app.bittern.number.Delivers;
import app.bittern.number.E164;
import app.bittern.number.TypedNumbers;
import app.bittern.paths.RouteRanks;
import app.bittern.plan.Destination;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.RouteOrder;
import app.bittern.plan.Site;
import app.bittern.plan.Trunk;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.finding.FindingApi;
import app.bittern.server.finding.FindingViews;
import app.bittern.server.finding.Findings;
import app.bittern.server.object.Said;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Readings;
import app.bittern.server.work.Work;
import java.math.BigInteger;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/// Numbers and the routes that take their calls.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class NumbersController {
    private static final Set<String> CONFLICTS =
            Set.of("number-begins", "number-block", "block-full", "delivered-alike");

    private static final int MOST_CONFLICTS = 20;

    private final Work work;
    private final Findings findings;
    private final Arrivals arrivals;
    private final Readings readings;

    NumbersController(Work work, Findings findings, Arrivals arrivals, Readings readings) {
        this.readings = readings;
        this.work = work;
        this.findings = findings;
        this.arrivals = arrivals;
    }

    /// The routes in the order in which they are tried for a call to a number; all of them where none is given.
    @GetMapping("/routes-in-order")
    NumbersApi.OrderView routesInOrder(Asked asked, @RequestParam(defaultValue = "") String number) {
        Plan plan = asked.plan();
        if (number.isEmpty()) {
            // Which of them take no call at all is a finding: of an earlier version until this one is examined.
            Findings.State known = findings.of(asked, Duration.ZERO);
            Set<Ref> never = known.findings().stream()
                    .filter(finding -> finding.code().equals("route-never"))
                    .map(Finding::object)
                    .collect(Collectors.toSet());
            return new NumbersApi.OrderView(
                    asked.version(),
                    Optional.empty(),
                    RouteOrder.listed(plan.all(Route.class).toList()).stream()
                            .map(route -> view(
                                    plan,
                                    route,
                                    never.contains(route.ref()) ? Optional.empty() : Optional.of(""),
                                    List.of(),
                                    Optional.empty(),
                                    0))
                            .toList(),
                    Optional.empty(),
                    false,
                    known.current());
        }
        E164 called = E164.parse(number)
                .orElseThrow(() -> Refusal.unusable(
                        "number: found '" + Problem.shown(number) + "'; allowed is " + E164.ALLOWED + "."));
        RouteRanks ranks = work.answer(asked, new OfNumber(called));
        return new NumbersApi.OrderView(
                asked.version(),
                Optional.of(called.international()),
                ranks.ranks().stream()
                        .map(rank -> view(
                                plan,
                                rank.route(),
                                rank.takes(),
                                rank.before().stream().map(plan::title).toList(),
                                Optional.of(rank.share()),
                                rank.contacts()))
                        .toList(),
                ranks.unmatched(),
                ranks.expected(),
                true);
    }

    /// The ranks of a number, once for a plan.
    private record OfNumber(E164 called) implements Work.Question<RouteRanks> {
        @Override
        public RouteRanks answer(Asked asked, Horizon horizon) {
            return RouteRanks.of(asked.plan(), horizon, called);
        }
    }

    private static NumbersApi.RankView view(
            Plan plan, Route route, Optional<String> takes, List<String> before, Optional<Double> share, int contacts) {
        String country = plan.site().country();
        return new NumbersApi.RankView(
                route.ref().toString(),
                route.title(),
                switch (route.called()) {
                    case Route.Called.Any any -> "any number";
                    case Route.Called.Exact(E164 number) -> number.international();
                    case Route.Called.Prefix(String digits) -> "begins " + digits;
                    case Route.Called.Range(E164 from, E164 to) -> from.shownIn(country) + " to " + to.shownIn(country);
                },
                switch (route.caller()) {
                    case Route.From.Any any -> "anyone";
                    case Route.From.Exact(E164 number) -> number.shownIn(country);
                    case Route.From.Prefix(String digits) -> "begins " + digits;
                    case Route.From.Tag(String tag) -> "tagged " + tag;
                    case Route.From.Withheld withheld -> "withheld";
                    case Route.From.Unavailable unavailable -> "unavailable";
                    case Route.From.Without without -> "without a number";
                },
                route.holdsWhile()
                        .map(during -> plan.title(during.hours()) + ": " + during.state())
                        .orElse("any time"),
                route.to().map((Destination to) -> Said.destination(plan, to)).orElse("nowhere: a hole"),
                route.before().words(plan),
                route.enabled(),
                takes,
                before,
                share,
                contacts);
    }

    /// The numbering plan: its blocks with what is used and free, and numbers in the way of each other.
    @GetMapping("/numbering")
    NumbersApi.NumberingView numbering(Asked asked) {
        Plan plan = asked.plan();
        List<PlanObject> numbered = plan.objects().stream()
                .filter(object -> object.number().isPresent())
                .sorted(Comparator.comparingInt((PlanObject object) ->
                                object.number().orElseThrow().length())
                        .thenComparing(object -> object.number().orElseThrow()))
                .toList();
        Findings.State known = findings.of(asked, Duration.ZERO);
        return new NumbersApi.NumberingView(
                asked.version(),
                plan.site().blocks().stream()
                        .map(block -> block(plan, block, numbered))
                        .toList(),
                numbered.stream()
                        .filter(object -> plan.site().blocks().stream().noneMatch(block -> in(block, object)))
                        .map(object -> used(object, true))
                        .toList(),
                known.findings().stream()
                        .filter(finding -> CONFLICTS.contains(finding.code()))
                        .limit(MOST_CONFLICTS)
                        .<FindingApi.FindingView>map(finding -> FindingViews.of(known.plan(), finding))
                        .toList(),
                (int) known.findings().stream()
                        .filter(finding -> CONFLICTS.contains(finding.code()))
                        .count(),
                known.current());
    }

    private static boolean in(Site.Block block, PlanObject object) {
        String number = object.number().orElse("");
        return number.matches("[0-9]+")
                && number.length() == block.from().length()
                && number.compareTo(block.from()) >= 0
                && number.compareTo(block.to()) <= 0;
    }

    private static NumbersApi.UsedView used(PlanObject object, boolean fits) {
        return new NumbersApi.UsedView(object.number().orElse(""), object.ref().toString(), object.title(), fits);
    }

    private static NumbersApi.BlockView block(Plan plan, Site.Block block, List<PlanObject> numbered) {
        return new NumbersApi.BlockView(
                block.from(),
                block.to(),
                Kind.ofWord(block.use()).map(Kind::several).orElse(block.use()),
                block.note(),
                new BigInteger(block.to())
                        .subtract(new BigInteger(block.from()))
                        .add(BigInteger.ONE)
                        .longValue(),
                Fresh.in(plan).next(block),
                numbered.stream()
                        .filter(object -> in(block, object))
                        .map(object -> used(object, object.ref().kind().word().equals(block.use())))
                        .toList());
    }

    /// Numbers as they were typed, in any spelling, a line each.
    ///
    /// @param trunk that brings them, `trunk/main`
    @PostMapping(path = "/read-numbers", consumes = MediaType.TEXT_PLAIN_VALUE)
    NumbersApi.TypedView readNumbers(
            Asked asked, @RequestBody String text, @RequestParam(defaultValue = "") String trunk) {
        Plan plan = asked.plan();
        Optional<Trunk> on = Ref.parse(trunk).flatMap(ref -> plan.find(ref, Trunk.class));
        return readings.pasted(text, () -> typed(plan, on, text));
    }

    private static NumbersApi.TypedView typed(Plan plan, Optional<Trunk> on, String text) {
        return new NumbersApi.TypedView(TypedNumbers.read(text, plan.site().country()).stream()
                .map(line -> new NumbersApi.LineView(
                        line.line(),
                        line.name(),
                        line.numbers().stream()
                                .map(number -> typed(plan, on, number))
                                .toList(),
                        line.wrong()))
                .toList());
    }

    private static NumbersApi.TypedNumber typed(Plan plan, Optional<Trunk> trunk, E164 number) {
        Optional<String> arrives =
                trunk.map(one -> one.delivers().digits(number, plan.site().country()));
        return new NumbersApi.TypedNumber(
                number.text(),
                number.international(),
                trunk.map(one -> one.ref().toString()),
                arrives,
                plan.find(new Ref(Kind.NUMBER, number.text())).isPresent(),
                trunk.filter(one -> one.delivers() instanceof Delivers.Last)
                        .flatMap(one -> plan.all(InboundNumber.class)
                                .filter(other -> other.trunk().equals(Optional.of(one.ref())))
                                .filter(other -> !other.called().equals(number))
                                .filter(other -> other.called().text().endsWith(arrives.orElse("?")))
                                .findFirst()
                                .map(PlanObject::title)));
    }

    /// What arrived and matches nothing.
    @GetMapping("/arrivals")
    NumbersApi.ArrivalsView arrivals(Asked asked) {
        return arrivals.unmatched(asked);
    }

    /// Takes a list of what arrived.
    @Needs(Need.CHANGE)
    @PostMapping("/arrivals")
    NumbersApi.Taken takeArrivals(Asked asked, @RequestBody NumbersApi.Arrived arrived) {
        String lines = Optional.ofNullable(arrived.lines()).orElse("");
        return arrivals.take(asked, arrived, readings.pasted(lines, () -> Arrivals.read(lines)));
    }

    /// Says of digits whether they are one of ours, and nothing to do.
    @Needs(Need.CHANGE)
    @PostMapping("/arrivals/told")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void tellArrival(Asked asked, @RequestBody NumbersApi.Told told) {
        arrivals.tell(asked.site(), told);
    }
}
