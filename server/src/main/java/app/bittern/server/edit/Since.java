package app.bittern.server.edit;

import app.bittern.edit.PlanEdit;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.server.plan.JournalRow;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// What has been changed in a draft since a version, the oldest first.
record Since(List<JournalRow> rows) {
    /// An object as it was at the version.
    Optional<PlanObject> was(Plan now, Ref ref) {
        return rows.stream()
                .filter(row -> row.touches(ref))
                .findFirst()
                .map(row -> each(row.inverse())
                        .filter(edit -> ref(edit).equals(ref))
                        .reduce((one, later) -> later)
                        .flatMap(Since::put))
                .orElseGet(() -> now.find(ref));
    }

    /// The last edit of an object.
    Optional<JournalRow> last(Ref ref) {
        return rows.reversed().stream().filter(row -> row.touches(ref)).findFirst();
    }

    private static Stream<PlanEdit> each(PlanEdit edit) {
        return edit instanceof PlanEdit.Several(List<PlanEdit> edits)
                ? edits.stream().flatMap(Since::each)
                : Stream.of(edit);
    }

    private static Ref ref(PlanEdit edit) {
        return switch (edit) {
            case PlanEdit.Put put -> put.object().ref();
            case PlanEdit.Remove remove -> remove.ref();
            case PlanEdit.Several several -> throw new IllegalStateException(several.toString());
        };
    }

    private static Optional<PlanObject> put(PlanEdit edit) {
        return edit instanceof PlanEdit.Put put ? Optional.of(put.object()) : Optional.empty();
    }
}
