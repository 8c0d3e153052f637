package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Cause;
import app.bittern.call.Reaction;
import app.bittern.call.Rung;
import app.bittern.call.Trace;
import app.bittern.plan.Chain;
import app.bittern.plan.Group;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/// What became of a call where several phones ring: in a ring group, a hunt group, a stage of a chain.
record RingingTelling(Telling telling) {
    private static final String BUSY = "busy or not to be disturbed";
    private static final String OFF = "off or not reachable";

    Told together(Account.RangTogether account, Trace.Step step) {
        RingGroup group = account.group();
        List<Why> phones = account.members().stream().map(this::why).toList();
        if (nobodyRings(step)) {
            return nobodyRings(group, step, phones);
        }
        return answered(step)
                ? new Told(
                        telling.by(step) + " answers in " + group.title() + " after " + Seconds.said(step.lasts()),
                        phones)
                : new Told(
                        group.title() + " rang for " + Seconds.said(step.lasts()) + " and nobody answered: to "
                                + telling.words(group.noAnswer()),
                        and(phones, unanswered(step)));
    }

    Told hunted(Account.Hunted account, Trace.Step step) {
        HuntGroup group = account.group();
        List<Why> phones = account.members().stream().map(this::why).toList();
        if (nobodyRings(step)) {
            return nobodyRings(group, step, phones);
        }
        long rung = account.members().stream().filter(Account.Hunt::takesPart).count();
        return answered(step)
                ? new Told(
                        telling.by(step) + " answers in " + group.title() + " after " + Seconds.said(step.lasts()),
                        phones)
                : new Told(
                        group.title() + " hunted for " + Seconds.said(step.lasts()) + " and nobody answered: to "
                                + telling.words(group.noAnswer()),
                        and(
                                phones,
                                Why.held(
                                        "no answer",
                                        group.laps() + " laps of " + rung + " phones for "
                                                + group.ringEach().said())));
    }

    Told stage(Account.AtStage account, Trace.Step step) {
        Chain chain = account.chain();
        int stages = chain.stages().size();
        if (account.stage() >= stages) {
            return new Told(
                    chain.title() + " has no stages: to " + telling.words(chain.then()),
                    List.of(Why.held("then", "there is nothing to ring")));
        }
        String where = chain.title() + ", stage " + (account.stage() + 1) + " of " + stages;
        String next = account.stage() + 1 < stages ? "stage " + (account.stage() + 2) : telling.words(chain.then());
        List<Why> phones = Stream.concat(
                        account.phones().stream().map(this::why),
                        account.inside().stream().flatMap(this::inside))
                .toList();
        if (nobodyRings(step)) {
            boolean busy = busy(step);
            return new Told(
                    where + " finds its target " + (busy ? "busy" : "off") + ": to " + next,
                    and(phones, Why.held(busy ? "busy" : "unreachable", "on at once, as nothing rings")));
        }
        return answered(step)
                ? new Told(telling.by(step) + " answers in " + where + " after " + Seconds.said(step.lasts()), phones)
                : new Told(
                        where + " rang for " + Seconds.said(step.lasts()) + " and nobody answered: to " + next,
                        and(phones, unanswered(step)));
    }

    /// Who was there in a hunt group or a queue that a stage rang.
    private Stream<Why> inside(Account account) {
        if (account instanceof Account.Hunted hunted) {
            return hunted.members().stream().map(this::why);
        }
        return account instanceof Account.InQueue in
                ? in.rung().stream()
                        .map(one -> Why.held(telling.words(one.party()), "rung after " + Seconds.said(one.second())))
                : Stream.empty();
    }

    private Why why(Account.Hunt member) {
        return member.takesPart()
                ? Why.held(telling.words(member.party()), "takes part")
                : Why.not(telling.words(member.party()), member.seen() instanceof Reaction.Busy ? BUSY : OFF);
    }

    private Told nobodyRings(Group group, Trace.Step step, List<Why> phones) {
        boolean busy = busy(step);
        String says =
                group.members().isEmpty() ? " has no members" : busy ? " has nobody free" : " has every phone off";
        return new Told(
                group.title() + says + ": to " + telling.words(busy ? group.onBusy() : group.onUnreachable()),
                and(phones, Why.held(busy ? "busy" : "unreachable", group.title() + says)));
    }

    /// What one phone did.
    private Why why(Rung one) {
        String rule = telling.words(one.party()) + (one.from() > 0 ? " after " + new Seconds(one.from()).said() : "");
        if (one.reachable() && !one.rings()) {
            return Why.not(rule, "ringing has stopped before that");
        }
        return switch (one.reaction()) {
            case Reaction.Off off -> Why.not(rule, OFF);
            case Reaction.Busy busy -> Why.not(rule, BUSY);
            case Reaction.Silent silent -> late(rule);
            case Reaction.Declines(int after) -> Why.not(rule, "declines after " + Seconds.said(after) + " of ringing");
            case Reaction.Answers(int after) ->
                one.answersAt() < 0
                        ? late(rule)
                        : Why.held(rule, "answers after " + Seconds.said(after) + " of ringing");
            case Reaction.Machine(int after) ->
                one.answersAt() < 0
                        ? late(rule)
                        : Why.held(
                                rule, "its own voicemail takes the call after " + Seconds.said(after) + " of ringing");
        };
    }

    private static Why late(String rule) {
        return Why.not(rule, "rings and does not answer in time");
    }

    private static Why unanswered(Trace.Step step) {
        return Why.held("no answer", "nobody took the call within " + Seconds.said(step.lasts()));
    }

    private static boolean answered(Trace.Step step) {
        return step.by().isPresent();
    }

    private static boolean busy(Trace.Step step) {
        return step.cause().filter(Cause.Busy.class::isInstance).isPresent();
    }

    private static boolean nobodyRings(Trace.Step step) {
        return busy(step)
                || step.cause().filter(Cause.Unreachable.class::isInstance).isPresent();
    }

    private static List<Why> and(List<Why> phones, Why last) {
        List<Why> all = new ArrayList<>(phones);
        all.add(last);
        return all;
    }
}
