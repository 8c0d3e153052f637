package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.KeyPress;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.number.Caller;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// What a caller presses first, by when and with which switches turned where the call comes in: where it then
/// ends, when nothing more is pressed and nobody answers.
///
/// @param columns when, and with which switches turned where
/// @param rows    what is pressed first; nothing in the first
public record Matrix(List<Column> columns, List<Row> rows) {
    public Matrix {
        columns = List.copyOf(columns);
        rows = List.copyOf(rows);
    }

    /// @param states    the state of each hours that the number's calls are asked for
    /// @param positions the position of each switch that they are asked for
    public record Column(Map<Ref, String> states, Map<Ref, String> positions, String when, Instant at) {}

    /// @param pressed empty for nothing
    /// @param cells   one for each column; absent where nothing asks for a key
    public record Row(Optional<String> pressed, List<Optional<Cell>> cells) {
        public Row {
            cells = List.copyOf(cells);
        }
    }

    /// @param second of the end
    /// @param bench  the call, to be put on the bench
    public record Cell(Ending ending, int second, Bench bench) {}

    /// The matrix of a number.
    ///
    /// @param caller who calls
    public static Matrix of(NumberPaths number, Caller caller) {
        Plan plan = number.paths().plan();
        List<Column> columns = columns(number, plan);
        Set<String> keys = new LinkedHashSet<>();
        List<List<Optional<String>>> asked = new ArrayList<>();
        for (Column column : columns) {
            List<Optional<String>> here = keys(plan, bench(number, caller, column, Optional.empty()));
            here.forEach(key -> key.ifPresent(keys::add));
            asked.add(here);
        }
        List<Optional<String>> presses = new ArrayList<>(List.of(Optional.empty()));
        keys.forEach(key -> presses.add(Optional.of(key)));
        List<Row> rows = new ArrayList<>();
        for (Optional<String> pressed : presses) {
            List<Optional<Cell>> cells = new ArrayList<>();
            for (int index = 0; index < columns.size(); index++) {
                boolean possible = pressed.isEmpty() || asked.get(index).contains(pressed);
                Bench bench = bench(number, caller, columns.get(index), pressed);
                Trace trace = Tracer.trace(plan, bench);
                cells.add(possible ? Optional.of(new Cell(trace.ending(), trace.second(), bench)) : Optional.empty());
            }
            rows.add(new Row(pressed, cells));
        }
        return new Matrix(columns, rows);
    }

    private static List<Column> columns(NumberPaths number, Plan plan) {
        List<Column> columns = new ArrayList<>();
        for (CallPaths.TimeClass time : number.timeClasses()) {
            for (Map<Ref, String> positions : positions(plan, number.switches())) {
                columns.add(new Column(time.states(), positions, time.when(), time.at()));
            }
        }
        return columns;
    }

    private static List<Map<Ref, String>> positions(Plan plan, List<Ref> switches) {
        List<Map<Ref, String>> all = new ArrayList<>(List.of(Map.of()));
        for (Ref ref : switches) {
            Switch turned = plan.find(ref, Switch.class).orElseThrow();
            List<Map<Ref, String>> more = new ArrayList<>();
            all.forEach(before -> turned.positions().forEach(position -> {
                Map<Ref, String> one = new LinkedHashMap<>(before);
                one.put(ref, position);
                more.add(one);
            }));
            all = more;
        }
        return all;
    }

    /// The keys of the first menu that a call comes to.
    private static List<Optional<String>> keys(Plan plan, Bench bench) {
        return Tracer.trace(plan, bench).steps().stream()
                .flatMap(step -> Ref.parse(step.object()).stream())
                .flatMap(ref -> plan.find(ref, Menu.class).stream())
                .findFirst()
                .map(menu -> menu.keys().keySet().stream().map(Optional::of).toList())
                .orElse(List.of());
    }

    private static Bench bench(NumberPaths number, Caller caller, Column column, Optional<String> pressed) {
        return Bench.of(number.called(), caller, column.at())
                .turned(column.positions())
                .with(pressed.map(key -> List.of(new KeyPress(key, false))).orElse(List.of()));
    }
}
