package app.bittern.call;

import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Slot;
import app.bittern.plan.Switch;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// What of a caller's context, and which conditions, can still matter from an object on.
///
/// A state keeps only what can still matter, so that callers who can do the same from here on are in the same state,
/// and one who comes back to it goes round: where the call came from where callers or phones are told apart, the
/// extension called first where somebody's own mailbox lies ahead, the menus passed where `back` does, each tag where
/// it is asked for, what was found where a branch asks for it, the number called and the route where they lead on, the
/// reason for a greeting where a mailbox greets it otherwise than others; of answers that no branch tells apart
/// the first. Found by going backwards over the slots that lead on, from the objects that ask; cost: these
/// slots × what can be asked.
public final class StillMatters {
    private static final int FIRST_CALLED = 0;
    private static final int BACK = 1;
    private static final int FROM = 2;
    private static final int ROUTE = 3;
    private static final int CALLED = 4;

    /// Reasons for a greeting in pairs: whether some mailbox ahead greets the two otherwise.
    private static final int GREETING = 5;

    private static final List<Optional<Mailbox.Reason>> REASONS = Stream.concat(
                    Stream.of(Optional.<Mailbox.Reason>empty()),
                    Stream.of(Mailbox.Reason.values()).map(Optional::of))
            .toList();
    private static final int CALLERS = GREETING + REASONS.size() * REASONS.size();
    private static final int INSTANTS = CALLERS + 1;
    private static final int FIRST_SWITCH = INSTANTS + 1;

    /// Of what is not there; never changed.
    private static final BitSet NOTHING = new BitSet(0);

    private final Plan plan;
    private final Map<Ref, BitSet> flags = new LinkedHashMap<>();
    private final Map<Ref, Integer> switches = new LinkedHashMap<>();
    private final Map<Ref, Integer> asks = new LinkedHashMap<>();
    private final Map<String, Integer> tags = new LinkedHashMap<>();
    private final Map<Ref, Answers> answers;

    /// What branches ask of an ask or a lookup, and the first answer of each that they cannot tell apart.
    private record Answers(List<String> asked, Map<List<Boolean>, Answer> first) {}

    /// Of a plan; found once.
    public static StillMatters of(Plan plan) {
        return plan.once(StillMatters.class, StillMatters::new);
    }

