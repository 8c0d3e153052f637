package app.bittern.cli;

import app.bittern.call.Heard;
import app.bittern.call.Reaction;
import app.bittern.cover.Coverage;
import app.bittern.cover.Steps;
import app.bittern.formats.answer.ProposedCalls;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Switch;
import app.bittern.proof.BenchText;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

/// Which steps are taken, and the sheet of calls to dial by hand, for people.
final class CoverText {
    private static final int MISSED = 20;
    private static final List<String> HEAD = List.of(
            "call", "number", "from", "when", "switches", "agents", "press", "phones", "heard", "ends", "sets off");

    private CoverText() {}

    static String of(Plan plan, List<Coverage> all) {
        Table table = new Table(10, 18, 24).row("taken", "number", "", "not taken by any test call");
        for (Coverage one : all) {
            int steps = one.steps().all().size();
            table.row(
                    one.taken() + " of " + steps,
                    one.called().text(),
                    plan.title(new Ref(Kind.NUMBER, one.called().text())),
                    missed(one));
        }
        return table + "\n\n--propose writes calls that take every step.";
    }

    private static String missed(Coverage one) {
        List<String> some = one.missed().stream()
                .limit(MISSED)
                .map((Steps.Step step) -> one.steps().words(step))
                .toList();
        int more = one.missed().size() - some.size();
        return String.join("\n", some) + (more > 0 ? "\nand " + more + " more" : "");
    }

    static String sheet(Plan plan, List<ProposedCalls.Proposed> calls, int proposed) {
        StringBuilder text = new StringBuilder();
        int left = proposed - calls.size();
        text.append(calls.size())
                .append(calls.size() == 1 ? " call" : " calls")
                .append(" to dial by hand")
                .append(left > 0 ? "; " + left + " more need a full line or others waiting" : "")
                .append(".\n");
        String turned = "";
        for (ProposedCalls.Proposed call : calls) {
            List<String> cells = cells(plan, call);
            if (!cells.get(4).equals(turned)) {
                turned = cells.get(4);
                text.append("\nTurn ").append(turned).append(".\n");
            }
            text.append('\n').append(cells.getFirst()).append(": call ").append(cells.get(1));
            text.append(" from ")
                    .append(cells.get(2))
                    .append(", ")
                    .append(cells.get(3))
                    .append('\n');
            Table table = new Table(12);
            for (int index = 5; index < HEAD.size(); index++) {
                if (!cells.get(index).isEmpty()) {
                    table.row("  " + HEAD.get(index), cells.get(index));
                }
            }
            text.append(table).append('\n');
        }
        return text.toString().stripTrailing();
    }

    static String csv(Plan plan, List<ProposedCalls.Proposed> calls) {
        List<List<String>> rows = new ArrayList<>(List.of(HEAD));
        calls.forEach(call -> rows.add(cells(plan, call)));
        return rows.stream()
                .map(row -> row.stream().map(CoverText::quoted).collect(Collectors.joining(",")))
                .collect(Collectors.joining("\n"));
    }

    /// A cell as RFC 4180 has it.
    private static String quoted(String cell) {
        return cell.matches("[^\",\\r\\n]*") ? cell : "\"" + cell.replace("\"", "\"\"") + "\"";
    }

    private static List<String> cells(Plan plan, ProposedCalls.Proposed one) {
        BenchText bench = BenchText.of(plan, one.bench());
        String switches = plan.all(Switch.class)
                .map(turned -> turned.title() + " to " + one.bench().position(turned))
                .collect(Collectors.joining(", "));
        String phones = one.bench().phones().entrySet().stream()
                .map(phone -> phone.getKey() + " " + Reaction.words(phone.getValue()))
                .collect(Collectors.joining(", "));
        List<String> pressed = new ArrayList<>();
        List<String> heard = new ArrayList<>();
        one.trace().steps().stream().flatMap(step -> step.hears().stream()).forEach(sound -> {
            if (sound.sound() == Heard.Sound.KEY) {
                pressed.add(sound.text() + " at " + Seconds.clock(sound.from()));
            } else if (sound.to() > sound.from() && sound.sound() != Heard.Sound.SILENCE) {
                heard.add(Seconds.clock(sound.from()) + " "
                        + (sound.sound() == Heard.Sound.SPEECH
                                ? "“" + sound.text() + "”"
                                : sound.sound().word()));
            }
        });
        return List.of(
                one.call().name().orElse(one.call().key()),
                bench.to(),
                ProposedCalls.caller(one),
                bench.at().replace('T', ' '),
                switches,
                String.join(", ", bench.agents()),
                String.join(", ", pressed),
                phones.isEmpty() ? "nobody answers" : phones + "; all others do not answer",
                String.join("; ", heard),
                EndingText.of(one.trace().ending()) + " at "
                        + Seconds.clock(one.trace().second()).toLowerCase(Locale.ROOT),
                String.join("; ", ProposedCalls.setsOff(plan, one)));
    }
}
