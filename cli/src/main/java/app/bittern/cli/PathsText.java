package app.bittern.cli;

import app.bittern.call.Ending;
import app.bittern.call.Window;
import app.bittern.paths.Matrix;
import app.bittern.paths.NumberPaths;
import app.bittern.paths.Path;
import app.bittern.paths.Reached;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
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

    static String who(Plan plan, List<Reached.ByNumber> numbers) {
        Table table = new Table(18, 22, 15).row("number", "", "seconds", "when");
        numbers.forEach(number -> table.row(
                number.number().text(),
                plan.title(new Ref(Kind.NUMBER, number.number().text())),
                seconds(number.window()),
                number.when()));
        return table.toString();
    }

    static String matrix(Plan plan, Matrix matrix) {
        Table table = new Table(8, 36).row("pressed", "when", "ends");
        for (Matrix.Row row : matrix.rows()) {
            for (int index = 0; index < row.cells().size(); index++) {
                Matrix.Column column = matrix.columns().get(index);
                List<String> states = new ArrayList<>();
                column.states().forEach((ref, state) -> states.add(plan.title(ref) + " " + state));
                column.positions().forEach((ref, position) -> states.add(plan.title(ref) + " " + position));
                String pressed = index == 0 ? row.pressed().orElse("nothing") : "";
                row.cells()
                        .get(index)
                        .ifPresent(cell -> table.row(
                                pressed,
                                String.join(", ", states),
                                EndingText.of(cell.ending()) + " at " + Seconds.clock(cell.second())));
            }
        }
        return table.toString();
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