    private StillMatters(Plan plan) {
        this.plan = plan;
        plan.all(Switch.class).forEach(one -> switches.put(one.ref(), FIRST_SWITCH + switches.size()));
        int firstAsk = FIRST_SWITCH + switches.size();
        Stream.concat(plan.all(Ask.class), plan.all(Lookup.class))
                .forEach(one -> asks.put(one.ref(), firstAsk + asks.size()));
        this.answers = answers(plan);
        plan.all(Branch.class)
                .filter(branch -> branch.by() instanceof Branch.By.OfCaller)
                .flatMap(branch -> branch.cases().keySet().stream())
                .flatMap(state -> Branch.callers(state).stream())
                .forEach(rule -> {
                    if (rule instanceof Route.From.Tag(String tag)) {
                        tags.computeIfAbsent(tag, one -> firstAsk + asks.size() + tags.size());
                    }
                });
        Map<Ref, List<Ref>> before = new LinkedHashMap<>();
        List<Ref> dialling = new ArrayList<>();
        List<Ref> dials = new ArrayList<>();
        List<Ref> ownMailbox = new ArrayList<>();
        List<Ref> back = new ArrayList<>();
        List<Ref> routed = new ArrayList<>();
        boolean routesByLast = plan.all(Route.class)
                .anyMatch(route ->
                        route.to().filter(Destination.ByLast.class::isInstance).isPresent());
        boolean routesToOwn = plan.all(Route.class)
                .anyMatch(route -> route.to()
                        .filter(Destination.OwnMailbox.class::isInstance)
                        .isPresent());
        for (PlanObject object : plan.objects()) {
            if (object instanceof Aside) {
                continue;
            }
            List<Slot> slots = object.slots();
            BitSet own = own(object);
            own.set(FIRST_CALLED, leads(slots, new Destination.OwnMailbox()));
            own.set(BACK, leads(slots, new Destination.Back()));
            own.set(ROUTE, leads(slots, new Destination.AsRouted()));
            if (object instanceof Mailbox mailbox) {
                greetings(mailbox, own);
            }
            boolean byLast = slots.stream()
                    .anyMatch(slot -> slot.holds()
                            .filter(Destination.ByLast.class::isInstance)
                            .isPresent());
            own.set(CALLED, byLast || (own.get(ROUTE) && routesByLast));
            if (own.get(ROUTE) && routesToOwn) {
                own.set(FIRST_CALLED);
            }
            flags.put(object.ref(), own);
            // Members, agents and stages are rung where they are; no call goes on to them.
            for (Slot slot : slots) {
                slot.target()
                        .filter(ref -> slot.leads())
                        .ifPresent(ref -> before.computeIfAbsent(ref, r -> new ArrayList<>())
                                .add(object.ref()));
            }
            if ((object instanceof Menu menu && menu.dialExtensions().possible()) || own.get(CALLED)) {
                dialling.add(object.ref());
            }
            if (object instanceof Ask ask && ask.dials()) {
                dials.add(object.ref());
            }
            if (own.get(ROUTE)) {
                routed.add(object.ref());
            }
            if (own.get(FIRST_CALLED)) {
                ownMailbox.add(object.ref());
            }
            if (own.get(BACK)) {
                back.add(object.ref());
            }
        }
        // An ask for a number of the site may lead to any of them, and so may one that goes on as the route does.
        if (!dials.isEmpty()) {
            plan.insideNumbers().objects().values().stream()
                    .filter(ref -> ref.kind().routable())
                    .forEach(ref ->
                            before.computeIfAbsent(ref, r -> new ArrayList<>()).addAll(dials));
        }
        if (!routed.isEmpty()) {
            plan.all(Route.class)
                    .flatMap(route -> route.to().flatMap(Destination::target).stream())
                    .distinct()
                    .forEach(ref ->
                            before.computeIfAbsent(ref, r -> new ArrayList<>()).addAll(routed));
        }
        spread(before, dialling, ownMailbox, back);
    }

    /// The pairs of reasons that a mailbox greets otherwise.
    private static void greetings(Mailbox mailbox, BitSet own) {
        for (int one = 0; one < REASONS.size(); one++) {
            for (int other = 0; other < one; other++) {
                own.set(
                        pair(one, other),
                        !mailbox.greeting(REASONS.get(one)).equals(mailbox.greeting(REASONS.get(other))));
            }
        }
    }

    private static int pair(int one, int other) {
        return GREETING + Math.max(one, other) * REASONS.size() + Math.min(one, other);
    }

    /// The first of the reasons that all mailboxes ahead greet as one.
    private static Optional<Mailbox.Reason> reason(Optional<Mailbox.Reason> greeting, BitSet matters) {
        int given = REASONS.indexOf(greeting);
        for (int one = 0; one < given; one++) {
            if (!matters.get(pair(one, given))) {
                return REASONS.get(one);
            }
        }
        return greeting;
    }

