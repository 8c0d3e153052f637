package app.bittern.call;

import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A plan and a caller's state in it, as the behaviours need them.
record Scene(Plan plan, State state) {
    /// The same with another language in force, where one is given.
    Scene speaking(Optional<String> language) {
        return language.isEmpty()
                ? this
                : new Scene(
                        plan,
                        new State(state.at(), state.stage(), state.context().speaking(language)));
    }

    /// The same caller at another object.
    Scene at(Ref other) {
        return new Scene(plan, new State(other, context()));
    }

    Context context() {
        return state.context();
    }

    Ref at() {
        return state.at();
    }

    /// Where a destination leads from here.
    Onward onward(Optional<Destination> destination) {
        return onward(destination, context());
    }

    Onward onward(Optional<Destination> destination, Context carrying) {
        return destination.map(to -> to(to, carrying)).orElseGet(() -> lost(Ending.Lost.HOLE, carrying));
    }

    private Onward to(Destination destination, Context carrying) {
        return switch (destination) {
            case Destination.To(Ref ref) -> enter(ref, carrying);
            case Destination.Outside(var number) -> ends(Ending.Kind.OUTSIDE, "outside/" + number, carrying);
            case Destination.OwnMailbox() -> ownMailbox(carrying);
            case Destination.Repeat() -> enter(at(), carrying);
            case Destination.Back() ->
                carrying.back()
                        .flatMap(before -> carrying.menuBefore().map(menu -> enter(menu, before)))
                        .orElseGet(() -> lost(Ending.Lost.HOLE, carrying));
            case Destination.HangUp() -> ends(Ending.Kind.HUNG_UP, at(), carrying);
            case Destination.Busy() -> ends(Ending.Kind.BUSY, at(), carrying);
            case Destination.AsRouted() ->
                carrying.facts()
                        .route()
                        .flatMap(route -> plan.find(route, Route.class))
                        .map(route -> onward(route.to(), carrying))
                        .orElseGet(() -> lost(Ending.Lost.HOLE, carrying));
            case Destination.ByLast last ->
                carrying.facts()
                        .called()
                        .flatMap(last::extension)
                        .map(extension -> enter(extension, carrying))
                        .orElseGet(() -> lost(Ending.Lost.HOLE, carrying));
        };
    }

    Onward ends(Ending.Kind kind, Object in) {
        return ends(kind, in, context());
    }

    private static Onward ends(Ending.Kind kind, Object in, Context carrying) {
        return new Onward.Ends(Ending.of(kind, in), carrying);
    }

    Onward lost(Ending.Lost cause) {
        return lost(cause, context());
    }

    private Onward lost(Ending.Lost cause, Context carrying) {
        return new Onward.Ends(Ending.lost(cause, at()), carrying);
    }

    /// Enters an object, or falls into the hole where it should be.
    Onward enter(Ref ref, Context carrying) {
        if (plan.find(ref).isEmpty()) {
            return lost(Ending.Lost.HOLE, carrying);
        }
        Context changed = ref.kind() == Kind.MENU
                ? carrying.entering(ref)
                : ref.kind() == Kind.EXTENSION ? carrying.owned(ref) : carrying;
        return new Onward.Next(new State(ref, changed));
    }

    private Onward ownMailbox(Context carrying) {
        return carrying.firstCalled()
                .flatMap(firstCalled -> plan.find(firstCalled, Extension.class))
                .flatMap(Extension::mailbox)
                .map(mailbox -> enter(mailbox, carrying))
                .orElseGet(() -> lost(Ending.Lost.NOBODY, carrying));
    }

    /// How long a prompt takes to say in the call's language, in seconds; 0 where there is none.
    int length(Optional<Spoken> prompt) {
        return length(prompt, context().language());
    }

    /// How long a prompt takes to say in the call's language, in seconds.
    int length(Ref prompt) {
        return length(Spoken.of(prompt));
    }

    /// How long prompts take one after another, in seconds.
    int length(List<Spoken> prompts) {
        int seconds = 0;
        for (Spoken one : prompts) {
            seconds += length(one);
        }
        return seconds;
    }

    /// Prompts said one after another from a second on, cut off where they have lasted so long.
    List<Heard> said(List<Spoken> prompts, int from, int seconds) {
        List<Heard> hears = new ArrayList<>();
        int second = from;
        for (Spoken one : prompts) {
            int end = Math.min(second + length(one), from + seconds);
            if (end > second) {
                hears.add(new Heard(second, end, Heard.Sound.SPEECH, words(one)));
            }
            second = end;
        }
        return hears;
    }

    private int length(Spoken one) {
        return plan.seconds(one.prompt(), one.in(context().language()));
    }

    int length(Optional<Spoken> prompt, String language) {
        return prompt.map(one -> plan.seconds(one.prompt(), one.in(language))).orElse(0);
    }

    /// The words of a prompt, in the language in which it is said.
    String words(Spoken one) {
        return words(one.prompt(), one.in(context().language()));
    }

    /// The words of a prompt in the call's language.
    String words(Ref prompt) {
        return words(prompt, context().language());
    }

    private String words(Ref prompt, String language) {
        return plan.find(prompt, Prompt.class)
                .map(said -> said.words(language, plan.site().defaultLanguage()))
                .orElse(prompt + " is missing");
    }

    /// What an object is called.
    String title(Ref ref) {
        return plan.title(ref);
    }

    /// What a destination is called.
    String title(Destination to) {
        return to.target().map(this::title).orElse(to.toString());
    }

    /// What a phone is called.
    String title(Party party) {
        return plan.title(party);
    }
}
