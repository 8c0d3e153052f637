package app.bittern.finding.checks;

import app.bittern.call.Bench;
import app.bittern.call.Condition;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.edit.PlanEdit;
import app.bittern.finding.Check;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.paths.CallClass;
import app.bittern.paths.Reach;
import app.bittern.paths.Way;
import app.bittern.plan.Hours;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Link;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Split;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// A reference to nothing, or a destination that must be given and is not.
final class Hole implements Check {
    @Override
    public String code() {
        return "hole";
    }

    @Override
    public String title() {
        return "Hole";
    }

    @Override
    public Severity severity() {
        return Severity.BLOCKING;
    }

    @Override
    public String summary() {
        return "A reference to nothing, or a missing destination.";
    }

    @Override
    public String advice() {
        return "A call that comes here is cut off. Give a destination, or create what is missing.";
    }

    @Override
    public List<Finding> examine(Plan plan, LocalDate from) {
        List<Finding> findings = new ArrayList<>();
        for (PlanObject object : plan.objects()) {
            for (Link link : object.links()) {
                if (open(plan, link)) {
                    findings.add(finding(object, link));
                }
            }
            if (object instanceof Split split) {
                withoutCase(plan, split).forEach(link -> findings.add(finding(object, link)));
            }
        }
        return findings.isEmpty() ? findings : withCalls(plan, from, findings);
    }

    /// The states that a split's calendar can be in and for which it has no destination.
    private static List<Link> withoutCase(Plan plan, Split split) {
        return switch (split.by()) {
            case Split.By.OfHours(Ref ref) ->
                plan.find(ref, Hours.class).stream()
                        .flatMap(hours -> hours.calendar().names().stream())
                        .filter(state -> split.destination(state).isEmpty())
                        .map(state -> new Link("cases/" + state, Optional.empty(), true))
                        .toList();
        };
    }

    private static boolean open(Plan plan, Link link) {
        return link.target().map(ref -> plan.find(ref).isEmpty()).orElse(link.required());
    }

    private Finding finding(PlanObject object, Link link) {
        String title = object.ref().kind().title() + " " + object.title();
        String subject = title.substring(0, 1).toUpperCase(Locale.ROOT) + title.substring(1);
        String says = link.target()
                .map(ref -> subject + " leads to " + ref.kind().title() + " '" + ref.key() + "', which does not exist ("
                        + link.field() + ").")
                .orElseGet(() -> subject + " leads nowhere: nothing is given for " + link.field() + ".");
        return new Finding(
                code(),
                severity(),
                object.ref(),
                Optional.of(link.field()),
                says,
                List.of(),
                Optional.empty(),
                link.target().flatMap(Hole::create).stream().toList());
    }

    /// A mailbox needs nothing but its key to work; other kinds would be new holes.
    private static Optional<Fix> create(Ref ref) {
        return ref.kind() == Kind.MAILBOX
                ? Optional.of(new Fix(
                        "Create mailbox " + ref.key(),
                        new PlanEdit.Put(new Mailbox(
                                ref.key(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                List.of(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty()))))
                : Optional.empty();
    }

    /// Finds, for all holes in one walk of each class of calls, which calls come to them.
    private static List<Finding> withCalls(Plan plan, LocalDate from, List<Finding> findings) {
        Map<Finding, Map<String, Set<String>>> calls = new LinkedHashMap<>();
        Map<Finding, Bench> witnesses = new LinkedHashMap<>();
        Map<Ref, List<Finding>> at = new LinkedHashMap<>();
        findings.forEach(finding ->
                at.computeIfAbsent(finding.object(), ref -> new ArrayList<>()).add(finding));
        plan.all(InboundNumber.class)
                .forEach(number -> CallClass.of(plan, number.called(), from)
                        .forEach(call -> Reach.walk(plan, call, way -> {
                            Way.Taken last = way.taken().getLast();
                            for (Finding finding : at.getOrDefault(last.state().at(), List.of())) {
                                if (Exits.meets(plan, finding, last)) {
                                    calls.computeIfAbsent(finding, f -> new LinkedHashMap<>())
                                            .computeIfAbsent(words(number), n -> new LinkedHashSet<>())
                                            .add(hours(plan, way));
                                    witness(plan, finding, way)
                                            .ifPresent(bench -> witnesses.putIfAbsent(finding, bench));
                                }
                            }
                        })));
        return findings.stream()
                .map(finding -> new Finding(
                        finding.code(),
                        finding.severity(),
                        finding.object(),
                        finding.field(),
                        finding.says(),
                        calls.getOrDefault(finding, Map.of()).entrySet().stream()
                                .map(call -> call.getKey() + ", " + String.join(" or ", call.getValue()))
                                .toList(),
                        Optional.ofNullable(witnesses.get(finding)),
                        finding.fixes()))
                .toList();
    }

    private static String words(InboundNumber number) {
        return number.title() + " " + number.called().international();
    }

    private static String hours(Plan plan, Way way) {
        List<String> hours = way.hours().stream()
                .map((Condition.HoursIn one) -> plan.title(one.hours()) + " " + one.state())
                .toList();
        return hours.isEmpty() ? "at any time" : "when " + String.join(" and ", hours);
    }

    private static Optional<Bench> witness(Plan plan, Finding finding, Way way) {
        Bench bench = way.bench(plan);
        Trace trace = Tracer.trace(plan, bench);
        boolean there = trace.steps().stream()
                .anyMatch(step -> step.object().equals(finding.object().toString())
                        && step.exit()
                                .equals(way.taken().getLast().outcome().cause().id()));
        return there ? Optional.of(bench) : Optional.empty();
    }
}