    /// What is found for an ask or a lookup, as it can be told apart by the branches that ask for it.
    private Map<Ref, Answers> answers(Plan of) {
        Map<Ref, List<String>> states = new LinkedHashMap<>();
        of.all(Branch.class)
                .forEach(branch -> branch.by()
                        .target()
                        .filter(asks::containsKey)
                        .ifPresent(by -> states.computeIfAbsent(by, ref -> new ArrayList<>())
                                .addAll(branch.cases().keySet())));
        Map<Ref, Answers> all = new LinkedHashMap<>();
        states.forEach((by, asked) -> {
            Map<List<Boolean>, Answer> alike = new LinkedHashMap<>();
            Optional<Lookup> lookup = by.kind() == Kind.LOOKUP
                    ? of.find(by, Lookup.class)
                    : of.find(by, Ask.class).flatMap(Ask::lookup).flatMap(ref -> of.find(ref, Lookup.class));
            Answer.all(lookup.map(Lookup::tags).orElse(List.of()))
                    .forEach(answer -> alike.putIfAbsent(signature(answer, asked), answer));
            if (lookup.isEmpty()) {
                of.all(Contact.class)
                        .map(contact -> new Answer.Known(contact.ref()))
                        .forEach(answer -> {
                            List<Boolean> signature = signature(answer, asked);
                            // A contact where it is one that is found, as a trace has it.
                            if (!(alike.get(signature) instanceof Answer.Known)) {
                                alike.put(signature, answer);
                            }
                        });
            }
            all.put(by, new Answers(asked, alike));
        });
        return all;
    }

    private List<Boolean> signature(Answer answer, List<String> asked) {
        return asked.stream().map(state -> answer.is(state, plan)).toList();
    }

    /// The same answer, or the first of those that no branch tells from it.
    private Context.Entry alike(Context.Entry found) {
        Optional<Answer> same = Optional.ofNullable(answers.get(found.by()))
                .flatMap(known -> Optional.ofNullable(known.first().get(signature(found.answer(), known.asked()))));
        return same.map(answer -> new Context.Entry(found.by(), answer)).orElse(found);
    }

    private static boolean leads(List<Slot> slots, Destination where) {
        return slots.stream().anyMatch(slot -> slot.holds().equals(Optional.of(where)));
    }

    private BitSet own(PlanObject object) {
        BitSet own = new BitSet();
        if (object instanceof Branch branch) {
            switch (branch.by()) {
                case Branch.By.OfHours hours -> own.set(INSTANTS);
                case Branch.By.OfSwitch(Ref turned) ->
                    Optional.ofNullable(switches.get(turned)).ifPresent(own::set);
                case Branch.By.OfCaller caller -> {
                    own.set(FROM);
                    own.set(CALLERS);
                    asked(branch, own);
                }
                case Branch.By.OfLanguage language -> {}
                case Branch.By.OfAsk(Ref ask) ->
                    Optional.ofNullable(asks.get(ask)).ifPresent(own::set);
                case Branch.By.OfLookup(Ref lookup) ->
                    Optional.ofNullable(asks.get(lookup)).ifPresent(own::set);
            }
        }
        if (object instanceof Queue queue) {
            if (QueueCourse.hours(queue).findAny().isPresent()
                    || queue.notice()
                            .filter(Queue.Notice::on)
                            .flatMap(Queue.Notice::until)
                            .isPresent()) {
                own.set(INSTANTS);
            }
            if (QueueCourse.asksForNumber(queue)) {
                own.set(FROM);
                own.set(CALLERS);
            }
        }
        if (object instanceof Outbound) {
            own.set(FROM);
        }
        if (object instanceof Route route && route.withheld().isPresent()) {
            own.set(FROM);
            own.set(CALLERS);
        }
        return own;
    }

    private void asked(Branch branch, BitSet own) {
        branch.cases().keySet().stream()
                .flatMap(state -> Branch.callers(state).stream())
                .forEach(rule -> {
                    if (rule instanceof Route.From.Tag(String tag)) {
                        Optional.ofNullable(tags.get(tag)).ifPresent(own::set);
                    }
                });
    }

