package app.bittern.server.people;

import app.bittern.edit.MemberCell;
import app.bittern.hours.Horizon;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Role;
import app.bittern.plan.Slot;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// In which groups, queues and pages people are, and how.
final class Memberships {
    private final List<PeopleApi.GridColumn> columns = new ArrayList<>();
    private final Map<Ref, List<PeopleApi.CellView>> cells = new HashMap<>();

    /// They are gone through once for a plan.
    record Of() implements Work.Question<Memberships> {
        @Override
        public Memberships answer(Asked asked, Horizon horizon) {
            return new Memberships(asked.plan());
        }
    }

    private Memberships(Plan plan) {
        plan.objects().stream()
                .filter(object -> MemberCell.KINDS.contains(object.ref().kind()))
                .sorted(Comparator.comparingInt(
                        object -> MemberCell.KINDS.indexOf(object.ref().kind())))
                .forEach(this::add);
    }

    private void add(PlanObject object) {
        List<Ref> people = object.slots().stream()
                .filter(slot -> slot.role() == Role.RINGS)
                .map(Slot::target)
                .flatMap(Optional::stream)
                .distinct()
                .toList();
        int column = columns.size();
        int members = 0;
        for (Ref person : people) {
            Optional<MemberCell> cell = MemberCell.of(object, person);
            if (cell.isPresent()) {
                members++;
                cells.computeIfAbsent(person, one -> new ArrayList<>())
                        .add(new PeopleApi.CellView(
                                column, cell.get().words(object.ref().kind())));
            }
        }
        columns.add(new PeopleApi.GridColumn(
                object.ref().toString(), object.ref().kind().word(), object.title(), members));
    }

    List<PeopleApi.GridColumn> columns() {
        return columns;
    }

    List<PeopleApi.CellView> cells(Ref person) {
        return cells.getOrDefault(person, List.of());
    }

    boolean in(Ref person, String object) {
        return cells(person).stream()
                .anyMatch(cell -> columns.get(cell.column()).object().equals(object));
    }
}
