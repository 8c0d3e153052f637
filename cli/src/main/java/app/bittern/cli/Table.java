package app.bittern.cli;

import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Help;
import picocli.CommandLine.Help.Column;
import picocli.CommandLine.Help.Column.Overflow;
import picocli.CommandLine.Help.TextTable;

/// Rows of text in columns that fit 100 characters; what is too long goes on in the next line.
final class Table {
    private static final int WIDTH = 100;

    private final int[] widths;
    private final List<String[]> rows = new ArrayList<>();

    /// @param widths of all columns but the last, which takes the rest
    Table(int... widths) {
        this.widths = widths.clone();
    }

    Table row(String... cells) {
        rows.add(cells.clone());
        return this;
    }

    @Override
    public String toString() {
        Column[] columns = new Column[widths.length + 1];
        int left = WIDTH;
        for (int index = 0; index < widths.length; index++) {
            columns[index] = new Column(widths[index], 0, Overflow.WRAP);
            left -= widths[index];
        }
        columns[widths.length] = new Column(left, 0, Overflow.WRAP);
        TextTable table = TextTable.forColumns(Help.defaultColorScheme(Help.Ansi.OFF), columns);
        rows.forEach(table::addRowValues);
        StringBuilder text = new StringBuilder();
        table.toString()
                .lines()
                .forEach(line -> text.append(line.stripTrailing()).append('\n'));
        return text.toString().stripTrailing();
    }
}
