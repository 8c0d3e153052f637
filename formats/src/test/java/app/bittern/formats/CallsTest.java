package app.bittern.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.TextCase;
import app.bittern.call.Bench;
import app.bittern.call.Context;
import app.bittern.call.Ending;
import app.bittern.call.Heard;
import app.bittern.call.Onward;
import app.bittern.call.Outcome;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Transition;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.proof.BenchText;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/// What calls do, as a person reads it: small plans, each with everything that can happen at its objects and
/// when, and some calls.
///
/// They stand in `calls.txt`: a title, the plan, and then `? object` with its outcomes and their windows in
/// seconds, and `> call` with what it goes through: the second at which it comes to each object, by what it
/// leaves, what it hears meanwhile, and where it ends. `-Dbittern.write-calls=true` writes what is computed
/// anew, to be read against the figures.
class CallsTest {
    private static final Path FILE = Path.of("src/test/resources/calls.txt");
    private static final String HEAD = """
            bittern: 2
            site: { key: s, timeZone: Europe/London, country: GB, languages: [en-GB, nb-NO] }
            numbers: { "+441632960100": {} }
            """;
    private static final String HOURS = """
            hours: { office: { states: [ { state: closed, on: [12-25] }, { state: open, weekly: ["Mon-Fri 08:30-17:00"] }, { state: closed } ] }, newfoundland: { timeZone: America/St_Johns, states: [ { state: open, weekly: ["Mon-Fri 09:00-17:00"] }, { state: closed } ] } }
            """;
    private static final String PROMPTS = """
              ten: { en-GB: { sound: ten.wav, seconds: 9.4 } }
              three: { en-GB: { sound: three.wav, seconds: 3 } }
              words: { en-GB: "Six words are said to callers." }
            """;

    /// @param lines the questions and what is answered
    record Case(String title, String plan, List<String> lines) {
        @Override
        public String toString() {
            return title;
        }
    }

    static Stream<Case> cases() throws IOException {
        return TextCase.read(FILE).stream().map(CallsTest::one);
    }

    private static Case one(TextCase text) {
        List<String> lines = text.lines(0);
        int plan = 0;
        while (!lines.get(plan).startsWith("?") && !lines.get(plan).startsWith(">")) {
            plan++;
        }
        return new Case(
                text.title(), String.join("\n", lines.subList(0, plan)) + "\n", lines.subList(plan, lines.size()));
    }

    private static Plan plan(String sections) {
        String own =
                sections.contains("prompts: { ") ? sections.replace("prompts: { ", "prompts: { " + inFlow()) : sections;
        String text = HEAD + HOURS + own + (own.equals(sections) ? "prompts:\n" + PROMPTS : "");
        PlanFile.Result result = PlanFile.read(text);
        assertThat(result).as("%s", result).isInstanceOf(PlanFile.Result.Read.class);
        return ((PlanFile.Result.Read) result).plan();
    }

    private static String inFlow() {
        return PROMPTS.lines().map(line -> line.strip() + ", ").collect(Collectors.joining());
    }

    /// The questions of a case with what is computed for them.
    private static List<String> answered(Case one) {
        Plan plan = plan(one.plan());
        List<String> lines = new ArrayList<>();
        for (String line : one.lines()) {
            if (line.startsWith("?")) {
                lines.add(line);
                lines.addAll(outcomes(plan, Ref.parse(line.substring(1).strip()).orElseThrow()));
            } else if (line.startsWith(">")) {
                lines.add(line);
                lines.addAll(call(plan, line.substring(1).strip()));
            }
        }
        return lines;
    }

    /// `  answered 5–20: answered in ring-group/g`.
    private static List<String> outcomes(Plan plan, Ref ref) {
        return Transition.outcomes(plan, new State(ref, Context.in("en-GB"))).stream()
                .map(outcome -> "  " + outcome.cause().id() + " "
                        + (outcome.window().earliest() == outcome.window().latest()
                                ? String.valueOf(outcome.window().earliest())
                                : outcome.window().earliest() + "–"
                                        + outcome.window().latest())
                        + ": " + onward(outcome))
                .toList();
    }

    private static String onward(Outcome outcome) {
        return switch (outcome.onward()) {
            case Onward.Next(State next) -> "to " + next.at();
            case Onward.Ends(Ending ending, var _) -> ending(ending);
        };
    }

    private static String ending(Ending ending) {
        String why = ending.cause()
                .map(cause -> ": " + cause.name().toLowerCase(Locale.ROOT))
                .orElse("");
        return ending.kind().word() + why + " in " + ending.in()
                + ending.by().map(by -> " by " + by).orElse("");
    }

    /// `  0 queue/q, overflow; silence 0–60`, and last the second and the ending.
    private static List<String> call(Plan plan, String told) {
        Trace trace = Tracer.trace(plan, bench(plan, told));
        List<String> lines = new ArrayList<>();
        int most = 8;
        for (Trace.Step step :
                trace.steps().subList(0, Math.min(most, trace.steps().size()))) {
            String hears = step.hears().stream().map(CallsTest::heard).collect(Collectors.joining(", "));
            lines.add("  " + step.second() + " " + step.object() + ", " + step.exit()
                    + (hears.isEmpty() ? "" : "; " + hears));
        }
        if (trace.steps().size() > most) {
            lines.add("  … " + trace.steps().size() + " steps");
        }
        lines.add("  " + trace.second() + " " + ending(trace.ending()));
        return lines;
    }

    private static String heard(Heard heard) {
        return heard.sound() == Heard.Sound.KEY
                ? "key " + heard.text() + " at " + heard.from()
                : heard.sound().word() + " " + heard.from() + "–" + heard.to();
    }

    /// `from +447700900123; keys 1,-; phone 2001=busy`, on a Tuesday at 10:15 where nothing is said.
    private static Bench bench(Plan plan, String told) {
        String from = "withheld";
        String at = "2026-11-24T10:15";
        String keys = "";
        List<String> phones = new ArrayList<>();
        List<String> switches = new ArrayList<>();
        List<String> agents = new ArrayList<>();
        List<String> waiting = new ArrayList<>();
        for (String part : told.isEmpty() ? new String[0] : told.split("; (?=[a-z]+ [^ ]*(=|$|,|[0-9!-]))", -1)) {
            String[] words = part.split(" ", 2);
            switch (words[0]) {
                case "from" -> from = words[1];
                case "at" -> at = words[1];
                case "keys" -> keys = words[1];
                case "phone" -> phones.add(words[1]);
                case "switch" -> switches.add(words[1]);
                case "agent" -> agents.add(words[1]);
                case "waiting" -> waiting.add(words[1]);
                default -> throw new IllegalArgumentException("'" + part + "' is nothing that a bench has");
            }
        }
        BenchText.Result result = new BenchText(
                        "+441632960100", Optional.empty(), from, at, keys, phones, switches, agents, waiting)
                .read(plan);
        assertThat(result).as("%s", result).isInstanceOf(BenchText.Result.Read.class);
        return ((BenchText.Result.Read) result).bench();
    }

    @ParameterizedTest
    @MethodSource("cases")
    void callsDoWhatIsWritten(Case one) {
        assertThat(answered(one)).isEqualTo(one.lines());
    }

    @Test
    @EnabledIfSystemProperty(named = "bittern.write-calls", matches = "true")
    void writesWhatIsComputedAnew() throws IOException {
        TextCase.write(
                FILE,
                cases().map(one -> new TextCase(
                        one.title(), List.of(one.plan() + String.join("\n", answered(one)) + "\n"), List.of())));
    }
}
