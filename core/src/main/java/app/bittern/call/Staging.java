package app.bittern.call;

import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Lookup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import app.bittern.plan.Trunk;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// What the world must do for a call to leave an object by a way out, at the earliest or at the latest.
///
/// For each way out the few visits that can be the quickest or the slowest are written down; the trace's own
/// rules say how long each takes.
public final class Staging {
    private Staging() {}

    /// A visit that leaves by a cause.
    ///
    /// @param after seconds from entering the object
    /// @param hears what the caller hears meanwhile
    /// @param visit exactly what it uses
    public record Staged(Cause cause, int after, List<Heard> hears, Visit visit) {
        public Staged {
            hears = List.copyOf(hears);
        }
    }

    /// How many causes of one way are tried.
    private static final int MOST_TRIED = 40;

    /// The quickest or the slowest visit that leaves a state by one of some causes; none where the rules know
    /// no such visit.
    ///
    /// @param call   who calls when, with which switches turned where
    /// @param carried what the call carries when it comes there
    /// @param latest whether it is to be the slowest
    public static Optional<Staged> staged(
            Plan plan, State state, List<Cause> causes, Bench call, Carried carried, boolean latest) {
        Optional<Staged> best = Optional.empty();
        for (Cause cause : some(causes)) {
            for (Visit visit : visits(plan, state, cause)) {
                Staged staged = decided(plan, state, visit, call, carried);
                boolean better = best.isEmpty()
                        || (latest
                                ? staged.after() > best.get().after()
                                : staged.after() < best.get().after());
                if (staged.cause().equals(cause) && better) {
                    best = Optional.of(staged);
                }
            }
        }
        return best;
    }

    /// Of many contacts whose digits lead to the same the first: others take as long, or a key longer.
    private static List<Cause> some(List<Cause> causes) {
        return causes.size() <= MOST_TRIED ? causes : causes.subList(0, MOST_TRIED);
    }

    /// What a visit makes of a state.
    ///
    /// @param call   who calls when, with which switches turned where
    /// @param carried what the call carries when it comes there
    public static Staged decided(Plan plan, State state, Visit visit, Bench call, Carried carried) {
        BenchInHand hand = new BenchInHand(visit.on(call), plan).carrying(carried);
        Decision decision = Transition.decide(plan, state, hand);
        return new Staged(decision.cause(), decision.after(), decision.hears(), hand.used());
    }

    /// The visits that can be the quickest or the slowest to leave a state by a cause.
    public static List<Visit> visits(Plan plan, State state, Cause cause) {
        Scene scene = new Scene(plan, state);
        return switch (plan.find(state.at()).orElseThrow()) {
            case Menu menu -> new KeyStaging(scene).visits(menu, cause);
            case Ask ask -> new KeyStaging(scene).visits(ask, cause);
            case Mailbox mailbox -> visits(mailbox, scene, cause);
            case Extension extension when state.context().dials().isPresent() -> List.of(Visit.NONE);
            case Extension extension when cause instanceof Cause.Forwarded -> List.of(Visit.NONE);
            case Extension extension ->
                visits(
                        Ringing.alone(new Party.Inside(extension.ref()), false, plan),
                        extension.ringFor().value(),
                        cause);
            case RingGroup group ->
                visits(Ringing.of(group, plan), group.ringFor().value(), cause);
            case HuntGroup group -> visits(group, Ringing.of(group, plan), cause, Integer.MAX_VALUE);
            case Chain chain
            when state.stage() < chain.stages().size() -> {
                Chain.Stage stage = chain.stages().get(state.stage());
                Optional<QueueStage> queue = QueueStage.of(stage, scene);
                if (queue.isPresent()) {
                    yield queue.get().visits(cause);
                }
                Optional<HuntGroup> hunts = stage.rung(plan, HuntGroup.class);
                if (hunts.isPresent()) {
                    yield visits(
                            hunts.get(),
                            Ringing.of(hunts.get(), plan),
                            cause,
                            stage.time().value());
                }
                yield visits(Ringing.of(stage, plan), stage.time().value(), cause);
            }
            case Chain chain -> List.of(Visit.NONE);
            case Queue queue -> new QueueStaging(queue, scene).visits(cause);
            case Route route -> List.of(Visit.NONE);
            case Branch branch
            when cause instanceof Cause.Looked looked -> {
                Ref lookup = branch.by().target().orElseThrow();
                yield says(plan, lookup, looked.answer())
                        .map(says -> Visit.NONE.with(lookup, says))
                        .toList();
            }
            case Branch branch -> List.of(Visit.NONE);
            case Announcement announcement -> List.of(Visit.NONE);
            case Page page -> List.of(Visit.NONE);
            case Code code -> List.of(Visit.NONE);
            case Switch turned -> List.of(Visit.NONE);
            case Outbound outbound -> List.of(visit(outbound, scene, cause));
            case Aside aside -> throw new IllegalArgumentException("no call comes to " + aside.ref());
        };
    }

