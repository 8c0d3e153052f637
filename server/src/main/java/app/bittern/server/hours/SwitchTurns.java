package app.bittern.server.hours;

import app.bittern.edit.PlanEdit;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import app.bittern.server.plan.JournalRows;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Component;

/// When switches were turned last, as the journal tells.
@Component
class SwitchTurns {
    private static final int LOOKED_AT = 200;

    private final JournalRows journal;

    SwitchTurns(JournalRows journal) {
        this.journal = journal;
    }

    record Turned(Instant at, String account) {}

    /// The last edit that put a switch into another position than it was in, or made it.
    Optional<Turned> last(String site, Ref turned) {
        return journal.mentioning(site, Long.MAX_VALUE, "\"" + turned + "\"", Limit.of(LOOKED_AT)).stream()
                .filter(row -> {
                    Optional<String> after = position(row.edit(), turned);
                    return after.isPresent() && !after.equals(position(row.inverse(), turned));
                })
                .findFirst()
                .map(row -> new Turned(row.at(), row.account()));
    }

    private static Optional<String> position(PlanEdit edit, Ref turned) {
        return puts(edit)
                .filter(put -> put.object().ref().equals(turned))
                .flatMap(put -> put.object() instanceof Switch one ? Stream.of(one.now()) : Stream.of())
                .reduce((first, last) -> last);
    }

    private static Stream<PlanEdit.Put> puts(PlanEdit edit) {
        return switch (edit) {
            case PlanEdit.Several(List<PlanEdit> edits) -> edits.stream().flatMap(SwitchTurns::puts);
            case PlanEdit.Put put -> Stream.of(put);
            case PlanEdit.Remove remove -> Stream.of();
        };
    }
}
