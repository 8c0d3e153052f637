package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.plan.PlanObject;
import java.util.List;
import java.util.stream.Stream;

/// A check that looks at every object of one type by itself.
abstract class PerObject<T extends PlanObject> implements Check {
    private final About about;
    private final Class<T> type;

    PerObject(About about, Class<T> type) {
        this.about = about;
        this.type = type;
    }

    /// What is found at an object.
    abstract Stream<Finding> look(T object, Examination examination);

    @Override
    public About about() {
        return about;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        return examination
                .plan()
                .all(type)
                .flatMap(object -> look(object, examination))
                .toList();
    }
}
