package app.bittern.paths;

import app.bittern.call.Context;
import app.bittern.call.State;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Slot;
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

/// What of a caller's context, and which conditions, can still matter from an object on.
///
/// A state keeps only what can still matter, so that callers who can do the same from here on are in the
/// same state: the extension called first where somebody's own mailbox lies ahead, the menus passed where `back` does,
/// tags where they
/// are asked for, digits where a branch asks what they were found to be. Found by going backwards over the
/// destinations from the objects that ask; cost: links × what can be asked.
final class Relevance {
    private static final int FIRST_CALLED = 0;
    private static final int BACK = 1;
    private static final int TAGS = 2;
    private static final int FIRST_LEVEL = 3;

    private final Plan plan;
    private final Map<Ref, BitSet> flags = new LinkedHashMap<>();
    private final Map<Ref, Integer> asks = new LinkedHashMap<>();
    private final int levels;

    Relevance(Plan plan, CallClasses classes) {
        this.plan = plan;
        this.levels = classes.sets().levels();
        plan.all(Ask.class).forEach(ask -> asks.put(ask.ref(), FIRST_LEVEL + levels + asks.size()));
        Map<Ref, List<Ref>> before = new LinkedHashMap<>();
        List<Ref> dialling = new ArrayList<>();
        List<Ref> ownMailbox = new ArrayList<>();
        List<Ref> back = new ArrayList<>();
        for (PlanObject object : plan.objects()) {
            if (!object.ref().kind().routable() && !(object instanceof Route)) {
                continue;
            }
            flags.put(object.ref(), own(object, classes));
            // Members, agents and stages are rung where they are; no call goes on to them.
            for (Slot slot : object.slots()) {
                slot.target()
                        .filter(ref -> slot.leads())
                        .ifPresent(ref -> before.computeIfAbsent(ref, r -> new ArrayList<>())
                                .add(object.ref()));
            }
            if (object instanceof Menu menu && menu.dialExtensions()) {
                dialling.add(object.ref());
            }
            if (flags.get(object.ref()).get(FIRST_CALLED)) {
                ownMailbox.add(object.ref());
            }
            if (flags.get(object.ref()).get(BACK)) {
                back.add(object.ref());
            }
        }
        spread(before, dialling, ownMailbox, back);
    }

    private static boolean leads(PlanObject object, Destination where) {
        return object.slots().stream().anyMatch(slot -> slot.holds().equals(Optional.of(where)));
    }

    private BitSet own(PlanObject object, CallClasses classes) {
        BitSet own = new BitSet();
        own.set(FIRST_CALLED, leads(object, new Destination.OwnMailbox()));
        own.set(BACK, leads(object, new Destination.Back()));
        if (object instanceof Branch branch) {
            switch (branch.by()) {
                case Branch.By.OfHours hours -> own.set(FIRST_LEVEL + levels - 1);
                case Branch.By.OfSwitch(Ref turned) -> {
                    int level = classes.level(turned);
                    if (level >= 0) {
                        own.set(FIRST_LEVEL + level);
                    }
                }
                case Branch.By.OfCaller caller -> {
                    own.set(FIRST_LEVEL);
                    own.set(TAGS);
                }
                case Branch.By.OfLanguage language -> {}
                case Branch.By.OfAsk(Ref ask) ->
                    Optional.ofNullable(asks.get(ask)).ifPresent(own::set);
            }
        }
        if (object instanceof Route route && route.withheld().isPresent()) {
            own.set(FIRST_LEVEL);
        }
        return own;
    }

    /// Goes backwards until nothing changes. Menus that dial extensions lead to all of them, `own-mailbox` to any
    /// mailbox of an extension, `back` to any menu.
    private void spread(Map<Ref, List<Ref>> before, List<Ref> dialling, List<Ref> ownMailbox, List<Ref> back) {
        BitSet owned = new BitSet();
        Deque<Ref> changed = new ArrayDeque<>(flags.keySet());
        Set<Ref> mailboxes = new HashSet<>();
        plan.all(Extension.class).forEach(extension -> extension.mailbox().ifPresent(mailboxes::add));
        BitSet dialled = new BitSet();
        BitSet menus = new BitSet();
        while (!changed.isEmpty()) {
            Ref ref = changed.remove();
            BitSet from = flags.getOrDefault(ref, new BitSet());
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

    /// The levels of class sets that are asked from an object on.
    BitSet levels(Ref ref) {
        BitSet all = flags.getOrDefault(ref, new BitSet());
        return all.get(FIRST_LEVEL, FIRST_LEVEL + levels);
    }

    /// The state without what can no longer matter.
    State reduced(State state) {
        BitSet matters = flags.getOrDefault(state.at(), new BitSet());
        Context context = state.context();
        boolean tags = matters.get(TAGS);
        Optional<Context.Entry> entry = context.entry()
                .filter(found -> Optional.ofNullable(asks.get(found.ask()))
                        .filter(matters::get)
                        .isPresent());
        List<Context.Frame> menus = matters.get(BACK) ? context.menus() : List.of();
        if (!tags && !menus.isEmpty()) {
            menus = menus.stream()
                    .map(frame -> new Context.Frame(frame.menu(), frame.language(), List.of()))
                    .toList();
        }
        return new State(
                state.at(),
                state.stage(),
                new Context(
                        context.language(),
                        tags ? context.tags() : List.of(),
                        matters.get(FIRST_CALLED) ? context.firstCalled() : Optional.empty(),
                        menus,
                        entry));
    }
}
