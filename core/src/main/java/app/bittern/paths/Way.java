package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.Condition;
import app.bittern.call.KeyPress;
import app.bittern.call.Outcome;
import app.bittern.call.PhoneState;
import app.bittern.call.State;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// A way from a number to a state: the outcomes taken one after another.
public record Way(CallClass call, List<Taken> taken) {
    /// An outcome taken in a state.
    public record Taken(State state, Outcome outcome) {}

    public Way {
        taken = List.copyOf(taken);
    }

    /// A bench on which the call should take this way. Where a phone would have to be busy and free in one call
    /// it does not; that is for the caller to find out by tracing it.
    public Bench bench(Plan plan) {
        List<KeyPress> keys = new ArrayList<>();
        Map<String, PhoneState> phones = new TreeMap<>();
        for (Taken one : taken) {
            press(plan, one, keys);
            phones(plan, one.state().at(), one.outcome().cause(), phones);
        }
        return new Bench(call.called(), call.caller(), call.at(), keys, phones);
    }

    private static void press(Plan plan, Taken one, List<KeyPress> keys) {
        switch (one.outcome().cause()) {
            case Cause.Key(String pressed) -> keys.add(new KeyPress(pressed, false));
            case Cause.Dialled(String extension) -> keys.add(new KeyPress(extension, false));
            case Cause.Operator operator -> keys.add(new KeyPress("0", false));
            case Cause.NoValidKey none ->
                keys.addAll(Collections.nCopies(
                        plan.find(one.state().at(), Menu.class).map(Menu::tries).orElse(0), KeyPress.SILENCE));
            case Cause.Passed other -> {}
            case Cause.Rejected other -> {}
            case Cause.Case other -> {}
            case Cause.Answered other -> {}
            case Cause.NoAnswer other -> {}
            case Cause.Busy other -> {}
            case Cause.Unreachable other -> {}
            case Cause.Forwarded other -> {}
            case Cause.Message other -> {}
        }
    }

    private static void phones(Plan plan, Ref at, Cause cause, Map<String, PhoneState> phones) {
        if (!(cause instanceof Cause.Busy || cause instanceof Cause.Unreachable)) {
            return;
        }
        PhoneState all = cause instanceof Cause.Busy ? new PhoneState.Busy() : new PhoneState.Off();
        if (at.kind() == Kind.EXTENSION) {
            phones.put(at.key(), all);
        }
        plan.find(at, RingGroup.class)
                .ifPresent(group -> group.members().forEach(member -> {
                    switch (member.party()) {
                        case RingGroup.Party.Inside(Ref extension) -> phones.put(extension.key(), all);
                        case RingGroup.Party.Outside(var number) -> phones.put(number.text(), all);
                    }
                }));
    }

    /// The hours that must hold on the way, each once.
    public List<Condition.HoursIn> hours() {
        return taken.stream()
                .map(one -> one.outcome().when())
                .filter(Condition.HoursIn.class::isInstance)
                .map(Condition.HoursIn.class::cast)
                .distinct()
                .toList();
    }
}
