package app.bittern.server.call;

import app.bittern.outline.Row;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Set;

/// The rows of an outline without those under rows that stand for many, such as all extensions that can be
/// dialled in a menu: nobody reads thousands until they are opened.
final class ClosedRows {
    /// So many rows under one that stands for many are given at once.
    static final int GIVEN = 200;

    /// A row, and how many under it are not given.
    record Given(Row row, int leftOut) {}

    private final List<Row> rows;
    private final Set<String> open;
    private final Set<String> passed;

    /// @param open   arrivals at rows that are opened
    /// @param passed arrivals that are given wherever they are, with what is under them
    ClosedRows(List<Row> rows, Set<String> open, Set<String> passed) {
        this.rows = rows;
        this.open = open;
        this.passed = passed;
    }

    List<Given> given() {
        List<Given> given = new ArrayList<>();
        int at = 0;
        while (at < rows.size()) {
            Row row = rows.get(at);
            boolean many = row.holdsRow() && row.object().isEmpty();
            int end = many ? end(at) : at + 1;
            if (end - at - 1 > GIVEN && Collections.disjoint(row.arrivals(), open)) {
                List<Row> kept = passed(at, end);
                given.add(new Given(row, end - at - 1 - kept.size()));
                kept.forEach(one -> given.add(new Given(one, 0)));
                at = end;
            } else {
                given.add(new Given(row, 0));
                at++;
            }
        }
        return given;
    }

    /// Of the rows within one, those at which somebody comes by what is passed, and those under them.
    private List<Row> passed(int from, int end) {
        List<Row> kept = new ArrayList<>();
        int at = from + 1;
        while (at < end) {
            int next = end(at);
            if (!Collections.disjoint(rows.get(at).arrivals(), passed)) {
                kept.addAll(rows.subList(at, next));
            }
            at = next;
        }
        return kept;
    }

    /// Where the rows under one end.
    private int end(int at) {
        int end = at + 1;
        while (end < rows.size() && rows.get(end).depth() > rows.get(at).depth()) {
            end++;
        }
        return end;
    }
}
