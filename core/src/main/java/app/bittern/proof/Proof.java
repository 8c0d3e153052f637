package app.bittern.proof;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.Heard;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.effect.Effect;
import app.bittern.effect.Effects;
import app.bittern.effect.What;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.TestCall;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A test call that has been made, with what did not come true.
///
/// @param failures a sentence for each; none where the call did what is expected
/// @param trace    what it did; absent where its bench cannot be read
public record Proof(TestCall call, List<String> failures, Optional<Trace> trace) {
    public Proof {
        failures = List.copyOf(failures);
    }

    /// Whether everything expected came true.
    public boolean passed() {
        return failures.isEmpty();
    }

    /// Makes every test call of a plan, in order.
    public static List<Proof> all(Plan plan) {
        return plan.all(TestCall.class).map(call -> of(plan, call)).toList();
    }

    /// Makes one test call.
    public static Proof of(Plan plan, TestCall call) {
        return switch (bench(call).read(plan)) {
            case BenchText.Result.Refused(List<Problem> problems) ->
                new Proof(call, problems.stream().map(Problem::says).toList(), Optional.empty());
            case BenchText.Result.Read(Bench bench) -> {
                Trace trace = Tracer.trace(plan, bench);
                List<Effect> effects = Effects.of(plan, bench, trace);
                List<String> failures = failures(plan, call.expect(), trace);
                failures.addAll(effects(call.expect(), effects));
                yield new Proof(call, failures, Optional.of(trace));
            }
        };
    }

    /// The bench of a test call, where it can be read.
    public static Optional<Bench> bench(Plan plan, TestCall call) {
        return bench(call).read(plan) instanceof BenchText.Result.Read(Bench bench)
                ? Optional.of(bench)
                : Optional.empty();
    }

    private static BenchText bench(TestCall call) {
        return new BenchText(
                call.call(),
                Optional.empty(),
                call.from().orElse("withheld"),
                call.at(),
                String.join(",", call.keys()),
                call.phones().entrySet().stream()
                        .map(phone -> phone.getKey() + "=" + phone.getValue())
                        .toList(),
                call.switches().entrySet().stream()
                        .map(turned -> turned.getKey() + "=" + turned.getValue())
                        .toList(),
                call.agents().entrySet().stream()
                        .map(agent -> agent.getKey() + "=" + agent.getValue())
                        .toList(),
                call.waiting().entrySet().stream()
                        .map(line -> line.getKey() + "=" + line.getValue())
                        .toList());
    }

    private static List<String> failures(Plan plan, TestCall.Expected expected, Trace trace) {
        List<String> failures = new ArrayList<>();
        Ending ending = trace.ending();
        expected.comes()
                .reaches()
                .filter(ref -> !reaches(trace, ref))
                .ifPresent(ref -> failures.add("expected to reach " + ref + ", passed "
                        + String.join(
                                ", ",
                                trace.steps().stream()
                                        .map(Trace.Step::object)
                                        .distinct()
                                        .toList())));
        expected.comes()
                .ending()
                .filter(kind -> !kind.equals(ending.kind().word()))
                .ifPresent(kind -> failures.add(
                        "expected to end " + kind + ", ended " + ending.kind().word() + " in " + ending.in()));
        expected.comes()
                .in()
                .filter(in -> !in.equals(ending.in()))
                .ifPresent(in -> failures.add("expected to end in " + in + ", ended in " + ending.in()));
        expected.comes()
                .by()
                .filter(by -> !by(ending, by))
                .ifPresent(by -> failures.add(
                        "expected " + by + " to answer, " + ending.by().orElse("nobody") + " did"));
        expected.within()
                .filter(within -> trace.second() > within.value())
                .ifPresent(within -> failures.add(
                        "expected to end within " + within + ", ended after " + new Seconds(trace.second())));
        expected.notBefore()
                .filter(before -> trace.second() < before.value())
                .ifPresent(before -> failures.add(
                        "expected not to end before " + before + ", ended after " + new Seconds(trace.second())));
        expected.language()
                .filter(language -> !language.equals(trace.language()))
                .ifPresent(
                        language -> failures.add("expected to end in " + language + ", ended in " + trace.language()));
        unsaid(plan, expected.says(), trace).ifPresent(failures::add);
        failures.addAll(broken(expected.not(), trace));
        return failures;
    }

