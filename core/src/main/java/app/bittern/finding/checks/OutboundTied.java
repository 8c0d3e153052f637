package app.bittern.finding.checks;

import app.bittern.call.Dialling;
import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.number.DialPattern;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Two outbound routes that take the same digits, with as many literal digits from the left.
final class OutboundTied implements Check {
    private static final About ABOUT = new About(
            "outbound-tied",
            "Outbound routes tied",
            Severity.WARNING,
            "Two outbound routes that take the same digits, with as many literal digits from the left.",
            "The one that stands first in the plan wins, which nobody sees. Give one pattern more digits.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Plan plan = examination.plan();
        List<Outbound> all = plan.all(Outbound.class).filter(Outbound::enabled).toList();
        List<Finding> findings = new ArrayList<>();
        for (int second = 1; second < all.size(); second++) {
            for (int first = 0; first < second; first++) {
                Outbound wins = all.get(first);
                Outbound loses = all.get(second);
                tied(plan, wins, loses)
                        .ifPresent(digits -> findings.add(ABOUT.at(
                                        loses.ref(),
                                        Says.the(loses) + " takes digits such as " + digits + " as closely as "
                                                + plan.title(wins.ref()) + ", which wins because it stands first.")
                                .of(wins.ref())));
            }
        }
        return findings;
    }

    /// Digits that one takes where the other would take them as well.
    private static Optional<String> tied(Plan plan, Outbound wins, Outbound loses) {
        return wins.dialled().stream()
                .flatMap(one -> loses.dialled().stream()
                        .filter(other -> other.literals() == one.literals())
                        .flatMap(other -> one.and(other).stream()))
                .map(DialPattern::examples)
                .flatMap(List::stream)
                .filter(digits -> tied(plan, wins, loses, digits))
                .findFirst();
    }

    private static boolean tied(Plan plan, Outbound wins, Outbound loses, String digits) {
        List<Dialling.Takes> ranked = Dialling.ranked(plan, digits);
        return Dialling.of(plan, digits).leads().equals(new Dialling.Leads.Out(wins.ref()))
                && ranked.stream()
                        .filter(takes -> takes.pattern().literals()
                                == ranked.getFirst().pattern().literals())
                        .anyMatch(takes -> takes.outbound().equals(loses));
    }
}
