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
import java.util.stream.IntStream;

/// Asks for digits as often as it has tries, and looks them up.
///
/// As a menu whose key wait holds for each digit: with *D* digits at most, P+W becomes P+D·W in every latest
/// figure. Each contact that the digits can be is an outcome, and nobody is one.
final class AskBehaviour implements Behaviour<Ask> {
    /// So many last digits of a number are the same inside its country and outside.
    private static final int SAME_END = 3;

    @Override
    public List<Outcome> outcomes(Ask ask, Scene scene) {
        Tries tries = Tries.of(ask, scene);
        List<Outcome> outcomes = new ArrayList<>();
        Map<String, Ref> entries = entries(ask, scene.plan());
        entries.forEach((digits, contact) ->
                outcomes.add(valid(ask, scene, tries.entered(digits.length(), ask.most()), Optional.of(contact))));
        nobody(ask, entries, tries).ifPresent(window -> outcomes.add(valid(ask, scene, window, Optional.empty())));
        outcomes.addAll(gaveUp(ask, scene, tries));
        return outcomes;
    }

    /// How a last try fails: by silence or too few digits, where these lead elsewhere than each other; else either.
    private static List<Outcome> gaveUp(Ask ask, Scene scene, Tries tries) {
        Window few = tries.tooFew(ask.fewest());
        if (apart(ask)) {
            return List.of(
                    MenuBehaviour.failing(
                            new Cause.NoKey(), tries.silent(), scene.onward(ask.onNoKey()), ask.noKey(), "noKey"),
                    MenuBehaviour.failing(
                            new Cause.WrongKey(), few, scene.onward(ask.onWrongKey()), ask.wrongKey(), "wrongKey"));
        }
        Window failed = ask.fewest() > 1 ? tries.silent().union(few) : tries.silent();
        return List.of(MenuBehaviour.failing(
                new Cause.NoValidDigits(), failed, scene.onward(ask.onNoKey()), ask.noKey(), "noKey"));
    }

    /// Whether silence and too few digits in the last try lead elsewhere than each other; one digit is never too few.
    private static boolean apart(Ask ask) {
        return ask.fewest() > 1 && !ask.failsAlike();
    }

    private static Outcome valid(Ask ask, Scene scene, Window window, Optional<Ref> contact) {
        return Outcome.of(
                        new Cause.Digits(contact.map(Ref::key)),
                        window,
                        scene.onward(ask.to(), scene.context().found(ask.ref(), contact)))
                .by("to");
    }

