package app.bittern.compare;

import app.bittern.call.Bench;
import app.bittern.call.Carried;
import app.bittern.call.Cause;
import app.bittern.call.Found;
import app.bittern.call.Heard;
import app.bittern.call.Outcome;
import app.bittern.call.QueueStage;
import app.bittern.call.RungPhones;
import app.bittern.call.Staging;
import app.bittern.call.State;
import app.bittern.call.Transition;
import app.bittern.call.Visit;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

/// How an object itself treats callers otherwise in two plans, the world doing the same in both.
///
/// The visits that are looked at are those that can be the quickest or the slowest to leave it, in either plan,
/// and those that tell what one phone does: each that only one of them rings or rings otherwise, and every one
/// of an object that is another itself.
final class TreatedOtherwise {
    /// What a visit makes of the object in each plan, where that differs.
    ///
    /// @param possible whether what it makes in either plan is possible in the other as well
    record Visited(Visit visit, Staging.Staged before, Staging.Staged after, boolean possible) {
        /// Whether callers are led elsewhere: by doing the same at once, or by what only one of the plans
        /// knows. Who does the same later than the other plan waits is led elsewhere by the waiting, and told
        /// so.
        boolean leaves() {
            return apart() && (visit.atOnce() || !possible || !waits());
        }

        private boolean apart() {
            return !before.cause().equals(after.cause());
        }

        boolean waits() {
            return before.after() != after.after();
        }

        /// Whether other words or music are heard; or it rings or is silent otherwise, and not just longer.
        boolean hears() {
            return waits()
                    ? !played(before.hears())
                            .toList()
                            .equals(played(after.hears()).toList())
                    : !words(before.hears()).equals(words(after.hears()));
        }
    }

    /// More phones are hardly changed in one object; the first are enough to show that it rings others.
    private static final int MOST_PHONES = 100;

    /// Of so many it is also tried what they do while the others do something.
    private static final int MOST_AMONG_OTHERS = 8;

    private TreatedOtherwise() {}

    private static Stream<String> played(List<Heard> hears) {
        return hears.stream()
                .filter(heard -> heard.sound() == Heard.Sound.SPEECH || heard.sound() == Heard.Sound.MUSIC)
                .map(Heard::text)
                .distinct();
    }

    /// What is said and played, and whether it rings or is silent, without the seconds.
    static List<String> words(List<Heard> hears) {
        return hears.stream()
                .flatMap(heard -> switch (heard.sound()) {
                    case SPEECH, MUSIC -> Stream.of(heard.text());
                    case RINGING, SILENCE -> Stream.of(heard.sound().word());
                    case KEY, TONE -> Stream.empty();
                })
                .distinct()
                .toList();
    }

    /// Where a call stands in one plan, and what it carries.
    record Side(Plan plan, State state, Carried carried) {
        private Staging.Staged decided(Visit visit, Bench call) {
            return Staging.decided(plan, state, visit, call, carried);
        }

        private Map<String, Object> phones() {
            return RungPhones.of(plan, state);
        }
    }

    /// The visits that differ in two states of one object.
    ///
    /// @param itself whether the object itself is another, not only what it rings or says
    static List<Visited> of(Side before, Side after, Bench call, boolean itself) {
        Set<Visit> visits = new LinkedHashSet<>();
        Set<Cause> first = collect(before.plan(), before.state(), visits);
        Set<Cause> second = collect(after.plan(), after.state(), visits);
        List<String> differing = differing(before.phones(), after.phones());
        List<String> told = itself
                ? Stream.concat(differing.stream(), after.phones().keySet().stream())
                        .distinct()
                        .toList()
                : differing;
        for (Side side : List.of(before, after)) {
            differing.stream()
                    .limit(MOST_AMONG_OTHERS)
                    .forEach(phone -> visits.addAll(RungPhones.amongOthers(side.plan(), side.state(), phone)));
            told.stream()
                    .limit(MOST_PHONES)
                    .forEach(phone -> visits.addAll(RungPhones.alone(side.plan(), side.state(), phone)));
        }
        visits.addAll(whileOthersWait(before, visits, queue -> itself || differs(queue, after.plan())));
        visits.addAll(whileOthersWait(after, visits, queue -> itself || differs(queue, before.plan())));
        List<Visited> all = new ArrayList<>();
        for (Visit visit : visits) {
            Staging.Staged here = before.decided(visit, call);
            Staging.Staged there = after.decided(visit, call);
            boolean possible = first.contains(there.cause()) && second.contains(here.cause());
            Visited visited = new Visited(visit, here, there, possible);
            if (visited.leaves() || visited.waits() || visited.hears()) {
                all.add(visited);
            }
        }
        return all;
    }

    private static boolean differs(Queue queue, Plan other) {
        return !other.find(queue.ref()).equals(Optional.of(queue));
    }

    /// The same visits while callers wait in queues that share agents, one and more than there are agents.
    ///
    /// @param counts whether callers in a queue may be treated otherwise than before: it is another, or this one is
    private static List<Visit> whileOthersWait(Side side, Set<Visit> visits, Predicate<Queue> counts) {
        Optional<Queue> here =
                side.plan().find(side.state().at(), Queue.class).or(() -> QueueStage.in(side.plan(), side.state()));
        return here.stream()
                .flatMap(queue -> side.plan()
                        .all(Queue.class)
                        .filter(other -> !other.ref().equals(queue.ref()) && queue.sharesAgents(other))
                        .filter(counts)
                        .limit(MOST_AMONG_OTHERS)
                        .flatMap(other -> Stream.of(1, queue.agents().size() + 1)
                                .flatMap(ahead ->
                                        visits.stream().map(visit -> visit.with(other.ref(), new Found.Ahead(ahead))))))
                .toList();
    }

    /// The phones that only one of the plans rings, or that have another place in it.
    private static List<String> differing(Map<String, Object> before, Map<String, Object> after) {
        return Stream.concat(before.keySet().stream(), after.keySet().stream())
                .distinct()
                .filter(phone -> !Optional.ofNullable(before.get(phone)).equals(Optional.ofNullable(after.get(phone))))
                .toList();
    }

    /// Of the extensions that can be dialled one stands for all: where one cannot be dialled in one plan, its
    /// way out is on one side alone.
    ///
    /// @return every cause that is possible
    private static Set<Cause> collect(Plan plan, State state, Set<Visit> visits) {
        boolean dialled = false;
        Set<Cause> causes = new LinkedHashSet<>();
        for (Outcome outcome : Transition.outcomes(plan, state)) {
            boolean one = outcome.cause() instanceof Cause.Dialled;
            if (!one || !dialled) {
                visits.addAll(Staging.visits(plan, state, outcome.cause()));
            }
            dialled |= one;
            causes.add(outcome.cause());
        }
        return causes;
    }
}
