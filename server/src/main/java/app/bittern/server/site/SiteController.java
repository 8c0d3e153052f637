package app.bittern.server.site;

import app.bittern.call.Bench;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.finding.Finding;
import app.bittern.formats.PlanFile;
import app.bittern.formats.answer.TraceJson;
import app.bittern.number.E164;
import app.bittern.outline.Outline;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.plan.Site;
import app.bittern.proof.BenchText;
import app.bittern.server.Refusal;
import app.bittern.telling.Telling;
import java.security.Principal;
import java.time.Clock;
import java.time.LocalDateTime;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// What a site is and what its calls do: everything that is only asked.
@RestController
@RequestMapping("/api/sites")
class SiteController {
    private static final int JOURNAL = 20;
    private static final int MOST_TARGETS = 40;

    private final SiteRows sites;
    private final Drafts drafts;
    private final JournalRows journal;
    private final FindingsHeld findings;
    private final Clock clock;

    SiteController(SiteRows sites, Drafts drafts, JournalRows journal, FindingsHeld findings, Clock clock) {
        this.sites = sites;
        this.drafts = drafts;
        this.journal = journal;
        this.findings = findings;
        this.clock = clock;
    }

    @GetMapping
    List<Api.SiteName> all() {
        return sites.findAll().stream()
                .map(row -> new Api.SiteName(
                        row.key(), drafts.draft(row.key()).plan().site().title()))
                .toList();
    }

