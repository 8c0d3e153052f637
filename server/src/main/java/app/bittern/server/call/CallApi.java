package app.bittern.server.call;

import app.bittern.formats.answer.TraceJson;
import app.bittern.outline.Part;
import app.bittern.proof.BenchText;
import java.util.List;
import java.util.Optional;

/// What the endpoints that answer for calls give.
public final class CallApi {
    private CallApi() {}

    /// @param shown as people in the country read it
    /// @param due     when its status is expected to change
    /// @param arrives the digits that its trunk delivers
    /// @param report  the tag under which its calls are counted
    public record NumberView(
            String number,
            String shown,
            String name,
            String status,
            Optional<String> due,
            Optional<String> trunk,
            Optional<String> arrives,
            Optional<String> report) {}

    /// A call as it was typed.
    ///
    /// @param says how it is read; absent where it is none
    public record TypedCallView(Optional<String> says, Optional<BenchText> bench) {}

    /// A number and what a call to it does on the bench.
    public record NumberCall(NumberView number, TraceJson.Ending ending, String inWords) {}

    /// @param current whether the findings at the rows are those of this very version; if not, of an earlier one
    public record OutlineView(long version, String number, boolean current, List<RowView> rows) {}

    /// @param earliest  second
    /// @param latest    second
    /// @param arrivals  the exits that lead here, `object#outcome`
    /// @param asRow     the row at which the object is drawn
    /// @param object    the object drawn or linked here
    /// @param field     the field in which the row's destination is given: object and field
    /// @param entry     the entry of a map that the field is of, which goes where the row is removed
    /// @param adds      the map in which an entry can be added here
    /// @param leftOut   for how many that it stands for no row is given until it is opened
    /// @param findings  how many are about what is here
    /// @param blocking  whether one of them blocks
    /// @param opens     whether rows under this one belong to it
    public record RowView(
            int number,
            int depth,
            int earliest,
            int latest,
            List<PartView> parts,
            List<String> arrivals,
            Optional<String> object,
            Optional<Integer> asRow,
            int uses,
            Optional<PlaceView> field,
            Optional<String> entry,
            Optional<PlaceView> adds,
            boolean opens,
            int leftOut,
            int findings,
            boolean blocking) {}

    public record PlaceView(String object, String field) {}

    public record PartView(Part.Style style, String text, Optional<TokenView> edit) {}

    public record TokenView(String object, String field, String value) {}

    /// A trace and the call in one sentence.
    ///
    /// @param caller as people in the country read it
    /// @param titles what the object of each step is called
    public record CallView(long version, TraceJson trace, String caller, String inWords, List<String> titles) {}

    /// Something that a destination can lead to, or that can be gone to.
    public record Target(String value, String title, String kind, Optional<String> number) {}

    public record UseView(String object, String title, String field) {}
}
