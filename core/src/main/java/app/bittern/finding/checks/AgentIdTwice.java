package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Check;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Extension;
import app.bittern.plan.Pointer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Two people with one agent ID.
final class AgentIdTwice implements Check {
    private static final About ABOUT = new About(
            "agent-id-twice",
            "Agent ID given twice",
            Severity.WARNING,
            "An agent ID that two people have.",
            "Who logs in with it is taken for the other. Give each one of their own.");

    @Override
    public About about() {
        return ABOUT;
    }

    @Override
    public List<Finding> examine(Examination examination) {
        Map<String, List<Extension>> people = new LinkedHashMap<>();
        examination
                .plan()
                .all(Extension.class)
                .forEach(extension -> extension
                        .person()
                        .agentId()
                        .ifPresent(id -> people.computeIfAbsent(id, i -> new ArrayList<>())
                                .add(extension)));
        return people.entrySet().stream()
                .filter(one -> one.getValue().size() > 1)
                .map(one -> ABOUT.at(
                                one.getValue().getLast().ref(),
                                Pointer.of("agentId"),
                                "Agent ID " + one.getKey() + " is that of extensions "
                                        + Says.some(one.getValue().stream()
                                                .map(Extension::dialled)
                                                .toList())
                                        + ".")
                        .alsoAt(one.getValue().stream()
                                .limit(one.getValue().size() - 1L)
                                .map(Extension::ref)
                                .toList())
                        .of(one.getKey()))
                .toList();
    }
}
