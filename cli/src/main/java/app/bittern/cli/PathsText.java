package app.bittern.cli;

import app.bittern.call.Ending;
import app.bittern.call.Window;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Path;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The paths of a number for people.
final class PathsText {
    private PathsText() {}

    static String of(Plan plan, NumberPaths number, Optional<List<Path>> list) {
        StringBuilder text = new StringBuilder();
        text.append(String.format(
                Locale.ROOT,
                "%s: %,d paths, %d states, %d ways on, %,d come back%n",
                number.called().international(),
                number.count(),
                number.states(),
                number.edges(),
                number.returns()));
        Table endings = new Table(12, 15, 34).row("paths", "seconds", "ends", "when");
        number.endings()
                .forEach(ends -> endings.row(
                        String.format(Locale.ROOT, "%,d", ends.paths()),
                        seconds(ends.window()),
                        EndingText.of(ends.ending()),
                        ends.when()));
        text.append(endings);
        list.ifPresent(paths -> {
            Table table = new Table(16, 15, 34).row("keys", "seconds", "ends", "way and when");
            paths.forEach(path -> table.row(
                    String.join(" ", path.choices(plan)),
                    seconds(path.window()),
                    end(path.end()),
                    String.join(
                                    " > ",
                                    path.objects().stream().map(Ref::toString).toList()) + "; " + path.when()));
            text.append("\n\n").append(table);
        });
        return text.append('\n').toString();
    }

    private static String end(Path.End end) {
        return switch (end) {
            case Path.End.Rests(Ending where) -> EndingText.of(where);
            case Path.End.Returns(Ref to) -> "returns to " + to;
        };
    }

    private static String seconds(Window window) {
        return window.earliest() == window.latest()
                ? Seconds.clock(window.earliest())
                : Seconds.clock(window.earliest()) + "–" + Seconds.clock(window.latest());
    }
}
