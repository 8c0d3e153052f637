package app.bittern.server.people;

import app.bittern.call.Dialling;
import app.bittern.edit.Fresh;
import app.bittern.hours.Horizon;
import app.bittern.paths.DialMatrix;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Site;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.plan.Asked;
import app.bittern.server.work.Work;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// The people of a site and where each of them is rung.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}")
class PeopleController {
    private static final int MOST = 500;

    private final Work work;

    PeopleController(Work work) {
        this.work = work;
    }

    /// A window on the grid of people by groups, queues and pages.
    ///
    /// @param find a part of name or number
    /// @param in   only those who are in this object, `queue/bookings`
    /// @param from the first row, from 0
    /// @param rows how many, 500 at most
    @GetMapping("/people")
    PeopleApi.PeopleView people(
            Asked asked,
            @RequestParam(defaultValue = "") String find,
            @RequestParam(defaultValue = "") String in,
            @RequestParam(defaultValue = "0") int from,
            @RequestParam(defaultValue = "100") int rows) {
        Plan plan = asked.plan();
        Memberships memberships = work.answer(asked, new Memberships.Of());
        String wanted = find.strip().toLowerCase(Locale.ROOT);
        List<Extension> found = plan.all(Extension.class)
                .filter(one -> one.title().toLowerCase(Locale.ROOT).contains(wanted))
                .filter(one -> in.isEmpty() || memberships.in(one.ref(), in))
                .toList();
        return new PeopleApi.PeopleView(
                asked.version(),
                found.size(),
                Math.max(0, from),
                memberships.columns(),
                found.stream()
                        .skip(Math.max(0, from))
                        .limit(Math.clamp(rows, 0, MOST))
                        .map(one -> row(plan, memberships, one))
                        .toList(),
                free(plan));
    }

    private static PeopleApi.PersonRow row(Plan plan, Memberships memberships, Extension one) {
        return new PeopleApi.PersonRow(
                one.ref().toString(),
                one.dialled(),
                one.name().orElse(""),
                String.join(", ", one.phones()),
                Forwarding.says(plan, one),
                memberships.cells(one.ref()));
    }

    private static List<PeopleApi.FreeNumber> free(Plan plan) {
        Fresh fresh = Fresh.in(plan);
        return plan.site().blocks().stream()
                .filter(block -> block.use().equals(Kind.EXTENSION.word()))
                .flatMap(block ->
                        fresh.next(block).map(number -> new PeopleApi.FreeNumber(said(block), number)).stream())
                .toList();
    }

    private static String said(Site.Block block) {
        return block.note().orElse(block.from() + "–" + block.to());
    }

    /// What a person may dial, by example.
    @GetMapping("/people/{key}/may-dial")
    PeopleApi.MayDial mayDial(Asked asked, @PathVariable String key) {
        Plan plan = asked.plan();
        Ref ref = asked.object(Kind.EXTENSION, key).ref();
        DialMatrix matrix = work.answer(asked, new Matrix());
        int column = IntStream.range(0, matrix.columns().size())
                .filter(index -> matrix.columns().get(index).phones().contains(ref))
                .findFirst()
                .orElseThrow();
        return new PeopleApi.MayDial(
                asked.version(),
                matrix.columns().get(column).service().map(plan::title),
                matrix.rows().stream()
                        .map(row -> new PeopleApi.DialledRow(
                                row.dialled(),
                                leads(plan, row),
                                row.alike(),
                                row.may().get(column)))
                        .toList());
    }

    /// The matrix of all classes of service, made once for a plan.
    private record Matrix() implements Work.Question<DialMatrix> {
        @Override
        public DialMatrix answer(Asked asked, Horizon horizon) {
            return DialMatrix.of(asked.plan());
        }
    }

    private static String leads(Plan plan, DialMatrix.Row row) {
        return row.to()
                .map(to -> row.alike() > 1
                        ? to.kind().several()
                        : to.kind().title() + " "
                                + plan.find(to).map(PlanObject::title).orElse(to.key()))
                .orElseGet(() -> row.leads() instanceof Dialling.Leads.Nowhere ? "number unobtainable" : "outside");
    }
}
