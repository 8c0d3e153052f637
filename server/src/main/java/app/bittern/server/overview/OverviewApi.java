package app.bittern.server.overview;

import app.bittern.proof.BenchText;
import java.util.List;
import java.util.Optional;

/// What the endpoint of the overview gives.
public final class OverviewApi {
    private OverviewApi() {}

    /// A site at a glance.
    ///
    /// @param hours   by which the columns are told apart, in words; absent where nothing asks any hours
    /// @param columns three at most
    /// @param rows    numbers, those together whose calls go alike; some may be in none
    /// @param total   numbers in the plan
    /// @param current whether what is to be done next is by the findings of this very version
    /// @param next    things to do, the first first
    public record GlanceView(
            long version,
            Optional<String> hours,
            List<GlanceColumn> columns,
            int total,
            List<GlanceRow> rows,
            boolean current,
            List<NextView> next) {}

    /// A time class.
    ///
    /// @param state  `open`
    /// @param at     an instant in it, by the site's clock
    public record GlanceColumn(String state, String at) {}

    /// Numbers whose calls go alike in all columns.
    ///
    /// @param numbers the first few of them
    /// @param more    how many besides
    public record GlanceRow(List<GlanceNumber> numbers, int more, List<GlanceCell> cells) {}

    /// @param calls expected an hour at the busiest
    public record GlanceNumber(String number, String shown, String title, Optional<Double> calls) {}

    /// A call in which nobody answers and nothing is pressed.
    ///
    /// @param kind of its ending
    /// @param says what is met first, who is rung for how long, and where it comes to rest
    /// @param way  the whole call in words
    public record GlanceCell(String kind, String says, String way, BenchText bench) {}

    /// Something to do.
    ///
    /// @param screen where it is done
    /// @param object that it is about
    /// @param makes  the kind of object that is to be made
    public record NextView(String says, String why, String screen, Optional<String> object, Optional<String> makes) {}
}