    /// Goes backwards until nothing changes. Menus that dial extensions lead to all of them, `own-mailbox` to
    /// any mailbox of an extension, `back` to any menu.
    private void spread(Map<Ref, List<Ref>> before, List<Ref> dialling, List<Ref> ownMailbox, List<Ref> back) {
        BitSet owned = new BitSet();
        Deque<Ref> changed = new ArrayDeque<>(flags.keySet());
        Set<Ref> mailboxes = new HashSet<>();
        plan.all(Extension.class).forEach(extension -> extension.mailbox().ifPresent(mailboxes::add));
        BitSet dialled = new BitSet();
        BitSet menus = new BitSet();
        while (!changed.isEmpty()) {
            Ref ref = changed.remove();
            BitSet from = flags.getOrDefault(ref, NOTHING);
            before.getOrDefault(ref, List.of()).forEach(one -> add(one, from, changed));
            if (ref.kind() == Kind.EXTENSION) {
                widen(dialled, from, dialling, changed);
            }
            if (mailboxes.contains(ref)) {
                widen(owned, from, ownMailbox, changed);
            }
            if (ref.kind() == Kind.MENU) {
                widen(menus, from, back, changed);
            }
        }
    }

    private void widen(BitSet shared, BitSet more, List<Ref> users, Deque<Ref> changed) {
        int size = shared.cardinality();
        shared.or(more);
        if (shared.cardinality() > size) {
            users.forEach(user -> add(user, shared, changed));
        }
    }

    private void add(Ref ref, BitSet more, Deque<Ref> changed) {
        BitSet have = flags.get(ref);
        if (have == null) {
            return;
        }
        int size = have.cardinality();
        have.or(more);
        if (have.cardinality() > size) {
            changed.add(ref);
        }
    }

    /// Whether anything from a state on asks who calls; so it is with all three where a phone dials, which may lead
    /// anywhere.
    public boolean callers(State state) {
        return asked(state, CALLERS);
    }

    /// Whether anything from a state on asks when the call began.
    public boolean instants(State state) {
        return asked(state, INSTANTS);
    }

    /// The switches whose positions are asked from a state on.
    public Stream<Ref> switches(State state) {
        return switches.entrySet().stream()
                .filter(one -> asked(state, one.getValue()))
                .map(Map.Entry::getKey);
    }

    private boolean asked(State state, int what) {
        return state.context().dials().isPresent()
                || flags.getOrDefault(state.at(), NOTHING).get(what);
    }

    /// Whether it matters to a route's calls which number was called.
    public boolean asksForNumber(Route route) {
        return flags.getOrDefault(route.ref(), NOTHING).get(CALLED);
    }

    /// The state without what can no longer matter.
    public State reduced(State state) {
        BitSet matters = flags.getOrDefault(state.at(), NOTHING);
        Context context = state.context();
        boolean from = matters.get(FROM) || context.dials().isPresent();
        if (context.bare()) {
            return state;
        }
        List<Context.Frame> menus = matters.get(BACK)
                ? context.menus().stream()
                        .map(frame -> new Context.Frame(frame.menu(), frame.language(), tags(frame.tags(), matters)))
                        .toList()
                : List.of();
        return new State(
                state.at(),
                state.stage(),
                context.only(tags(context.tags(), matters), menus, facts(context.facts(), matters), from));
    }

    private Context.Facts facts(Context.Facts facts, BitSet matters) {
        return new Context.Facts(
                matters.get(FIRST_CALLED) ? facts.firstCalled() : Optional.empty(),
                facts.found().isEmpty()
                        ? List.of()
                        : facts.found().stream()
                                .filter(found -> Optional.ofNullable(asks.get(found.by()))
                                        .filter(matters::get)
                                        .isPresent())
                                .map(this::alike)
                                .toList(),
                matters.get(CALLED) ? facts.called() : Optional.empty(),
                matters.get(ROUTE) ? facts.route() : Optional.empty(),
                reason(facts.greeting(), matters));
    }

    private List<String> tags(List<String> carried, BitSet matters) {
        return carried.isEmpty()
                ? carried
                : carried.stream()
                        .filter(tag -> Optional.ofNullable(tags.get(tag))
                                .filter(matters::get)
                                .isPresent())
                        .toList();
    }
}
