package app.bittern.server.call;

import app.bittern.call.Bench;
import app.bittern.call.Dialling;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.formats.answer.TraceJson;
import app.bittern.number.Caller;
import app.bittern.number.E164;
import app.bittern.outline.Opened;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.plan.Ref;
import app.bittern.plan.Trunk;
import app.bittern.proof.TypedCall;
import app.bittern.server.Clocked;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.finding.Findings;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import app.bittern.telling.InWords;
import app.bittern.telling.Telling;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// What calls do.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class CallController {
    private final Work work;
    private final Findings findings;
    private final Clock clock;

    /// The longest that a call is typed.
    private static final int LONGEST = 200;

    CallController(Work work, Findings findings, Clock clock) {
        this.work = work;
        this.findings = findings;
        this.clock = clock;
    }

    /// A call as somebody types it, read back; nothing where it is none.
    ///
    /// @param typed `call 960100 tomorrow 20:00 press 3`
    /// @param at    the bench's instant, which is meant where the text says none
    @GetMapping("/typed-call")
    CallApi.TypedCallView typed(Asked asked, @RequestParam String typed, @RequestParam String at) {
        Plan plan = asked.plan();
        LocalDateTime now = LocalDateTime.ofInstant(clock.instant(), plan.site().timeZone());
        Optional<TypedCall> call =
                typed.length() > LONGEST ? Optional.empty() : TypedCall.read(typed, plan, now, Clocked.instant(at));
        return new CallApi.TypedCallView(call.map(TypedCall::says), call.map(TypedCall::bench));
    }

    /// Inbound numbers and what a call to each does on the bench.
    ///
    /// @param find a part of number, name or report tag
    /// @param rows how many at most
    @GetMapping("/numbers")
    List<CallApi.NumberCall> numbers(
            Asked asked,
            BenchQuery query,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "10000") int rows) {
        Plan plan = asked.plan();
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        return plan.all(InboundNumber.class)
                .filter(number -> wanted.isEmpty() || words(number).contains(wanted))
                .limit(Math.max(0, rows))
                .map(number -> {
                    Trace trace =
                            Tracer.trace(plan, query.bench(plan, number.called().text()));
                    return new CallApi.NumberCall(
                            number(plan, number), TraceJson.ending(trace), InWords.of(plan, trace));
                })
                .toList();
    }

    private static String words(InboundNumber number) {
        return (number.called().text() + " " + number.called().international() + " " + number.title() + " "
                        + number.report().orElse(""))
                .toLowerCase(Locale.ROOT);
    }

    private static CallApi.NumberView number(Plan plan, InboundNumber number) {
        return new CallApi.NumberView(
                number.called().text(),
                number.called().international(),
                number.title(),
                number.status().name().toLowerCase(Locale.ROOT),
                number.due().map(Object::toString),
                number.trunk().map(plan::title),
                number.trunk()
                        .flatMap(ref -> plan.find(ref, Trunk.class))
                        .map(trunk -> trunk.delivers()
                                .digits(number.called(), plan.site().country())),
                number.report());
    }

    /// The outline of a number, or of what a phone of the site dials, with the findings known by now at their rows.
    ///
    /// @param from   the phone that dials, `extension/2014`; `to` is the number called where absent
    /// @param open   arrivals at rows whose rows are given also where they are more than 200
    /// @param passed arrivals at rows that are given in any case, with what is under them
    /// @param find   a part of a number or a name: of rows that are not given the first that have it are
    @GetMapping("/outline")
    CallApi.OutlineView outline(
            Asked asked,
            @RequestParam String to,
            @RequestParam(required = false) @Nullable String from,
            @RequestParam(required = false) @Nullable List<String> open,
            @RequestParam(required = false) @Nullable List<String> passed,
            @RequestParam(defaultValue = "") String find) {
        OutlineOf.Of of = of(asked.plan(), to, from);
        Findings.State known = findings.of(asked, Duration.ZERO);
        Rows rows = new Rows(known.findings());
        return new CallApi.OutlineView(
                asked.version(),
                to,
                known.current(),
                work.answer(asked, new OutlineOf(of, new Opened(set(open), set(passed), find))).stream()
                        .map(rows::row)
                        .toList());
    }

    private static OutlineOf.Of of(Plan plan, String to, @Nullable String from) {
        if (from == null) {
            return E164.parse(to).map(OutlineOf.Of.Called::new).orElseThrow(() -> unusable("to", to, E164.ALLOWED));
        }
        if (!(Caller.parse(from).orElse(null) instanceof Caller.Inside(String phone))
                || plan.find(new Ref(Kind.EXTENSION, phone)).isEmpty()) {
            throw unusable("from", from, "an extension of the plan, such as extension/2014");
        }
        if (!Dialling.sound(to)) {
            throw unusable("to", to, Dialling.ALLOWED);
        }
        return new OutlineOf.Of.Dialled(phone, to);
    }

    private static Refusal unusable(String field, String found, String allowed) {
        return Refusal.unusable(field + ": found '" + Problem.shown(found) + "'; allowed is " + allowed + ".");
    }

    private static Set<String> set(@Nullable List<String> given) {
        return given == null ? Set.of() : Set.copyOf(given);
    }

    /// What one call does, step by step.
    @GetMapping("/trace")
    CallApi.CallView trace(Asked asked, @RequestParam String to, BenchQuery query) {
        Plan plan = asked.plan();
        Bench bench = query.bench(plan, to);
        Trace trace = Tracer.trace(plan, bench);
        String caller = switch (bench.caller()) {
            case Caller.Known(E164 number) -> number.shownIn(plan.site().country());
            case Caller.Inside(String number) -> plan.title(new Ref(Kind.EXTENSION, number));
            case Caller.Withheld withheld -> withheld.toString();
            case Caller.Unavailable unavailable -> unavailable.toString();
        };
        List<String> titles = trace.steps().stream()
                .map(step -> Ref.parse(step.object()).map(plan::title).orElse(step.object()))
                .toList();
        return new CallApi.CallView(
                asked.version(),
                TraceJson.of(new Telling(plan, bench), trace),
                caller,
                InWords.of(plan, trace),
                titles);
    }
}