    /// What is expected to be set off and shown and is not, or is and must not be.
    private static List<String> effects(TestCall.Expected expected, List<Effect> effects) {
        List<String> failures = new ArrayList<>();
        for (String id : expected.comes().effects()) {
            List<Effect> named =
                    effects.stream().filter(one -> one.what().is(id)).toList();
            if (named.stream().noneMatch(Effect::happens)) {
                failures.add("expected to set off " + id + ", and it does not"
                        + named.stream()
                                .flatMap(one -> one.heldBack().stream())
                                .findFirst()
                                .map(why -> ": " + why)
                                .orElse(""));
            }
        }
        expected.not().effects().stream()
                .filter(id -> effects.stream()
                        .anyMatch(one -> one.happens() && one.what().is(id)))
                .forEach(id -> failures.add("expected not to set off " + id + ", and it does"));
        List<String> shown = effects.stream()
                .flatMap(one -> one.what() instanceof What.Shown seen ? Stream.of(seen.text()) : Stream.empty())
                .distinct()
                .toList();
        expected.shownAs()
                .filter(text -> !shown.contains(text))
                .ifPresent(text -> failures.add("expected phones to show “" + text + "”, "
                        + (shown.isEmpty() ? "none rang" : "they show “" + String.join("”, “", shown) + "”")));
        return failures;
    }

    private static boolean reaches(Trace trace, Ref ref) {
        return trace.steps().stream().anyMatch(step -> step.object().equals(ref.toString()));
    }

    private static boolean by(Ending ending, String who) {
        return ending.by()
                .filter(by -> by.equals(who) || by.endsWith("/" + who))
                .isPresent();
    }

    /// The first prompt that is not said after those before it.
    private static Optional<String> unsaid(Plan plan, List<Ref> says, Trace trace) {
        List<String> heard = trace.steps().stream()
                .flatMap(step -> step.hears().stream())
                .filter(one -> one.sound() == Heard.Sound.SPEECH)
                .map(Heard::text)
                .toList();
        int from = 0;
        for (Ref prompt : says) {
            List<String> words = spoken(plan, prompt);
            int at = from;
            while (at < heard.size() && !words.contains(heard.get(at))) {
                at++;
            }
            if (at == heard.size()) {
                return Optional.of("expected to hear " + prompt + (from == 0 ? "" : " after what is expected before it")
                        + ", and it is not said");
            }
            from = at + 1;
        }
        return Optional.empty();
    }

    /// What callers hear of a prompt, in any language.
    private static List<String> spoken(Plan plan, Ref prompt) {
        return plan.find(prompt, Prompt.class).stream()
                .flatMap(said -> plan.site().languages().stream()
                        .map(language -> said.words(language, plan.site().defaultLanguage())))
                .toList();
    }

    /// What comes true and must not.
    private static List<String> broken(TestCall.Becomes not, Trace trace) {
        List<String> broken = new ArrayList<>();
        Ending ending = trace.ending();
        not.reaches()
                .filter(ref -> reaches(trace, ref))
                .ifPresent(ref -> broken.add("expected not to reach " + ref + ", and passed it"));
        not.ending()
                .filter(kind -> kind.equals(ending.kind().word()))
                .ifPresent(kind -> broken.add("expected not to end " + kind + ", and ended so in " + ending.in()));
        not.in()
                .filter(in -> in.equals(ending.in()))
                .ifPresent(in -> broken.add("expected not to end in " + in + ", and ended there"));
        not.by()
                .filter(by -> by(ending, by))
                .ifPresent(by -> broken.add("expected " + by + " not to answer, and it did"));
        return broken;
    }
}
