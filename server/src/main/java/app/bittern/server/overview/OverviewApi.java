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
    /// @param total   numbers in the plan
    /// @param current whether what is to be done next is by the findings of this very version
    /// @param next    things to do, the first first
    public record GlanceView(
            long version,
            Optional<String> hours,
            List<GlanceColumn> columns,
            int total,
            List<GlanceNumber> numbers,
            boolean current,
            List<NextView> next) {}

    /// A time class.
    ///
    /// @param state  `open`
    /// @param at     an instant in it, by the site's clock
    public record GlanceColumn(String state, String at) {}

    /// @param calls expected an hour at the busiest
    public record GlanceNumber(
            String number, String shown, String title, Optional<Double> calls, List<GlanceCell> cells) {}

    /// Where a call comes to rest in which nobody answers and nothing is pressed.
    ///
    /// @param kind of its ending
    /// @param says where, in words
    /// @param way  the whole call in words
    public record GlanceCell(String kind, String says, String way, BenchText bench) {}

    /// Something to do.
    ///
    /// @param screen where it is done
    /// @param object that it is about
    /// @param makes  the kind of object that is to be made
    public record NextView(String says, String why, String screen, Optional<String> object, Optional<String> makes) {}
}
