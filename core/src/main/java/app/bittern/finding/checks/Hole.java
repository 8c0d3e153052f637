package app.bittern.finding.checks;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.call.ExitField;
import app.bittern.edit.PlanEdit;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Fix;
import app.bittern.finding.Severity;
import app.bittern.paths.Reached;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Link;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Split;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// A reference to nothing, or a missing destination.
final class Hole implements Check {
    private static final About ABOUT = new About(
            "hole",
            "Hole",
            Severity.BLOCKING,
            "A reference to nothing, or a missing destination.",
            "A call that comes here is cut off. Give a destination, or create what is missing.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<Finding> findings = new ArrayList<>();
        for (PlanObject object : plan.objects()) {
            for (Link link : object.links()) {
                if (link.target().map(ref -> plan.find(ref).isEmpty()).orElse(link.required())) {
                    findings.add(finding(examination, object, link));
                }
            }
            if (object instanceof Split split) {
                Cases.missing(plan, split)
                        .forEach(state -> findings.add(
                                finding(examination, split, new Link("cases/" + state, Optional.empty(), true))));
            }
            if (object instanceof Menu menu) {
                backToNothing(examination, menu).ifPresent(findings::add);
            }
        }
        return findings;
    }

    /// A key that leads back where no menu came before.
    private static Optional<Finding> backToNothing(Examination examination, Menu menu) {
        boolean leadsBack = Stream.concat(
                        menu.giveUp().stream(), menu.keys().values().stream().flatMap(key -> key.to().stream()))
                .anyMatch(to -> to instanceof Destination.Back);
        return !leadsBack
                ? Optional.empty()
                : examination.reached().exits(menu.ref()).stream()
                        .filter(exit -> exit.ending()
                                .filter(ending -> ending.cause().equals(Optional.of(Ending.Lost.HOLE)))
                                .isPresent())
                        .filter(exit -> exit.causes().stream()
                                .anyMatch(cause -> ExitField.of(menu, cause)
                                        .filter(field ->
                                                ExitField.value(menu, field).equals("back"))
                                        .isPresent()))
                        .findFirst()
                        .map(exit -> {
                            String field =
                                    ExitField.of(menu, exit.causes().getFirst()).orElse("keys");
                            return ABOUT.at(
                                            menu.ref(),
                                            field,
                                            Says.the(menu) + " leads back (" + field
                                                    + "), and callers come to it from no other menu.")
                                    .shownBy(examination.reached().witness(exit, cause -> true));
                        });
    }

    private static Finding finding(Examination examination, PlanObject object, Link link) {
        Plan plan = examination.plan();
        String says = link.target()
                .map(ref -> Says.the(object) + " leads to " + ref.kind().title() + " '" + ref.key()
                        + "', which does not exist (" + link.field() + ")"
                        + Nearest.of(plan, ref)
                                .map(near -> "; the nearest is " + near)
                                .orElse("") + ".")
                .orElseGet(() -> Says.the(object) + " leads nowhere: nothing is given for " + link.field() + ".");
        Finding finding = ABOUT.at(object.ref(), link.field(), says).mendedBy(fixes(link));
        List<Reached.Exit> met = examination.reached().exits(object.ref()).stream()
                .filter(exit -> meets(object, link, exit))
                .toList();
        if (met.isEmpty() && (!examination.reached().comesTo(object.ref()) || destination(object, link))) {
            return finding;
        }
        Optional<Bench> witness = met.stream()
                .flatMap(exit -> examination
                        .reached()
                        .witness(exit, cause -> ExitField.of(object, cause).equals(Optional.of(link.field())))
                        .stream())
                .findFirst()
                .or(() -> destination(object, link)
                        ? Optional.empty()
                        : examination.reached().witness(object.ref()));
        List<Reached.ByNumber> numbers = met.isEmpty()
                ? examination.reached().numbers(object.ref())
                : examination
                        .reached()
                        .numbers(
                                object.ref(),
                                cause -> ExitField.of(object, cause).equals(Optional.of(link.field())));
        return finding.shownBy(witness)
                .metBy(numbers.stream()
                        .map(number ->
                                plan.title(new Ref(Kind.NUMBER, number.number().text())) + " "
                                        + number.number().international() + ", " + number.when())
                        .toList());
    }

    private static boolean destination(PlanObject object, Link link) {
        return link.field().startsWith("cases/") || ExitField.all(object).contains(link.field());
    }

    /// Whether a call that leaves by an exit falls into the hole.
    private static boolean meets(PlanObject object, Link link, Reached.Exit exit) {
        return exit.ending()
                        .filter(ending -> ending.cause().equals(Optional.of(Ending.Lost.HOLE)))
                        .isPresent()
                && exit.causes().stream()
                        .anyMatch(cause -> ExitField.of(object, cause).equals(Optional.of(link.field())));
    }

    /// A mailbox needs nothing but its key to work; other kinds would be new holes.
    private static List<Fix> fixes(Link link) {
        return link
                .target()
                .filter(ref -> ref.kind() == Kind.MAILBOX)
                .map(ref -> new Fix(
                        "Create mailbox " + ref.key(),
                        new PlanEdit.Put(new Mailbox(
                                ref.key(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty(),
                                Map.of(),
                                Optional.empty(),
                                List.of(),
                                Optional.empty(),
                                Optional.empty(),
                                Optional.empty()))))
                .stream()
                .toList();
    }
}
