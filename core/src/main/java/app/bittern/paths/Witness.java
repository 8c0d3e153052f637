package app.bittern.paths;

import app.bittern.call.Bench;
import app.bittern.call.Cause;
import app.bittern.call.KeyPress;
import app.bittern.call.PhoneState;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.call.Transition;
import app.bittern.callset.CallClasses;
import app.bittern.number.E164;
import app.bittern.plan.Ask;
import app.bittern.plan.Chain;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Member;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// Looks for a bench on which a call takes a path, and shows it by tracing it.
///
/// Goes along the path and gives each phone that has no part yet one that makes the object do what the path wants,
/// going back where that fails. A phone does the same throughout a call, so a path that wants it free here
/// and busy there has no bench; neither has one for which all [#MOST_TRIALS] trials fail.
public final class Witness {
    private static final int MOST_TRIALS = 4000;
    private static final int MOST_ASKINGS = 40;

    private final Plan plan;
    private final List<Path.Step> steps;
    private int trials;

    private Witness(Plan plan, List<Path.Step> steps) {
        this.plan = plan;
        this.steps = steps;
    }

    /// A bench on which a call to a number goes along the steps, if one is found.
    public static Optional<Bench> of(Plan plan, E164 called, CallClasses.Call call, List<Path.Step> steps) {
        Witness witness = new Witness(plan, steps);
        Bench begin =
                new Bench(called, call.caller(), call.at(), List.of(), Map.of(), call.switches(), List.of(), Map.of());
        return witness.from(0, begin).filter(witness::goesAlong);
    }

    /// Whether a traced call passes the objects of the steps by their ways out.
    private boolean goesAlong(Bench bench) {
        Trace trace = Tracer.trace(plan, bench);
        if (trace.steps().size() < steps.size()) {
            return false;
        }
        for (int index = 0; index < steps.size(); index++) {
            Trace.Step step = trace.steps().get(index);
            boolean same = step.object().equals(steps.get(index).state().at().toString())
                    && steps.get(index).causes().stream()
                            .anyMatch(cause -> cause.id().equals(step.exit()));
            if (!same) {
                return false;
            }
        }
        return true;
    }

    private Optional<Bench> from(int index, Bench bench) {
        if (index == steps.size()) {
            return Optional.of(bench);
        }
        Path.Step step = steps.get(index);
        for (Cause cause : step.causes()) {
            for (Bench trial : trials(step.state(), cause, bench)) {
                if (++trials > MOST_TRIALS) {
                    return Optional.empty();
                }
                Transition.Decided decided = Transition.decided(
                        plan, step.state(), trial, bench.keys().size());
                if (!decided.cause().equals(cause)) {
                    continue;
                }
                Optional<Bench> rest = from(index + 1, padded(trial, decided.keys()));
                if (rest.isPresent()) {
                    return rest;
                }
            }
        }
        return Optional.empty();
    }

    /// With silence for every key that was asked for and not given.
    private static Bench padded(Bench bench, int used) {
        List<KeyPress> keys = new ArrayList<>(bench.keys());
        while (keys.size() < used) {
            keys.add(KeyPress.SILENCE);
        }
        return keys.size() == bench.keys().size() ? bench : keyed(bench, keys);
    }

    private static Bench keyed(Bench bench, List<KeyPress> keys) {
        return new Bench(
                bench.called(),
                bench.caller(),
                bench.at(),
                keys,
                bench.phones(),
                bench.switches(),
                bench.agents(),
                bench.waiting());
    }

    private List<Bench> trials(State state, Cause cause, Bench bench) {
        PlanObject object = plan.find(state.at()).orElseThrow();
        return switch (object) {
            case Menu menu -> keys(bench, cause, 0);
            case Ask ask -> keys(bench, cause, 0);
            case Mailbox mailbox
            when cause instanceof Cause.Full ->
                List.of(occupied(bench, bench.agents(), mailbox.maxMessages().orElse(0), mailbox.ref()));
            case Mailbox mailbox -> keys(bench, cause, 0);
            case Extension extension ->
                phones(bench, List.of(extension.dialled()), extension.ringFor().value());
            case RingGroup group ->
                phones(bench, phones(group.members()), group.ringFor().value());
            case HuntGroup group ->
                phones(bench, phones(group.members()), group.ringEach().value());
            case Chain chain
            when state.stage() < chain.stages().size() ->
                phones(
                        bench,
                        phones(chain.stages().get(state.stage())),
                        chain.stages().get(state.stage()).time().value());
            case Queue queue -> queue(queue, cause, bench);
            default -> List.of(bench);
        };
    }

    private static List<String> phones(List<Member> members) {
        return members.stream().map(member -> member.party().phone()).toList();
    }

    private List<String> phones(Chain.Stage stage) {
        if (stage.ring() instanceof Destination.Outside(E164 number)) {
            return List.of(number.text());
        }
        Ref ref = stage.ring().target().orElseThrow();
        return ref.kind() == Kind.EXTENSION
                ? List.of(ref.key())
                : plan.find(ref, RingGroup.class)
                        .map(group -> phones(group.members()))
                        .orElse(List.of());
    }

