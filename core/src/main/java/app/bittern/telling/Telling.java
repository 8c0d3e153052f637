package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Bench;
import app.bittern.call.Callers;
import app.bittern.call.Trace;
import app.bittern.number.Caller;
import app.bittern.plan.Announcement;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Page;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.Optional;

/// Makes sentences of the steps of a call: "Reception answers after 7 s", and why.
///
/// @param plan  that the call was traced in
/// @param bench that it was traced on
public record Telling(Plan plan, Bench bench) {
    /// What is told of a step of this call.
    public Told told(Trace.Step step) {
        return switch (step.account()) {
            case Account.Dialled dialled -> new DialTelling(this).dialled(dialled);
            case Account.DidCode did -> new DialTelling(this).code(did.code());
            case Account.Turned turned -> new DialTelling(this).turned(turned);
            case Account.SentOut out -> new DialTelling(this).sent(out, step);
            case Account.Unmatched unmatched -> new RouteTelling(this).unmatched(unmatched.called());
            case Account.Routed routed -> new RouteTelling(this).routed(routed.route());
            case Account.Branched branched -> new BranchTelling(this, branched).told(step);
            case Account.Announced announced -> announced(announced.announcement(), step);
            case Account.Paged paged -> paged(paged.page());
            case Account.Forwarded forwarded -> new ExtensionTelling(this).forwarded(forwarded.extension());
            case Account.Called called -> new ExtensionTelling(this).called(called, step);
            case Account.RangTogether rang -> new RingingTelling(this).together(rang, step);
            case Account.Hunted hunted -> new RingingTelling(this).hunted(hunted, step);
            case Account.AtStage stage -> new RingingTelling(this).stage(stage, step);
            case Account.InMailbox mailbox -> new KeyTelling(this).mailbox(mailbox, step);
            case Account.InMenu menu -> new KeyTelling(this).menu(menu, step);
            case Account.Asked asked -> new KeyTelling(this).asked(asked, step);
            case Account.InQueue queue -> new QueueTelling(this, queue).told(step);
        };
    }

    /// What happened, one sentence.
    public String what(Trace.Step step) {
        return told(step).what();
    }

    /// The rule that held and those that did not.
    public List<Why> why(Trace.Step step) {
        return told(step).why();
    }

    private Told announced(Announcement announcement, Trace.Step step) {
        String then = words(announcement.to());
        return new Told(
                announcement.title() + " is said (" + Seconds.said(step.lasts()) + "), then to " + then,
                List.of(Why.held("then " + then, "everything has been said")));
    }

    private static Told paged(Page page) {
        int phones = page.phones().size();
        return new Told(
                "The caller speaks through " + page.title() + " on " + phones + (phones == 1 ? " phone" : " phones"),
                List.of(Why.held("paged", "the call has come to a page")));
    }

    /// Where a destination leads.
    String words(Optional<Destination> destination) {
        return destination.map(this::words).orElse("nowhere: nothing is given");
    }

    String words(Destination destination) {
        return destination.target().map(this::words).orElse(destination.toString());
    }

    /// Who calls, in a sentence.
    String caller() {
        return switch (bench.caller()) {
            case Caller.Unavailable unavailable -> "the caller's number is unavailable";
            case Caller.Withheld withheld -> "the caller is withheld";
            case Caller.Known known -> "the caller is " + known;
            case Caller.Inside inside ->
                "the caller is " + phone().map(Extension::title).orElse(inside.toString())
                        + Callers.number(plan, inside)
                                .map(number -> ", who shows " + number)
                                .orElse("");
        };
    }

    /// The phone of the site that calls.
    Optional<Extension> phone() {
        return bench.caller() instanceof Caller.Inside(String number)
                ? plan.find(new Ref(Kind.EXTENSION, number), Extension.class)
                : Optional.empty();
    }

    /// A mailbox is called one, as it is often named like what leads to it; what is missing has a key alone.
    String words(Ref ref) {
        String kind = ref.kind().title() + " ";
        return plan.find(ref).isEmpty()
                ? kind + "'" + ref.key() + "', which is missing"
                : (ref.kind() == Kind.MAILBOX ? kind : "") + plan.title(ref);
    }

    /// Who a phone is.
    String words(Party party) {
        return switch (party) {
            case Party.Inside(var extension) -> plan.title(extension);
            case Party.Outside(var number) -> number.international();
        };
    }

    /// Who answered.
    String by(Trace.Step step) {
        return step.by().map(this::words).orElse("somebody");
    }
}
