package app.bittern.cli;

import app.bittern.paths.DialMatrix;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.stream.Stream;

/// What phones may dial, for people: a row for each example, a column for each class of service.
final class DialText {
    private static final int DIALLED = 16;
    private static final int CLASSES = 44;
    private static final int NARROW = 9;

    private DialText() {}

    static String of(Plan plan, DialMatrix matrix) {
        int width = Math.max(NARROW, CLASSES / Math.max(1, matrix.columns().size()));
        int[] widths = Stream.concat(
                        Stream.of(DIALLED), matrix.columns().stream().map(column -> width))
                .mapToInt(Integer::intValue)
                .toArray();
        Table table = new Table(widths);
        row(
                table,
                "dialled",
                matrix.columns().stream()
                        .map(column -> column.service().map(plan::title).orElse("no class")),
                "leads to");
        row(
                table,
                "",
                matrix.columns().stream()
                        .map(column -> column.phones().size() == 1
                                ? "1 phone"
                                : column.phones().size() + " phones"),
                "");
        for (DialMatrix.Row row : matrix.rows()) {
            row(
                    table,
                    row.dialled(),
                    row.may().stream().map(may -> row.to().isEmpty() ? "-" : may ? "yes" : "barred"),
                    leads(plan, row));
        }
        return table.toString();
    }

    private static void row(Table table, String first, Stream<String> cells, String last) {
        table.row(Stream.concat(Stream.concat(Stream.of(first), cells), Stream.of(last))
                .toArray(String[]::new));
    }

    private static String leads(Plan plan, DialMatrix.Row row) {
        String where = row.to().map(ref -> words(plan, ref, row.alike())).orElse("number unobtainable");
        return where + (row.waits() ? ", after 3 s" : "");
    }

    private static String words(Plan plan, Ref ref, int alike) {
        String kind = ref.kind() == Kind.NUMBER ? "own number" : ref.kind().title();
        return kind + " " + plan.title(ref) + (alike > 1 ? ", and " + (alike - 1) + " more" : "");
    }
}
