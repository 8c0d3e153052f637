package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Contact;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Asks for digits as often as it has tries, and looks them up.
///
/// As a menu whose key wait holds for each digit: with *D* digits at most, P+W becomes P+D·W in every latest figure.
/// Each contact that the digits can be is an outcome, and nobody is one.
final class AskBehaviour implements Behaviour<Ask> {
    @Override
    public List<Outcome> outcomes(Ask ask, Scene scene) {
        Tries tries = tries(ask, scene);
        List<Outcome> outcomes = new ArrayList<>();
        for (Ref contact : entries(ask, scene.plan()).values()) {
            outcomes.add(valid(ask, scene, tries, Optional.of(contact)));
        }
        outcomes.add(valid(ask, scene, tries, Optional.empty()));
        outcomes.add(Outcome.of(new Cause.NoValidDigits(), tries.failed(), scene.onward(ask.giveUp()))
                .by("giveUp"));
        return outcomes;
    }

    private static Tries tries(Ask ask, Scene scene) {
        return new Tries(
                scene.length(ask.prompts()),
                ask.keyWait().value(),
                ask.most(),
                0,
                scene.length(ask.noKey()),
                scene.length(ask.wrongKey()),
                ask.tries());
    }

    private static Outcome valid(Ask ask, Scene scene, Tries tries, Optional<Ref> contact) {
        return Outcome.of(
                        new Cause.Digits(contact.map(Ref::key)),
                        tries.valid(),
                        scene.onward(ask.to(), scene.context().found(ask.ref(), contact)))
                .by("to");
    }

    /// The contacts that digits can be, by digits; the first of two alike.
    static Map<String, Ref> entries(Ask ask, Plan plan) {
        Map<String, Ref> entries = new LinkedHashMap<>();
        ask.lookIn()
                .ifPresent(where -> plan.all(Contact.class)
                        .forEach(contact -> digits(where, contact, plan)
                                .filter(ask::valid)
                                .ifPresent(digits -> entries.putIfAbsent(digits, contact.ref()))));
        return entries;
    }

    private static Optional<String> digits(Ask.LookIn where, Contact contact, Plan plan) {
        return switch (where) {
            case ACCOUNT -> contact.account();
            case NUMBER ->
                Optional.of(contact.caller().shownIn(plan.site().country()).replaceAll("[^0-9]", ""));
        };
    }

    @Override
    public Decision decide(Ask ask, Scene scene, BenchInHand bench) {
        Tries tries = tries(ask, scene);
        List<Heard> hears = new ArrayList<>();
        List<Why> why = new ArrayList<>();
        int second = 0;
        for (int attempt = 1; attempt <= ask.tries(); attempt++) {
            KeyPress key = bench.take();
            boolean last = attempt == ask.tries();
            int said = key.atOnce() ? 0 : tries.prompt();
            hears.addAll(scene.said(ask.prompts(), second, said));
            second += said;
            String rule = "digits in try " + attempt;
            boolean waits = key.digits().length() < ask.most();
            if (!key.silent()) {
                hears.add(new Heard(second, second, Heard.Sound.KEY, key.digits()));
            }
            if (waits) {
                hears.add(new Heard(second, second + tries.keyWait(), Heard.Sound.SILENCE, "waiting for digits"));
                second += tries.keyWait();
            }
            if (ask.valid(key.digits())) {
                Optional<Ref> contact =
                        Optional.ofNullable(entries(ask, scene.plan()).get(key.digits()));
                String who = contact.map(scene::title).orElse("nobody");
                why.add(Why.held(rule, key.digits() + " is " + who));
                return Decision.of(
                                new Cause.Digits(contact.map(Ref::key)),
                                second,
                                key.digits() + " keyed in " + ask.title() + ", which is " + who + ": to "
                                        + scene.words(ask.to()),
                                hears,
                                why)
                        .speaking();
            }
            why.add(Why.not(
                    rule,
                    key.silent()
                            ? "no digit within " + ask.keyWait()
                            : key.digits() + " is not " + ask.fewest() + " to " + ask.most() + " digits"));
            if (!last) {
                second = sayAfter(key.silent() ? ask.noKey() : ask.wrongKey(), scene, hears, second);
            }
        }
        why.add(Why.held("no valid digits", "that was try " + ask.tries() + " of " + ask.tries()));
        return Decision.of(
                        new Cause.NoValidDigits(),
                        second,
                        "No valid digits in " + ask.title() + ": to " + scene.words(ask.giveUp()),
                        hears,
                        why)
                .speaking();
    }

    private static int sayAfter(Optional<Ref> prompt, Scene scene, List<Heard> hears, int second) {
        int end = second + scene.length(prompt);
        prompt.ifPresent(said -> hears.add(new Heard(second, end, Heard.Sound.SPEECH, scene.words(said))));
        return end;
    }
}
