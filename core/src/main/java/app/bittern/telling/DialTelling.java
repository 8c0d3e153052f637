package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Cause;
import app.bittern.call.Dialling;
import app.bittern.call.Ending;
import app.bittern.call.Found;
import app.bittern.call.Origin;
import app.bittern.call.Trace;
import app.bittern.plan.ClassOfService;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Outbound;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What the digits mean that a phone of the site dials, and where they go.
record DialTelling(Telling telling) {
    Told dialled(Account.Dialled dialled) {
        Dialling dialling = dialled.dials().dialling();
        String who = dialled.extension().title() + " dials " + dialling.digits();
        String waits =
                dialling.waits() ? " (after " + Seconds.said(Dialling.WAIT) + ", as longer numbers begin so)" : "";
        return new Told(who + waits + ": " + means(dialled), rules(dialling));
    }

    private String means(Account.Dialled dialled) {
        return switch (dialled.dials().dialling().leads()) {
            case Dialling.Leads.To(Ref ref)
            when dialled.refused().equals(Optional.of(Ending.Kind.BARRED)) ->
                telling.words(ref) + " is barred, as " + service(dialled.extension(), Origin.PAGE);
            case Dialling.Leads.To(Ref ref) -> telling.words(ref);
            case Dialling.Leads.ToNumber(var number) ->
                "the site's own number " + number.international()
                        + (dialled.dials().route().isPresent()
                                ? ", taken inside"
                                : ", which no route takes: number unobtainable");
            case Dialling.Leads.Out(Ref outbound) -> "out by " + telling.plan().title(outbound);
            case Dialling.Leads.Nowhere() -> "it means nothing here: number unobtainable";
        };
    }

    /// Why a class of service does not allow a category.
    private String service(Extension extension, String category) {
        return extension
                .classOfService()
                .map(ref -> telling.plan()
                        .find(ref, ClassOfService.class)
                        .map(service -> "class of service " + service.title() + " does not allow " + category)
                        .orElse("its class of service " + ref.key() + " is missing"))
                .orElse(extension.title() + " has no class of service, which " + category + " calls need");
    }

    /// In the order in which digits are looked at.
    private List<Why> rules(Dialling dialling) {
        List<Why> why = new ArrayList<>();
        String digits = dialling.digits();
        boolean own = dialling.leads() instanceof Dialling.Leads.To;
        if (dialling.leads() instanceof Dialling.Leads.To(Ref ref)) {
            why.add(Why.held(
                    ref.kind() == Kind.CODE ? "code of the site" : "number of the site",
                    digits + " is the number of " + telling.words(ref)));
        } else {
            why.add(Why.not("number or code of the site", "none is " + digits));
        }
        if (own) {
            return why;
        }
        dialling.number()
                .ifPresentOrElse(
                        number -> why.add(Why.held(
                                "inbound number of the site",
                                digits + " is how " + number.international() + " is dialled")),
                        () -> why.add(Why.not("inbound number of the site", "none is dialled as " + digits)));
        if (dialling.number().isEmpty()) {
            why.addAll(outbound(digits));
        }
        return why;
    }

    private List<Why> outbound(String digits) {
        List<Why> why = new ArrayList<>();
        List<Dialling.Takes> takes = Dialling.ranked(telling.plan(), digits);
        for (Dialling.Takes one : takes) {
            String rule = one.outbound().ref().toString();
            int literals = one.pattern().literals();
            String because = "pattern " + one.pattern() + " has " + literals + " literal "
                    + (literals == 1 ? "digit" : "digits") + " from the left";
            why.add(why.isEmpty() ? Why.held(rule, because) : Why.not(rule, because + ", not more than the first"));
        }
        telling.plan()
                .all(Outbound.class)
                .filter(one ->
                        takes.stream().noneMatch(other -> other.outbound().equals(one)))
                .forEach(one -> why.add(Why.not(
                        one.ref().toString(),
                        one.enabled() ? "none of its patterns is for " + digits : "it is not enabled")));
        return why;
    }

    Told code(Code code) {
        String does = code.does()
                .map(what -> switch (what) {
                    case Code.Does.SetOff(Ref alarm) ->
                        "sets off alarm " + telling.plan().title(alarm);
                    case Code.Does.Turn(Ref turned) -> "turns " + telling.plan().title(turned);
                    case Code.Does.LogIn(Ref queue) ->
                        "logs in to " + telling.plan().title(queue);
                    case Code.Does.LogOut(Ref queue) ->
                        "logs out of " + telling.plan().title(queue);
                    case Code.Does.Messages messages -> "collects messages";
                    case Code.Does.Pause(Optional<Ref> reason) ->
                        "pauses its agent"
                                + reason.map(why -> ", " + telling.plan().title(why))
                                        .orElse("");
                    case Code.Does.Speak(Ref prompt) ->
                        "records " + telling.plan().title(prompt) + " anew";
                })
                .orElse("does nothing: nothing is given");
        return new Told(
                "Code " + code.title() + " " + does,
                code.pin().isPresent()
                        ? List.of(Why.held("PIN", "it is asked for first; the call goes on with the right one"))
                        : List.of());
    }

    Told turned(Account.Turned turned) {
        String from = turned.from();
        String next = turned.turned().next(from);
        return new Told(
                turned.turned().title() + " is turned from " + from + " to " + next,
                List.of(Why.held("its number", "it turns the switch on to its next position")));
    }

    Told sent(Account.SentOut out, Trace.Step step) {
        Outbound outbound = out.outbound();
        if (step.cause().filter(Cause.Barred.class::isInstance).isPresent()) {
            String because = caller(outbound.category());
            return new Told(outbound.title() + " is barred: " + because, List.of(Why.not("class of service", because)));
        }
        List<Why> why = new ArrayList<>();
        for (Account.Tried tried : out.tried()) {
            String rule = tried.trunk().ref().toString();
            why.add(
                    switch (tried.found()) {
                        case Found.Ahead free -> Why.held(rule, "it has a free channel");
                        case Found.Full full -> Why.not(rule, "all its channels are in use");
                        case Found.Down down -> Why.not(rule, "it is down");
                        case Found.Says says -> throw new IllegalStateException(rule + " says " + says);
                    });
        }
        String shown =
                out.shows().map(number -> ", showing " + number.international()).orElse(", showing no number");
        return new Told(
                out.sent()
                        .map(digits -> outbound.title() + " sends " + digits + " out by "
                                + out.tried().getLast().trunk().title() + shown)
                        .orElse(
                                out.tried().isEmpty()
                                        ? outbound.title() + " has no trunk: no channel"
                                        : outbound.title() + " finds no trunk that can: no channel"),
                why);
    }

    private String caller(String category) {
        return telling.phone().map(phone -> service(phone, category)).orElse("no phone of the site calls");
    }
}
