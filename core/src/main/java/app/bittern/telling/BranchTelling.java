package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Answer;
import app.bittern.call.Bench;
import app.bittern.call.Callers;
import app.bittern.call.Cause;
import app.bittern.call.Trace;
import app.bittern.hours.Calendar;
import app.bittern.hours.HoursState;
import app.bittern.plan.Branch;
import app.bittern.plan.Hours;
import app.bittern.plan.Lookup;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Which case of a branch took a call, and why no other did.
record BranchTelling(Telling telling, Account.Branched account) {

    Told told(Trace.Step step) {
        String state = step.cause()
                .map(cause -> cause instanceof Cause.Case(String name) ? name : "")
                .orElse("");
        return switch (branch().by()) {
            case Branch.By.OfHours(Ref ref) ->
                find(ref, Hours.class).map(hours -> byHours(hours, state)).orElseGet(() -> missing(ref));
            case Branch.By.OfSwitch(Ref ref) ->
                find(ref, Switch.class).map(turned -> bySwitch(turned, state)).orElseGet(() -> missing(ref));
            case Branch.By.OfCaller caller -> byCaller(state);
            case Branch.By.OfLanguage language -> {
                String what = "The language is " + account.carrying().language();
                yield to(state, what, cases(state, what));
            }
            case Branch.By.OfLookup(Ref ref) ->
                find(ref, Lookup.class)
                        .map(lookup -> byLookup(lookup, step, state))
                        .orElseGet(() -> missing(ref));
            case Branch.By.OfAsk(Ref ask) -> telling.plan().find(ask).isPresent() ? byAsk(ask, state) : missing(ask);
        };
    }

    private Branch branch() {
        return account.branch();
    }

    private <T extends PlanObject> Optional<T> find(Ref ref, Class<T> kind) {
        return telling.plan().find(ref, kind);
    }

    private Told missing(Ref ref) {
        return new Told(
                branch().title() + " asks " + ref + ", which is missing",
                List.of(Why.not(ref.toString(), "there is no such object in the plan")));
    }

    private Told to(String state, String what, List<Why> why) {
        return new Told(what + ": to " + telling.words(branch().taken(state).map(Branch.Case::to)), why);
    }

    /// Each case, and the rest where none holds.
    private List<Why> cases(String state, String what) {
        List<Why> why = new ArrayList<>();
        branch().cases()
                .keySet()
                .forEach(one ->
                        why.add(one.equals(state) ? Why.held("case " + one, what) : Why.not("case " + one, what)));
        if (!branch().cases().containsKey(state)) {
            why.add(Why.held(Branch.OTHERWISE, "no case holds"));
        }
        return why;
    }

    private Told bySwitch(Switch turned, String position) {
        Bench bench = telling.bench();
        List<Why> why = turned.positions().stream()
                .map(one -> one.equals(position)
                        ? Why.held(
                                turned.title() + ": " + one,
                                bench.switches().containsKey(turned.ref())
                                        ? "turned to it on the bench"
                                        : "the position now")
                        : Why.not(turned.title() + ": " + one, "the switch is at " + position))
                .toList();
        return to(position, turned.title() + " is at " + position, why);
    }

    private Told byCaller(String taken) {
        String who = Callers.contact(telling.plan(), telling.bench().caller())
                .map(contact -> "the caller is " + contact.title()
                        + (contact.tags().isEmpty() ? "" : ", tagged " + String.join(", ", contact.tags())))
                .orElseGet(telling::caller);
        List<Why> why = new ArrayList<>();
        boolean before = true;
        for (String state : branch().cases().keySet()) {
            if (state.equals(taken)) {
                why.add(Why.held("case " + state, who));
                before = false;
            } else {
                why.add(Why.not("case " + state, before ? who : "a case before it holds"));
            }
        }
        if (before) {
            why.add(Why.held(Branch.OTHERWISE, "no case holds"));
        }
        return to(taken, branch().title() + ": " + who, why);
    }

    private Told byAsk(Ref ask, String state) {
        String what = account.carrying()
                .foundBy(ask)
                .map(answer -> switch (answer) {
                    case Answer.Known(Ref contact) ->
                        "The digits are those of " + telling.plan().title(contact);
                    case Answer.Outside outside -> "Of the digits was said: " + outside.word();
                    case Answer.Nobody nobody -> "The digits are nobody's";
                    case Answer.None none -> "Nothing was said of the digits in time";
                })
                .orElse("The digits are nobody's");
        return to(state, what, cases(state, what));
    }

    /// What a lookup says now, or has said before.
    private Told byLookup(Lookup lookup, Trace.Step step, String known) {
        Optional<Answer> now = step.cause()
                .flatMap(cause -> cause instanceof Cause.Looked(Answer answer, boolean keyed)
                        ? Optional.of(answer)
                        : Optional.empty());
        String state = now.map(answer -> answer.taken(branch(), telling.plan())).orElse(known);
        String what = branch().title() + ": "
                + now.or(() -> account.carrying().foundBy(lookup.ref()))
                        .map(answer -> answer instanceof Answer.None
                                ? lookup.title() + " does not answer within "
                                        + lookup.answersWithin().said()
                                : lookup.title() + (now.isPresent() ? " says " : " has said ") + answer.word())
                        .orElse(lookup.title());
        return to(state, what, cases(state, what));
    }

    private Told byHours(Hours hours, String state) {
        LocalDateTime local = LocalDateTime.ofInstant(
                telling.bench().at(), telling.plan().site().timeZone());
        Calendar calendar = hours.at(telling.plan().site());
        int holds = calendar.indexAt(local);
        List<Why> why = new ArrayList<>();
        for (int index = 0; index < calendar.states().size(); index++) {
            HoursState one = calendar.states().get(index);
            String rule = hours.title() + ": " + one.state() + " (" + one.rulesInWords() + ")";
            if (index == holds) {
                why.add(Why.held(
                        rule, one.unconditional() ? "no state before it holds" : "the first state that holds"));
            } else {
                why.add(Why.not(rule, one.failing(calendar.own(local)).orElse("a state before it holds")));
            }
        }
        return to(state, hours.title() + " " + (hours.title().endsWith("s") ? "are " : "is ") + state, why);
    }
}
