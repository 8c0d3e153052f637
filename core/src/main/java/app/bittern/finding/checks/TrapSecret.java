package app.bittern.finding.checks;

import app.bittern.finding.About;
import app.bittern.finding.Examination;
import app.bittern.finding.Finding;
import app.bittern.finding.Severity;
import app.bittern.plan.Pointer;
import app.bittern.plan.TrapTarget;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// A target of SNMP v3 without a user or a secret.
final class TrapSecret extends PerObject<TrapTarget> {
    private static final About ABOUT = new About(
            "trap-secret",
            "Trap target without user or secrets",
            Severity.WARNING,
            "A target of SNMP v3 that has no user, or no secret that signs or encrypts (RFC 3414).",
            "What is sent is dropped there. Give it the user and the secrets that the target knows.");

    TrapSecret() {
        super(ABOUT, TrapTarget.class);
    }

    @Override
    Stream<Finding> look(TrapTarget target, Examination examination) {
        if (!target.enabled() || !target.version().equals("v3")) {
            return Stream.empty();
        }
        List<String> fields = new ArrayList<>();
        List<String> words = new ArrayList<>();
        if (target.user().isEmpty()) {
            fields.add("user");
            words.add("no user");
        }
        if (target.security().authSecret().isEmpty()) {
            fields.add("authSecret");
            words.add("no secret that signs");
        }
        if (target.security().privacySecret().isEmpty()) {
            fields.add("privacySecret");
            words.add("no secret that encrypts");
        }
        return fields.isEmpty()
                ? Stream.empty()
                : Stream.of(ABOUT.at(
                                target.ref(),
                                Pointer.of(fields.getFirst()),
                                Says.the(target) + " is sent to by SNMP v3 and has " + Says.some(words) + ".")
                        .of(fields.toArray()));
    }
}
