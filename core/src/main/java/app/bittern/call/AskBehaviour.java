package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.Lookup;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
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
        Map<String, Ref> numbers = numbers(ask, scene.plan());
        numbers.forEach((digits, ref) -> outcomes.add(Outcome.of(
                new Cause.Dialled(digits),
                tries.entered(digits.length(), ask.most()),
                scene.onward(Optional.of(new Destination.To(ref))))));
        entries(ask, scene.plan()).forEach((digits, contact) -> {
            if (!numbers.containsKey(digits)) {
                outcomes.add(valid(ask, scene, tries.entered(digits.length(), ask.most()), Optional.of(contact)));
            }
        });
        nobody(ask, taken(ask, scene.plan()), tries).ifPresent(window -> outcomes.addAll(asked(ask, scene, window)));
        outcomes.addAll(gaveUp(ask, scene, tries));
        return outcomes;
    }

    /// How a last try fails: by silence or too few digits, where these lead elsewhere than each other; else
    /// either.
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

    /// Whether silence and too few digits in the last try lead elsewhere than each other; one digit is never
    /// too few.
    private static boolean apart(Ask ask) {
        return ask.fewest() > 1 && !ask.failsAlike();
    }

    /// Digits that are nobody's in the plan: a lookup is asked, where there is one.
    private static List<Outcome> asked(Ask ask, Scene scene, Window window) {
        return lookup(ask, scene.plan())
                .map(lookup -> Answer.all(lookup.tags()).stream()
                        .map(answer -> looked(ask, lookup, answer, window, scene))
                        .toList())
                .orElseGet(() -> List.of(valid(ask, scene, window, Optional.empty())));
    }

    private static Outcome looked(Ask ask, Lookup lookup, Answer answer, Window window, Scene scene) {
        Context after =
                scene.context().given(ask.sets()).found(ask.ref(), answer).found(lookup.ref(), answer);
        return Outcome.of(
                        new Cause.Looked(answer, true),
                        window.plus(lookupTakes(lookup, answer)),
                        scene.onward(ask.to(), after))
                .by("to");
    }

    /// How long a lookup can take to say something.
    static Window lookupTakes(Lookup lookup, Answer answer) {
        int longest = lookup.answersWithin().value();
        return answer instanceof Answer.None ? Window.at(longest) : new Window(0, longest);
    }

    private static Optional<Lookup> lookup(Ask ask, Plan plan) {
        return ask.lookup().flatMap(ref -> plan.find(ref, Lookup.class));
    }

    /// The numbers of the site that digits can be, where they are dialled.
    static Map<String, Ref> numbers(Ask ask, Plan plan) {
        Map<String, Ref> numbers = new LinkedHashMap<>();
        if (ask.dials()) {
            plan.insideNumbers().objects().forEach((digits, ref) -> {
                if (ref.kind().routable() && ask.valid(digits)) {
                    numbers.put(digits, ref);
                }
            });
        }
        return numbers;
    }

    /// The digits that are somebody's, or a number of the site.
    static Set<String> taken(Ask ask, Plan plan) {
        Set<String> all = new LinkedHashSet<>(entries(ask, plan).keySet());
        all.addAll(numbers(ask, plan).keySet());
        return all;
    }

    private static Outcome valid(Ask ask, Scene scene, Window window, Optional<Ref> contact) {
        return Outcome.of(
                        new Cause.Digits(contact.map(Ref::key)),
                        window,
                        scene.onward(ask.to(), scene.context().given(ask.sets()).found(ask.ref(), answer(contact))))
                .by("to");
    }

    private static Answer answer(Optional<Ref> contact) {
        return contact.<Answer>map(Answer.Known::new).orElseGet(Answer.Nobody::new);
    }

    /// When digits are keyed that are nobody's: of each length of which not all are somebody's.
    private static Optional<Window> nobody(Ask ask, Set<String> taken, Tries tries) {
        return IntStream.rangeClosed(ask.fewest(), ask.most())
                .filter(length -> length > 8
                        || taken.stream()
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
                .filter(where -> !(where instanceof Ask.LookIn.OfLookup))
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
                        .filter(contact -> where instanceof Ask.LookIn.OfAccount
                                || contact.caller().text().endsWith(end))
                        .filter(contact -> digits(where, contact, plan).equals(Optional.of(digits)))
                        .findFirst())
                .map(Contact::ref);
    }

    private static Optional<String> digits(Ask.LookIn where, Contact contact, Plan plan) {
        return switch (where) {
            case Ask.LookIn.OfAccount account -> contact.account();
            case Ask.LookIn.OfLookup outside -> Optional.empty();
            case Ask.LookIn.OfNumber number ->
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

    /// What happens on a bench up to a second after which no try begins any more; then it gives up, at that
    /// second or later.
    static Decision decide(Ask ask, Scene scene, BenchInHand bench, int last) {
        int prompt = scene.length(ask.prompts());
        int wait = ask.keyWait().value();
        List<Heard> hears = new ArrayList<>();
        List<Account.Try> tries = new ArrayList<>();
        int second = 0;
        for (int attempt = 1; attempt <= ask.tries() && second <= last; attempt++) {
            KeyPress key = bench.take();
            int begun = second;
            Entry entry = entry(ask, key, prompt, wait);
            hears.addAll(heard(ask, entry, prompt, second, scene));
            second += entry.ends();
            tries.add(new Account.Try(entry.digits(), second));
            if (ask.valid(entry.digits())) {
                if (!entry.rest().isEmpty()) {
                    bench.dialledAhead(key.after(entry.digits().length(), begun));
                }
                return valid(ask, entry.digits(), second, hears, tries, scene, bench);
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

    private static Decision valid(
            Ask ask,
            String digits,
            int second,
            List<Heard> hears,
            List<Account.Try> tries,
            Scene scene,
            BenchInHand bench) {
        Optional<Lookup> lookup = lookup(ask, scene.plan());
        if (ask.dials() && dialled(digits, scene.plan())) {
            return done(new Cause.Dialled(digits), second, hears, ask, tries);
        }
        if (lookup.isPresent()) {
            Found.Says says = bench.says(lookup.get());
            int end = second + says.after();
            hears.addAll(lookingUp(second, end));
            return done(new Cause.Looked(says.answer(), true), end, hears, ask, tries);
        }
        Optional<String> contact = contact(ask, scene.plan(), digits).map(Ref::key);
        return done(new Cause.Digits(contact), second, hears, ask, tries);
    }

    private static boolean dialled(String digits, Plan plan) {
        return plan.insideNumbers()
                .object(digits)
                .filter(ref -> ref.kind().routable())
                .isPresent();
    }

    /// What is heard while a lookup is waited for.
    static List<Heard> lookingUp(int second, int end) {
        return end == second
                ? List.of()
                : List.of(new Heard(second, end, Heard.Sound.SILENCE, "waiting for an answer"));
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

    private static int sayAfter(Optional<Spoken> prompt, Scene scene, List<Heard> hears, int second) {
        int end = second + scene.length(prompt);
        prompt.ifPresent(said -> hears.add(new Heard(second, end, Heard.Sound.SPEECH, scene.words(said))));
        return end;
    }
}
