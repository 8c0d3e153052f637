package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.PlanObject;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Two objects with the same number.
final class NumberTwice implements Check {
    private static final About ABOUT = new About(
            "number-twice",
            "Number given twice",
            Severity.BLOCKING,
            "Two objects with the same number.",
            "Nobody can tell which of the two is dialled. Give one of them another number.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Map<String, PlanObject> taken = new LinkedHashMap<>();
        List<Finding> findings = new ArrayList<>();
        for (PlanObject object : examination.plan().objects()) {
            object.number().ifPresent(number -> {
                PlanObject other = taken.putIfAbsent(number, object);
                if (other != null) {
                    findings.add(ABOUT.at(
                            object.ref(),
                            "number",
                            Says.the(object) + " has the number " + number + ", which " + other.ref() + " has too."));
                }
            });
        }
        return findings;
    }
}
