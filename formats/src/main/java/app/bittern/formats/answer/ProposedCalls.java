package app.bittern.formats.answer;

import app.bittern.call.Bench;
import app.bittern.call.Presence;
import app.bittern.call.Trace;
import app.bittern.cover.Proposal;
import app.bittern.effect.Effect;
import app.bittern.effect.Effects;
import app.bittern.effect.What;
import app.bittern.number.Caller;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Switch;
import app.bittern.plan.TestCall;
import app.bittern.proof.BenchText;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Proposed calls as test calls, with what is expected of each.
public final class ProposedCalls {
    private ProposedCalls() {}

    /// A test call with the bench and the trace that it is made of.
    public record Proposed(TestCall call, Bench bench, Trace trace) {}

    /// The calls that are proposed for a number.
    public static List<Proposed> of(Plan plan, Proposal proposal) {
        List<Proposed> all = new ArrayList<>();
        String title = plan.title(new Ref(Kind.NUMBER, proposal.called().text()));
        int index = 0;
        for (Proposal.Call call : proposal.calls()) {
            index++;
            String key = "cover-" + proposal.called().text().substring(1) + "-" + index;
            all.add(new Proposed(testCall(plan, key, title + " " + index, call), call.bench(), call.trace()));
        }
        return all;
    }

    private static TestCall testCall(Plan plan, String key, String name, Proposal.Call call) {
        BenchText text = BenchText.of(plan, call.bench());
        Map<Ref, String> switches = new LinkedHashMap<>();
        call.bench().switches().forEach(switches::put);
        Map<Ref, String> waiting = new LinkedHashMap<>();
        pairs(text.waiting())
                .forEach((place, found) ->
                        waiting.put(Ref.parse(place).orElseGet(() -> new Ref(Kind.QUEUE, place)), found));
        Trace trace = call.trace();
        List<String> effects = Effects.of(plan, call.bench(), trace).stream()
                .filter(effect -> effect.happens() && !(effect.what() instanceof What.Shown))
                .filter(effect ->
                        !(effect.what() instanceof What.Mail mail && mail.by().kind() == Kind.MAILBOX))
                .map(effect -> effect.what().id())
                .distinct()
                .toList();
        TestCall.Becomes comes = new TestCall.Becomes(
                Optional.empty(),
                Optional.of(trace.ending().kind().word()),
                Optional.of(trace.ending().in()),
                trace.ending().by(),
                effects);
        return new TestCall(
                key,
                Optional.of(name),
                Optional.empty(),
                text.to(),
                Optional.of(text.from()),
                text.at(),
                text.keys().isEmpty() ? List.of() : List.of(text.keys().split(",", -1)),
                pairs(text.phones()),
                switches,
                pairs(text.agents()),
                waiting,
                new TestCall.Expected(
                        comes,
                        Optional.of(new Seconds(trace.second())),
                        trace.second() > 0 ? Optional.of(new Seconds(trace.second())) : Optional.empty(),
                        List.of(),
                        Optional.empty(),
                        Optional.empty(),
                        TestCall.Becomes.ANYTHING));
    }

    private static Map<String, String> pairs(List<String> texts) {
        Map<String, String> all = new LinkedHashMap<>();
        texts.forEach(text -> {
            String[] parts = text.split("=", 2);
            all.put(parts[0], parts.length < 2 ? Presence.IN.toString() : parts[1]);
        });
        return all;
    }

    /// Those that can be dialled by hand on site: no line need be full and no queue have others in it. By the positions
    /// of switches, so that each is turned once to each, and then by time.
    public static List<Proposed> byHand(Plan plan, List<Proposed> all) {
        List<Switch> switches = plan.all(Switch.class).toList();
        return all.stream()
                .filter(one -> one.bench().waiting().isEmpty())
                .sorted(Comparator.comparing((Proposed one) -> switches.stream()
                                .map(turned -> String.valueOf(
                                        turned.positions().indexOf(one.bench().position(turned))))
                                .toList()
                                .toString())
                        .thenComparing(one -> one.bench().at())
                        .thenComparing(one -> one.call().name().orElse("")))
                .toList();
    }

    /// Who must call: a number, or `withheld`.
    public static String caller(Proposed one) {
        return switch (one.bench().caller()) {
            case Caller.Known known -> known.toString();
            case Caller.Withheld withheld -> "withheld";
            case Caller.Unavailable unavailable -> "unavailable";
            case Caller.Inside inside -> inside.toString();
        };
    }

    /// What a call sets off besides, in words.
    public static List<String> setsOff(Plan plan, Proposed one) {
        return Effects.of(plan, one.bench(), one.trace()).stream()
                .filter(Effect::happens)
                .filter(effect -> !(effect.what() instanceof What.Shown))
                .map(effect -> effect.what().words(plan::title))
                .toList();
    }
}