    /// Takes in a plan file as a new site.
    @PostMapping(consumes = MediaType.TEXT_PLAIN_VALUE)
    Api.SiteName create(@RequestBody String file) {
        return switch (PlanFile.read(file)) {
            case PlanFile.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::toString).toList());
            case PlanFile.Result.Read(Plan plan) -> {
                String key = plan.site().key();
                if (sites.existsById(key)) {
                    throw new Refusal(HttpStatus.CONFLICT, List.of("There is a site '" + key + "' already."));
                }
                drafts.create(plan);
                yield new Api.SiteName(key, plan.site().title());
            }
        };
    }

    @GetMapping("/{site}")
    Api.SiteView site(@PathVariable String site, Principal who) {
        Draft draft = drafts.draft(site);
        Plan plan = draft.plan();
        Site its = plan.site();
        return new Api.SiteView(
                site,
                its.title(),
                its.country(),
                its.timeZone().toString(),
                its.languages(),
                draft.version(),
                journal.standing(site),
                journal.lastDone(site, who.getName()).map(JournalRow::says),
                journal.lastUndone(site, who.getName()).map(JournalRow::says),
                LocalDateTime.ofInstant(clock.instant(), its.timeZone())
                        .truncatedTo(ChronoUnit.MINUTES)
                        .toString(),
                its.ringSeconds(),
                plan.all(InboundNumber.class)
                        .map(number -> Views.number(plan, number))
                        .toList(),
                Arrays.stream(Kind.values()).map(kind -> section(plan, kind)).toList(),
                findings.of(draft).stream()
                        .map(finding -> Views.finding(plan, finding))
                        .toList(),
                journal.findBySiteOrderByVersionDesc(site, Limit.of(JOURNAL)).stream()
                        .map(row -> new Api.JournalView(
                                row.version(), row.account(), row.at().toString(), row.kind(), row.says()))
                        .toList());
    }

    private static Api.Section section(Plan plan, Kind kind) {
        int count = (int) plan.objects().stream()
                .filter(object -> object.ref().kind() == kind)
                .count();
        return new Api.Section(kind.word(), kind.title(), count);
    }

    /// Every inbound number and what a call to it does on the bench; its own `to` does not count here.
    @GetMapping("/{site}/numbers")
    List<Api.NumberCall> numbers(@PathVariable String site, BenchQuery query) {
        Plan plan = drafts.draft(site).plan();
        return plan.all(InboundNumber.class)
                .map(number -> {
                    Trace trace = Tracer.trace(
                            plan, bench(plan, query.text(number.called().text())));
                    return new Api.NumberCall(
                            Views.number(plan, number), TraceJson.ending(trace), InWords.of(plan, trace));
                })
                .toList();
    }

    @GetMapping("/{site}/outline")
    Api.OutlineView outline(@PathVariable String site, @RequestParam String to) {
        Draft draft = drafts.draft(site);
        E164 called = E164.parse(to)
                .orElseThrow(() ->
                        Refusal.unusable("to: found '" + Problem.shown(to) + "'; allowed is " + E164.ALLOWED + "."));
        List<Finding> found = findings.of(draft);
        return new Api.OutlineView(
                draft.version(),
                called.text(),
                Outline.of(draft.plan(), called).stream()
                        .map(row -> Views.row(row, found))
                        .toList());
    }

    @GetMapping("/{site}/trace")
    Api.CallView trace(@PathVariable String site, @RequestParam String to, BenchQuery query) {
        Draft draft = drafts.draft(site);
        Bench bench = bench(draft.plan(), query.text(to));
        Trace trace = Tracer.trace(draft.plan(), bench);
        String country = draft.plan().site().country();
        String caller = bench.caller()
                .delivered()
                .map(number -> number.shownIn(country))
                .orElse("withheld");
        List<String> titles = trace.steps().stream()
                .map(step -> Ref.parse(step.object()).map(draft.plan()::title).orElse(step.object()))
                .toList();
        return new Api.CallView(
                draft.version(),
                TraceJson.of(new Telling(draft.plan(), bench), trace),
                caller,
                InWords.of(draft.plan(), trace),
                titles);
    }

    /// The rest of the bench as an address carries it.
    record BenchQuery(
            @Nullable String from,
            @Nullable String at,
            @Nullable String keys,
            @Nullable List<String> phone,
            @Nullable List<String> turned,
            @Nullable List<String> agent,
            @Nullable List<String> waiting) {
        BenchText text(String to) {
            return new BenchText(
                    to,
                    Optional.empty(),
                    from == null ? "withheld" : from,
                    at == null ? "" : at,
                    keys == null ? "" : keys,
                    given(phone),
                    given(turned),
                    given(agent),
                    given(waiting));
        }

        private static List<String> given(@Nullable List<String> values) {
            return values == null ? List.of() : values;
        }
    }

    private static Bench bench(Plan plan, BenchText text) {
        return switch (text.read(plan)) {
            case BenchText.Result.Read(Bench bench) -> bench;
            case BenchText.Result.Refused(List<Problem> problems) ->
                throw new Refusal(
                        HttpStatus.UNPROCESSABLE_CONTENT,
                        problems.stream().map(Problem::says).toList());
        };
    }

    /// What a text finds by number, name or key; those that begin with it first.
    @GetMapping("/{site}/targets")
    List<Api.Target> targets(
            @PathVariable String site,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") String kind) {
        Plan plan = drafts.draft(site).plan();
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        return plan.objects().stream()
                .filter(object -> object.ref().kind().routable())
                .filter(object -> kind.isEmpty() || object.ref().kind().word().equals(kind))
                .filter(object -> words(object).contains(wanted))
                .sorted(Comparator.comparing(
                        (PlanObject object) -> !words(object).startsWith(wanted)))
                .limit(MOST_TARGETS)
                .map(object -> new Api.Target(
                        object.ref().toString(),
                        object.title(),
                        object.ref().kind().title(),
                        object.number()))
                .toList();
    }

    private static String words(PlanObject object) {
        return (object.number().orElse("") + " " + object.title() + " "
                        + object.ref().kind().title() + " " + object.ref())
                .strip()
                .toLowerCase(Locale.ROOT);
    }

    @GetMapping("/{site}/uses")
    List<Api.UseView> uses(@PathVariable String site, @RequestParam String object) {
        Plan plan = drafts.draft(site).plan();
        Ref ref = Ref.parse(object)
                .orElseThrow(() -> Refusal.missing(
                        "'" + Problem.shown(object) + "' is not a reference such as mailbox/reception."));
        return plan.uses(ref).stream()
                .map(use -> new Api.UseView(
                        use.object().toString(),
                        plan.title(use.object()),
                        use.slot().at().toString()))
                .toList();
    }
}
