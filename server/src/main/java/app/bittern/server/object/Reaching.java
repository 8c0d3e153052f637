package app.bittern.server.object;

import app.bittern.number.E164;
import app.bittern.paths.Reachable;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.proof.BenchText;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;

/// Who comes to objects.
@Component
public class Reaching {
    private final Work work;

    Reaching(Work work) {
        this.work = work;
    }

    /// Who reaches an object, when and after how long, and a call that does. Where calls do not come to such an
    /// object, who reaches what it is used in: that its hours decide, or where its prompt is said.
    public ObjectApi.ReachedView of(Asked asked, Ref ref) {
        Plan plan = asked.plan();
        Reachable reachable = work.examination(asked).reached();
        Set<Ref> refs = ref.kind().passed()
                ? Set.of(ref)
                : plan.uses(ref).stream().map(Plan.Use::object).collect(Collectors.toCollection(LinkedHashSet::new));
        return new ObjectApi.ReachedView(
                asked.version(),
                reachable.numbers(refs).stream().map(by -> by(plan, by)).toList(),
                refs.stream()
                        .flatMap(one -> reachable.witness(one).stream())
                        .findFirst()
                        .map(bench -> BenchText.of(plan, bench)));
    }

    private static ObjectApi.ReachedBy by(Plan plan, Reachable.ByNumber by) {
        E164 number = by.number();
        return new ObjectApi.ReachedBy(
                number.text(),
                number.shownIn(plan.site().country()),
                plan.find(new Ref(Kind.NUMBER, number.text()), InboundNumber.class)
                        .map(PlanObject::title)
                        .orElse(number.text()),
                by.when(),
                by.span().earliest(),
                by.span().latest().stream().mapToObj(Long::valueOf).findFirst());
    }

    /// Where an object is used, place by place.
    public static List<ObjectApi.UseView> uses(Plan plan, Ref ref) {
        return plan.uses(ref).stream()
                .map(use -> new ObjectApi.UseView(
                        use.object().toString(),
                        plan.title(use.object()),
                        use.object().kind().title(),
                        Where.words(use.object().kind(), use.slot().at()),
                        use.slot().at().toString()))
                .toList();
    }
}
