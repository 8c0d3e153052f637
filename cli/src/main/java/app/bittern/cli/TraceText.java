package app.bittern.cli;

import app.bittern.call.Trace;
import app.bittern.effect.Effect;
import app.bittern.effect.Effects;
import app.bittern.effect.What;
import app.bittern.plan.Plan;
import app.bittern.plan.Seconds;
import app.bittern.telling.Telling;
import app.bittern.telling.Told;
import app.bittern.telling.Why;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

/// A trace for people: a line for each step, the reasons under it.
final class TraceText {
    private static final int WIDTH = 100;

    private TraceText() {}

    static String of(Telling telling, Trace trace) {
        StringBuilder text = new StringBuilder();
        List<Effect> effects = new ArrayList<>(Effects.of(telling.plan(), telling.bench(), trace));
        for (Trace.Step step : trace.steps()) {
            Told told = telling.told(step);
            line(text, String.format(Locale.ROOT, "%7s  ", Seconds.clock(step.second())), told.what());
            for (Why why : told.why()) {
                line(text, why.held() ? "           + " : "           - ", why.rule() + ": " + why.because());
            }
            List<Effect> here = effects.stream()
                    .filter(one -> one.object().toString().equals(step.object()))
                    .filter(one -> one.second() <= step.second() + step.lasts())
                    .toList();
            effects(telling.plan(), here).forEach(words -> line(text, "           > ", words));
            effects.removeAll(here);
        }
        effects(telling.plan(), effects).forEach(words -> line(text, "           > ", words));
        line(
                text,
                String.format(Locale.ROOT, "%7s  ", Seconds.clock(trace.second())),
                "Ends: " + EndingText.of(trace.ending()));
        return text.toString().stripTrailing();
    }

    /// What is set off, a line each; phones that show the same are one, whenever they ring.
    private static List<String> effects(Plan plan, List<Effect> effects) {
        List<String> lines = new ArrayList<>();
        Map<String, Set<String>> shown = new LinkedHashMap<>();
        for (Effect effect : effects) {
            if (effect.what() instanceof What.Shown seen) {
                seen.phone()
                        .ifPresent(one -> shown.computeIfAbsent(
                                        "“" + seen.text() + "”" + seen.rings(), said -> new LinkedHashSet<>())
                                .add(one.phone()));
            } else {
                String at = effect.second() > 0 ? Seconds.clock(effect.second()) + " " : "";
                lines.add(effect.heldBack()
                        .map(why -> at + "not " + effect.what().words(plan::title) + ": " + why)
                        .orElseGet(() -> at + effect.what().words(plan::title)));
            }
        }
        return Stream.concat(
                        shown.entrySet().stream()
                                .map(one -> "shown on " + String.join(", ", one.getValue()) + ": " + one.getKey()),
                        lines.stream())
                .toList();
    }

    /// Breaks a long line at a space, and goes on under its beginning.
    private static void line(StringBuilder text, String head, String words) {
        String begin = head;
        String rest = words;
        while (begin.length() + rest.length() > WIDTH) {
            int space = rest.lastIndexOf(' ', WIDTH - begin.length());
            if (space <= 0) {
                break;
            }
            text.append(begin).append(rest, 0, space).append('\n');
            rest = rest.substring(space + 1);
            begin = " ".repeat(head.length());
        }
        text.append(begin).append(rest).append('\n');
    }
}
