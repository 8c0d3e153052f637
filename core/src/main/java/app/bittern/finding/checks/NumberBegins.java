package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
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
        Plan plan = examination.plan();
        TreeMap<String, Ref> numbers = new TreeMap<>();
        plan.objects().forEach(object -> object.number().ifPresent(number -> numbers.put(number, object.ref())));
        List<String> emergency = plan.site().emergencyNumbers();
        List<Finding> findings = new ArrayList<>();
        numbers.forEach((number, ref) -> {
            List<String> longer = numbers.tailMap(number, false).keySet().stream()
                    .takeWhile(one -> one.startsWith(number))
                    .toList();
            List<String> help = emergency.stream()
                    .filter(one -> one.startsWith(number) && !one.equals(number))
                    .toList();
            if (!longer.isEmpty()) {
                findings.add(begins(ref, number, longer, ""));
            }
            if (!help.isEmpty()) {
                findings.add(begins(
                        ref, number, help, help.size() == 1 ? "the emergency number " : "the emergency numbers "));
            }
        });
        if (plan.all(Outbound.class).findAny().isPresent()) {
            emergency.forEach(help -> numbers.tailMap(help, false).entrySet().stream()
                    .takeWhile(one -> one.getKey().startsWith(help))
                    .forEach(one -> findings.add(ABOUT.at(
                                    one.getValue(),
                                    Pointer.of("number"),
                                    "Number " + one.getKey() + " of " + one.getValue()
                                            + " begins with the emergency number " + help + ".")
                            .of(help)
                            .together("begin with the emergency number " + help))));
        }
        return findings;
    }

    private static Finding begins(Ref ref, String number, List<String> longer, String what) {
        return ABOUT.at(
                        ref,
                        Pointer.of("number"),
                        "Number " + number + " of " + ref + " is the beginning of " + what + Says.some(longer) + ".")
                .of(longer.toArray());
    }
}
