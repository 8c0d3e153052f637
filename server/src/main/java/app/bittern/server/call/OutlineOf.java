package app.bittern.server.call;

import app.bittern.hours.Horizon;
import app.bittern.number.E164;
import app.bittern.outline.Opened;
import app.bittern.outline.Outline;
import app.bittern.outline.Row;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import java.util.List;

/// The outline of a number, with what is opened in it.
record OutlineOf(E164 called, Opened opened) implements Work.Question<List<Row>> {
    @Override
    public List<Row> answer(Asked asked, Horizon horizon) {
        return Outline.of(asked.plan(), called, opened);
    }
}