    /// Key 0 at once, or as the greeting ends.
    private static List<Visit> visits(Mailbox mailbox, Scene scene, Cause cause) {
        if (cause instanceof Cause.Full) {
            return List.of(Visit.finding(mailbox.ref(), new Found.Full()));
        }
        if (!(cause instanceof Cause.KeyZero)) {
            return List.of(Visit.NONE);
        }
        return Stream.of(0, scene.length(MailboxBehaviour.greeting(mailbox, scene)))
                .distinct()
                .map(second -> Visit.keyed(List.of(second == 0 ? new KeyPress("0", true) : KeyPress.at("0", second))))
                .toList();
    }

    /// A lookup says something at once, or as late as it is waited for.
    static Stream<Found> says(Plan plan, Ref lookup, Answer answer) {
        int late = plan.find(lookup, Lookup.class).orElseThrow().answersWithin().value();
        return Stream.of(0, late).map(after -> new Found.Says(answer, after));
    }

    /// Trunks are full up to the one by which the call goes out.
    private static Visit visit(Outbound outbound, Scene scene, Cause cause) {
        if (cause instanceof Cause.Barred) {
            return Visit.NONE;
        }
        Map<Ref, List<Found>> found = new LinkedHashMap<>();
        OutboundBehaviour.trunks(outbound, scene)
                .map(Trunk::ref)
                .takeWhile(trunk -> !cause.equals(new Cause.ByTrunk(trunk)))
                .forEach(trunk -> found.put(trunk, List.of(new Found.Full())));
        return new Visit(List.of(), Map.of(), Map.of(), found);
    }

    /// Phones rung together.
    private static List<Visit> visits(Ringing ringing, int seconds, Cause cause) {
        List<Ringing.Phone> able = ringing.able();
        if (cause instanceof Cause.Answered) {
            return able.stream()
                    .filter(phone -> ringing.rings(phone, seconds))
                    .min(Comparator.comparingInt(Ringing.Phone::from))
                    .map(first -> List.of(answering(first, 0), answering(first, seconds - first.from())))
                    .orElse(List.of());
        }
        if (cause instanceof Cause.NoAnswer) {
            return Stream.concat(
                            Stream.of(Visit.NONE),
                            able.stream()
                                    .filter(phone -> phone.keyToTake() && ringing.rings(phone, seconds))
                                    .min(Comparator.comparingInt(Ringing.Phone::from))
                                    .map(first -> only(able, first, List.of(new Reaction.Declines(0))))
                                    .stream())
                    .toList();
        }
        return nobodyRings(able, cause);
    }

    private static Visit answering(Ringing.Phone phone, int after) {
        return Visit.rung(Map.of(number(phone), List.of(new Reaction.Answers(after))));
    }

    /// Phones rung one after another.
    ///
    /// @param time how long at the most
    private static List<Visit> visits(HuntGroup group, Ringing ringing, Cause cause, int time) {
        List<Ringing.Phone> able = ringing.able();
        if (cause instanceof Cause.Answered) {
            Map<String, List<Reaction>> late = new LinkedHashMap<>();
            int each = group.ringEach().value();
            int longest = Math.min(time, HuntGroupBehaviour.longest(group, able));
            // The last turn that begins in time.
            int turns = each == 0 ? 1 : Math.max(1, (longest + each - 1) / each);
            for (int turn = 1; turn <= turns; turn++) {
                late.computeIfAbsent(number(able.get((turn - 1) % able.size())), phone -> new ArrayList<>())
                        .add(turn < turns ? new Reaction.Silent() : new Reaction.Answers(longest - (turns - 1) * each));
            }
            return List.of(answering(able.getFirst(), 0), Visit.rung(late));
        }
        if (cause instanceof Cause.NoAnswer) {
            List<Visit> all = new ArrayList<>(List.of(
                    Visit.NONE, only(able, able.getFirst(), List.of(new Reaction.Silent(), new Reaction.Off()))));
            able.stream()
                    .filter(Ringing.Phone::keyToTake)
                    .findFirst()
                    .ifPresent(phone -> all.add(only(able, phone, List.of(new Reaction.Declines(0)))));
            return all;
        }
        return nobodyRings(able, cause);
    }

    /// Where some phone is busy, or every one is off.
    private static List<Visit> nobodyRings(List<Ringing.Phone> able, Cause cause) {
        if (!(cause instanceof Cause.Busy || cause instanceof Cause.Unreachable)) {
            throw noSuch(cause);
        }
        Map<String, List<Reaction>> phones = new LinkedHashMap<>();
        for (Ringing.Phone phone : able) {
            boolean busy = cause instanceof Cause.Busy && phone.busy();
            phones.put(number(phone), List.of(busy ? new Reaction.Busy() : new Reaction.Off()));
        }
        return List.of(Visit.rung(phones));
    }

    /// One phone reacts, all others are off.
    private static Visit only(List<Ringing.Phone> able, Ringing.Phone one, List<Reaction> reactions) {
        Map<String, List<Reaction>> phones = new LinkedHashMap<>();
        able.forEach(phone -> phones.put(number(phone), List.of(new Reaction.Off())));
        phones.put(number(one), reactions);
        return Visit.rung(phones);
    }

    static IllegalArgumentException noSuch(Cause cause) {
        return new IllegalArgumentException("nothing is left here by " + cause.id());
    }

    private static String number(Ringing.Phone phone) {
        return phone.party().phone();
    }
}