    /// What a caller keys for a cause, after so many silences.
    private List<Bench> keys(Bench bench, Cause cause, int silences) {
        Optional<String> pressed = cause instanceof Cause.Digits(Optional<String> found)
                ? Optional.of(digits(found))
                : Path.choice(plan, cause);
        List<KeyPress> keys = new ArrayList<>(bench.keys());
        if (pressed.isPresent()) {
            keys.addAll(Collections.nCopies(silences, KeyPress.SILENCE));
            keys.add(new KeyPress(pressed.get(), false));
        }
        return List.of(keyed(bench, keys));
    }

    /// Digits of a contact, or some that are nobody's.
    private String digits(Optional<String> found) {
        Ask ask = steps.stream()
                .flatMap(step -> plan.find(step.state().at(), Ask.class).stream())
                .findFirst()
                .orElseThrow();
        if (found.isPresent()) {
            Contact contact =
                    plan.find(new Ref(Kind.CONTACT, found.get()), Contact.class).orElseThrow();
            return ask.lookIn().equals(Optional.of(Ask.LookIn.NUMBER))
                    ? contact.caller().shownIn(plan.site().country()).replaceAll("[^0-9]", "")
                    : contact.account().orElse("");
        }
        Set<String> taken = new LinkedHashSet<>();
        plan.all(Contact.class).forEach(contact -> contact.account().ifPresent(taken::add));
        for (long number = 0; ; number++) {
            String digits = String.format(java.util.Locale.ROOT, "%0" + ask.fewest() + "d", number);
            if (!taken.contains(digits)) {
                return digits;
            }
        }
    }

    /// Parts for phones that have none yet: all the same, or the first of them answering, now or later.
    private List<Bench> phones(Bench bench, List<String> phones, int longest) {
        List<String> free = phones.stream()
                .filter(phone -> !bench.phones().containsKey(phone))
                .distinct()
                .toList();
        List<Bench> trials = new ArrayList<>();
        for (PhoneState state : parts(longest)) {
            trials.add(with(bench, free, state));
        }
        for (String one : free) {
            for (PhoneState state : parts(longest)) {
                Bench first = with(bench, List.of(one), state);
                for (PhoneState others :
                        List.of(new PhoneState.Silent(), new PhoneState.Busy(), new PhoneState.Off())) {
                    trials.add(with(
                            first,
                            free.stream().filter(phone -> !phone.equals(one)).toList(),
                            others));
                }
            }
        }
        return trials;
    }

    private List<PhoneState> parts(int longest) {
        Set<PhoneState> parts = new LinkedHashSet<>(List.of(new PhoneState.Silent(), new PhoneState.Answers(0)));
        for (Path.Step step : steps) {
            int later = step.window().latest() + 1;
            if (later <= longest) {
                parts.add(new PhoneState.Answers(later));
            }
        }
        parts.add(new PhoneState.Answers(longest));
        parts.add(new PhoneState.Busy());
        parts.add(new PhoneState.Off());
        return List.copyOf(parts.stream().toList());
    }

    private static Bench with(Bench bench, List<String> phones, PhoneState state) {
        Map<String, PhoneState> all = new LinkedHashMap<>(bench.phones());
        phones.forEach(phone -> all.put(phone, state));
        return new Bench(
                bench.called(),
                bench.caller(),
                bench.at(),
                bench.keys(),
                all,
                bench.switches(),
                bench.agents(),
                bench.waiting());
    }

    private List<Bench> queue(Queue queue, Cause cause, Bench bench) {
        List<String> agents =
                queue.agents().stream().map(agent -> agent.extension().key()).toList();
        List<String> loggedIn = new ArrayList<>(bench.agents());
        queue.agents().stream()
                .filter(agent ->
                        agent.byPhone() && !loggedIn.contains(agent.extension().key()))
                .forEach(agent -> loggedIn.add(agent.extension().key()));
        Bench staffed = occupied(bench, loggedIn, 0, queue.ref());
        List<Bench> trials = new ArrayList<>();
        switch (cause) {
            case Cause.Full full ->
                trials.add(occupied(bench, bench.agents(), queue.longestLine().orElse(0), queue.ref()));
            case Cause.NoAgents none ->
                trials.addAll(phones(bench, agents, queue.ringEach().value()));
            case Cause.AgentsGone gone ->
                trials.addAll(phones(bench, agents, queue.ringEach().value()));
            default -> {
                for (Bench one : List.of(bench, staffed)) {
                    for (Bench trial : phones(one, agents, queue.ringEach().value())) {
                        for (int silences = 0; silences < (cause.callersChoice() ? MOST_ASKINGS : 1); silences++) {
                            trials.addAll(keys(trial, cause, silences));
                        }
                    }
                }
            }
        }
        return trials;
    }

    private static Bench occupied(Bench bench, List<String> agents, int waiting, Ref where) {
        Map<Ref, Integer> lines = new LinkedHashMap<>(bench.waiting());
        if (waiting > 0) {
            lines.put(where, waiting);
        }
        return new Bench(
                bench.called(),
                bench.caller(),
                bench.at(),
                bench.keys(),
                bench.phones(),
                bench.switches(),
                agents,
                lines);
    }
}
