package app.bittern.server.call;

import static org.assertj.core.api.Assertions.assertThat;

import app.bittern.call.Window;
import app.bittern.outline.Row;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

class ClosedRowsTest {
    /// A menu in which so many extensions can be dialled, each with a row for nobody answering; then one more row.
    private static List<Row> menu(int extensions) {
        List<Row> rows = new ArrayList<>();
        add(rows, 0, "route/main#on", Optional.of("menu/front"), true);
        add(rows, 1, "menu/front#dialled", Optional.empty(), true);
        for (int index = 0; index < extensions; index++) {
            String extension = "extension/" + (2000 + index);
            add(rows, 2, "menu/front#dialled " + (2000 + index), Optional.of(extension), true);
            add(rows, 3, extension + "#no-answer", Optional.empty(), false);
        }
        add(rows, 1, "menu/front#no-valid-key", Optional.empty(), false);
        return rows;
    }

    private static void add(List<Row> rows, int depth, String arrival, Optional<String> object, boolean holds) {
        rows.add(new Row(
                rows.size() + 1,
                depth,
                Window.NOW,
                List.of(),
                List.of(arrival),
                object.flatMap(Ref::parse),
                Optional.empty(),
                0,
                Optional.empty(),
                holds));
    }

    private static List<Integer> numbers(ClosedRows rows) {
        return rows.given().stream().map(given -> given.row().number()).toList();
    }

    @Test
    void whatIsWithinOneThatStandsForThousandsIsLeftOutAndCounted() {
        List<Row> rows = menu(5000);
        ClosedRows closed = new ClosedRows(rows, Set.of(), Set.of());
        assertThat(numbers(closed)).containsExactly(1, 2, rows.size());
        assertThat(closed.given().get(1).leftOut()).isEqualTo(10_000);
    }

    @Test
    void whatTheCallPassesIsThereWithWhatIsUnderIt() {
        List<Row> rows = menu(5000);
        ClosedRows closed = new ClosedRows(rows, Set.of(), Set.of("menu/front#dialled 2003"));
        assertThat(numbers(closed)).containsExactly(1, 2, 9, 10, rows.size());
        assertThat(closed.given().get(1).leftOut()).isEqualTo(9_998);
    }

    @Test
    void openedAllIsThere() {
        List<Row> rows = menu(5000);
        ClosedRows opened = new ClosedRows(rows, Set.of("menu/front#dialled"), Set.of());
        assertThat(opened.given()).hasSize(rows.size()).allMatch(given -> given.leftOut() == 0);
    }

    @Test
    void aFewAreThereAtOnce() {
        List<Row> rows = menu(ClosedRows.GIVEN / 2);
        assertThat(new ClosedRows(rows, Set.of(), Set.of()).given()).hasSize(rows.size());
    }
}
