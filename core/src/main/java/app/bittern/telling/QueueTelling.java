package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Cause;
import app.bittern.call.Presence;
import app.bittern.call.Trace;
import app.bittern.plan.Destination;
import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What became of a call in a queue.
record QueueTelling(Telling telling, Account.InQueue account) {
    Told told(Trace.Step step) {
        Queue queue = account.queue();
        List<Why> why =
                new ArrayList<>(account.agents().stream().map(this::login).toList());
        Cause cause = step.cause().orElse(new Cause.Overflow());
        int waited = step.lasts() - account.joining() - account.told();
        if (cause instanceof Cause.Full) {
            why.add(Why.held("full", room() + ", found is " + account.found()));
            return new Told(queue.title() + " is full: to " + telling.words(queue.full()), why);
        }
        if (queue.longestLine().isPresent()) {
            why.add(Why.not("full", room() + ", and " + account.found() + " wait already"));
        }
        if (cause instanceof Cause.NoAgents) {
            why.add(Why.held("no agents", "nobody is in, and callers are then refused"));
            return new Told(
                    queue.title() + " has nobody in: to "
                            + telling.words(queue.noAgents().to()),
                    why);
        }
        if (cause instanceof Cause.AgentsGone) {
            why.add(Why.held("no agents", "nobody is in any more, and callers are then moved"));
            return new Told(left("nobody is in", waited, queue.noAgents().to()), why);
        }
        if (step.by().isPresent()) {
            String who = telling.by(step);
            why.add(Why.held("answered", who + " takes the call after a wait of " + Seconds.said(waited)));
            if (account.told() > 0) {
                why.add(Why.held(
                        "told first", who + " is told for " + Seconds.said(account.told()) + " what the call is"));
            }
            return new Told(who + " answers in " + queue.title() + " after a wait of " + Seconds.said(waited), why);
        }
        return account.pressed().map(pressed -> pressed(pressed, why)).orElseGet(() -> {
            if (account.tries().isPresent()) {
                int phones = queue.attempts().orElse(0);
                why.add(Why.held(
                        "attempts", phones + (phones == 1 ? " phone was" : " phones were") + " rung to the end"));
                return new Told(left("nobody took the call", waited, queue.overflow()), why);
            }
            why.add(Why.not("answered", "no agent took the call within the longest wait"));
            why.add(Why.held("overflow", "the longest wait of " + Seconds.said(waited) + " is over"));
            return new Told(left("nobody took the call", waited, queue.overflow()), why);
        });
    }

    private Told pressed(Account.Pressed pressed, List<Why> why) {
        String keys = String.join(", then ", pressed.keys());
        why.add(Why.held("key " + keys, "offered and pressed"));
        return new Told(
                "Key " + keys + " in " + account.queue().title() + ": "
                        + (pressed.callback() ? "the caller will be called back" : "to " + telling.words(pressed.to())),
                why);
    }

    private String left(String what, int waited, Optional<Destination> to) {
        return account.queue().title() + ": " + what + " in " + Seconds.said(waited) + ": to " + telling.words(to);
    }

    private String room() {
        return "room for " + account.queue().longestLine().orElse(0) + " callers";
    }

    /// Whether an agent is in, and why.
    private Why login(Account.AtWork one) {
        String who = "agent " + telling.words(one.agent().party());
        boolean byPhone = one.agent().byPhone();
        boolean usual = one.presence().equals(byPhone ? Presence.OUT : Presence.IN);
        String where =
                usual ? byPhone ? "not logged in" : "always in" : one.presence().toString();
        return one.rings() && one.presence().in(0)
                ? Why.held(who, where)
                : Why.not(who, one.rings() ? where : "the phone cannot ring for this call");
    }
}
