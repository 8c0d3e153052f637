package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;

/// A number that another number begins with.
final class NumberBegins implements Check {
    private static final About ABOUT = new About(
            "number-begins",
            "Number begins another",
            Severity.WARNING,
            "A number that another number begins with.",
            "Dialling has to wait to see whether more digits come. Change one of the two.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        TreeMap<String, Ref> numbers = new TreeMap<>();
        examination
                .plan()
                .objects()
                .forEach(object -> object.number().ifPresent(number -> numbers.put(number, object.ref())));
        List<Finding> findings = new ArrayList<>();
        numbers.forEach((number, ref) -> {
            String next = numbers.higherKey(number);
            if (next != null && next.startsWith(number)) {
                List<String> longer = numbers.tailMap(next, true).keySet().stream()
                        .takeWhile(one -> one.startsWith(number))
                        .toList();
                findings.add(ABOUT.at(
                        ref,
                        Pointer.of("number"),
                        "Number " + number + " of " + ref + " is the beginning of " + Says.some(longer) + "."));
            }
        });
        return findings;
    }
}
