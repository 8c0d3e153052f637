package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Cause;
import app.bittern.call.Reaction;
import app.bittern.call.Trace;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What became of a call to an extension.
record ExtensionTelling(Telling telling) {
    private static final List<Cause> UNTAKEN = List.of(new Cause.NoAnswer(), new Cause.Busy(), new Cause.Unreachable());

    Told forwarded(Extension extension) {
        String to = telling.words(extension.forward().always());
        return new Told(
                extension.title() + " forwards all calls to " + to,
                List.of(Why.held("forward always", "it is set to " + to)));
    }

    Told called(Account.Called account, Trace.Step step) {
        Extension extension = account.extension();
        return step.by().isPresent()
                ? new Told(
                        extension.title() + " answers after " + Seconds.said(step.lasts()),
                        List.of(Why.held(
                                "answered",
                                how(account.phone()) + " after " + Seconds.said(step.lasts()) + ", within "
                                        + extension.ringFor().said())))
                : untaken(extension, step.cause().orElse(new Cause.NoAnswer()));
    }

    private static String how(Reaction phone) {
        return phone instanceof Reaction.Machine ? "its own voicemail takes the call" : "the phone is answered";
    }

    private Told untaken(Extension extension, Cause cause) {
        boolean busy = cause instanceof Cause.Busy;
        boolean off = cause instanceof Cause.Unreachable;
        String reason = busy
                ? extension.doNotDisturb() ? "set to do not disturb" : "busy"
                : off
                        ? "not reachable"
                        : "not answered within " + extension.ringFor().said();
        Optional<Destination> forward = busy
                ? extension.forward().busy()
                : off ? extension.forward().unreachable() : extension.forward().noAnswer();
        Optional<Ref> mailbox = extension.mailbox();
        String to = forward.isPresent()
                ? telling.words(forward)
                : mailbox.map(ref -> telling.words(new Destination.To(ref))).orElse(busy ? "busy tone" : "hang-up");
        List<Why> why = new ArrayList<>();
        why.add(Why.not("forward always", "not set"));
        for (Cause one : UNTAKEN) {
            String rule = one.id().replace('-', ' ');
            why.add(
                    one.equals(cause)
                            ? Why.held(rule, "the phone is " + reason + "; " + way(forward, mailbox, to))
                            : Why.not(rule, "the phone is " + reason));
        }
        return new Told(extension.title() + " is " + reason + ": to " + to, why);
    }

    private static String way(Optional<Destination> forward, Optional<Ref> mailbox, String to) {
        return forward.isPresent()
                ? "its forwarding for that is " + to
                : mailbox.isPresent()
                        ? "no forwarding for that, so its " + to
                        : "no forwarding and no mailbox, so " + to;
    }
}
