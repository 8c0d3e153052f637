package app.bittern.outline;

import app.bittern.call.Window;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// One row of an outline: how a caller comes here, and what is here.
///
/// @param number   its place, from 1
/// @param depth    how far it is indented
/// @param window   earliest and latest second at which a caller can come here along the rows above
/// @param parts    the sentence
/// @param arrivals the exits that lead here, `object#outcome`, as a trace names them, and those by which a call
///                 rests here; where many are not drawn, the first and those that are
/// @param object   the object that is drawn or linked here
/// @param asRow    the row at which that object is drawn, where it is not drawn here
/// @param uses     how many places of the plan lead to the object drawn here
/// @param field    where the row's destination is given: object and field
/// @param holdsRow whether rows under this one belong to it
/// @param leftOut  of how many that it stands for no row is drawn, as they are not [Opened]
public record Row(
        int number,
        int depth,
        Window window,
        List<Part> parts,
        List<String> arrivals,
        Optional<Ref> object,
        Optional<Integer> asRow,
        int uses,
        Optional<Place> field,
        boolean holdsRow,
        int leftOut) {
    /// An object and a place in it.
    public record Place(Ref object, Pointer field) {}

    public Row {
        parts = List.copyOf(parts);
        arrivals = List.copyOf(arrivals);
    }

    Row withAsRow(Optional<Integer> drawnAt) {
        return new Row(number, depth, window, parts, arrivals, object, drawnAt, uses, field, holdsRow, leftOut);
    }
}
