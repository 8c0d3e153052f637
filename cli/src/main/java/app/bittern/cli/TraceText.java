package app.bittern.cli;

import app.bittern.call.Trace;
import app.bittern.plan.Seconds;
import app.bittern.telling.Telling;
import app.bittern.telling.Told;
import app.bittern.telling.Why;
import java.util.Locale;

/// A trace for people: a line for each step, the reasons under it.
final class TraceText {
    private static final int WIDTH = 100;

    private TraceText() {}

    static String of(Telling telling, Trace trace) {
        StringBuilder text = new StringBuilder();
        for (Trace.Step step : trace.steps()) {
            Told told = telling.told(step);
            line(text, String.format(Locale.ROOT, "%7s  ", Seconds.clock(step.second())), told.what());
            for (Why why : told.why()) {
                line(text, why.held() ? "           + " : "           - ", why.rule() + ": " + why.because());
            }
        }
        line(
                text,
                String.format(Locale.ROOT, "%7s  ", Seconds.clock(trace.second())),
                "Ends: " + EndingText.of(trace.ending()));
        return text.toString().stripTrailing();
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
