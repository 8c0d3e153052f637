package app.bittern.server.people;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Plan;
import app.bittern.server.object.Said;
import java.util.Optional;

/// What becomes of a call to a person, in few words: `18 s, then mailbox Reception`, `always to chain Freight on call`.
final class Forwarding {
    private Forwarding() {}

    static String says(Plan plan, Extension one) {
        Optional<Destination> always = one.forward().always();
        if (always.isPresent()) {
            return "always to " + Said.destination(plan, always.get());
        }
        if (one.doNotDisturb()) {
            return "does not ring: " + then(plan, one, one.forward().busy(), "busy tone");
        }
        return one.ringFor().said() + ", then " + then(plan, one, one.forward().noAnswer(), "hang up");
    }

    private static String then(Plan plan, Extension one, Optional<Destination> to, String none) {
        return to.map(lead -> lead instanceof Destination.OwnMailbox ? "own mailbox" : Said.destination(plan, lead))
                .or(() -> one.mailbox().map(box -> "mailbox " + plan.title(box)))
                .orElse(none);
    }
}