    /// When digits are keyed that are nobody's: of each length of which not all are somebody's.
    private static Optional<Window> nobody(Ask ask, Map<String, Ref> entries, Tries tries) {
        return IntStream.rangeClosed(ask.fewest(), ask.most())
                .filter(length -> length > 8
                        || entries.keySet().stream()
                                        .filter(digits -> digits.length() == length)
                                        .count()
                                < Math.pow(10, length))
                .mapToObj(length -> tries.entered(length, ask.most()))
                .reduce(Window::union);
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

    /// The contact that digits are, as [#entries] has it, without making the digits of all others: however a
    /// number is written, it ends alike.
    private static Optional<Ref> contact(Ask ask, Plan plan, String digits) {
        String end = digits.substring(digits.length() - Math.min(SAME_END, digits.length() - 1));
        return ask.lookIn()
                .flatMap(where -> plan.all(Contact.class)
                        .filter(contact -> where == Ask.LookIn.ACCOUNT
                                || contact.caller().text().endsWith(end))
                        .filter(contact -> digits(where, contact, plan).equals(Optional.of(digits)))
                        .findFirst())
                .map(Contact::ref);
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
        return decide(ask, scene, bench, Integer.MAX_VALUE);
    }

    /// How soon digits can have been keyed that count.
    static int soonest(Ask ask, Scene scene) {
        Tries tries = Tries.of(ask, scene);
        return IntStream.rangeClosed(ask.fewest(), ask.most())
                .map(digits -> tries.entered(digits, ask.most()).earliest())
                .min()
                .orElse(0);
    }

    /// What happens on a bench up to a second after which no try begins any more; then it gives up, at that second or
    /// later.
    static Decision decide(Ask ask, Scene scene, BenchInHand bench, int last) {
        int prompt = scene.length(ask.prompts());
        int wait = ask.keyWait().value();
        List<Heard> hears = new ArrayList<>();
        List<Account.Try> tries = new ArrayList<>();
        int second = 0;
        for (int attempt = 1; attempt <= ask.tries() && second <= last; attempt++) {
            Entry entry = entry(ask, bench.take(), prompt, wait);
            hears.addAll(heard(ask, entry, prompt, second, scene));
            second += entry.ends();
            tries.add(new Account.Try(entry.digits(), second));
            if (ask.valid(entry.digits())) {
                if (!entry.rest().isEmpty()) {
                    bench.dialledAhead(entry.rest());
                }
                Optional<String> contact =
                        contact(ask, scene.plan(), entry.digits()).map(Ref::key);
                return done(new Cause.Digits(contact), second, hears, ask, tries);
            }
            if (attempt < ask.tries()) {
                second = sayAfter(
                        (entry.digits().isEmpty() ? ask.noKey() : ask.wrongKey()).prompt(), scene, hears, second);
            }
        }
        boolean silent = tries.getLast().digits().isEmpty();
        Cause cause = !apart(ask) ? new Cause.NoValidDigits() : silent ? new Cause.NoKey() : new Cause.WrongKey();
        return done(cause, second, hears, ask, tries);
    }

    private static Decision done(Cause cause, int second, List<Heard> hears, Ask ask, List<Account.Try> tries) {
        return Decision.of(cause, second, hears, new Account.Asked(ask, tries)).speaking();
    }

    /// What is heard in one try: the prompt until the first digit, silence, and the digits.
    private static List<Heard> heard(Ask ask, Entry entry, int prompt, int begun, Scene scene) {
        int said = Math.min(prompt, entry.first());
        List<Heard> hears = new ArrayList<>(scene.said(ask.prompts(), begun, said));
        if (entry.ends() > said) {
            hears.add(new Heard(begun + said, begun + entry.ends(), Heard.Sound.SILENCE, "waiting for digits"));
        }
        if (!entry.digits().isEmpty()) {
            hears.add(new Heard(begun + entry.first(), begun + entry.first(), Heard.Sound.KEY, entry.digits()));
        }
        return hears;
    }

    /// What is keyed in one try.
    ///
    /// @param digits those that count; none for silence
    /// @param rest   those beyond the most, dialled ahead
    /// @param first  second of the first digit, or at which the try ends in silence
    /// @param ends   second at which the try is over
    private record Entry(String digits, String rest, int first, int ends) {}

    /// The digits one after another, for as long as each is waited for.
    private static Entry entry(Ask ask, KeyPress key, int prompt, int wait) {
        int first = key.silent() ? Integer.MAX_VALUE : key.second(0, prompt);
        if (first > prompt + wait || !"0123456789".contains(key.digits().substring(0, 1))) {
            return new Entry("", "", prompt + wait, prompt + wait);
        }
        int at = first;
        int taken = 0;
        while (taken < key.digits().length() && taken < ask.most()) {
            int next = Math.max(at, key.second(taken, prompt));
            boolean digit = Character.digit(key.digits().charAt(taken), 10) >= 0;
            if (next - Math.max(at, taken == 0 ? next : 0) > wait || !digit) {
                break;
            }
            at = next;
            taken++;
        }
        // A digit keyed while the prompt is said stops it; the wait for the next begins then.
        int ends = taken < ask.most() ? at + wait : at;
        String rest = taken == ask.most() ? key.digits().substring(taken) : "";
        return new Entry(key.digits().substring(0, taken), rest, first, ends);
    }

    private static int sayAfter(Optional<Ref> prompt, Scene scene, List<Heard> hears, int second) {
        int end = second + scene.length(prompt);
        prompt.ifPresent(said -> hears.add(new Heard(second, end, Heard.Sound.SPEECH, scene.words(said))));
        return end;
    }
}
