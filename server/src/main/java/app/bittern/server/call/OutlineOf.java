package app.bittern.server.call;

import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.outline.Opened;
import app.bittern.outline.Outline;
import app.bittern.outline.Row;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import java.util.List;

/// The outline of calls that begin alike, with what is opened in it.
record OutlineOf(Of of, Opened opened) implements Work.Question<List<Row>> {
    /// Which calls.
    sealed interface Of {
        /// Those to a number.
        record Called(E164 called) implements Of {}

        /// Those in which a phone of the site dials.
        record Dialled(String extension, String digits) implements Of {}
    }

    @Override
    public List<Row> answer(Asked asked, Horizon horizon) {
        Plan plan = asked.plan();
        return switch (of) {
            case Of.Called(E164 called) -> Outline.of(plan, called, opened);
            case Of.Dialled(String extension, String digits) ->
                plan.find(new Ref(Kind.EXTENSION, extension), Extension.class)
                        .map(phone -> Outline.dialled(plan, phone, digits, opened))
                        .orElse(List.of());
        };
    }
}
