package app.bittern.call;

import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Order;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Skill;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// How the agents of a queue are rung while one caller waits: round by round.
///
/// Who takes part is decided when a round begins: those who are in, free and joined by then, as listed; where the
/// order is by rank or by skill, by that first. Each rings for `ringEach`, one after another or all together,
/// and `pauseBetweenRounds` is between two rounds. A round in which nobody rings lasts that pause, at least a
/// second; an agent who becomes free while nobody rings is rung at once. An agent who takes a caller ahead, or
/// one who waits in a queue that comes first, is busy for the rest of this wait.
final class AgentRounds {
    /// An agent in this wait.
    ///
    /// @param joins the second from which the agent is rung; never where absent
    record There(Queue.Agent agent, Ringing.Phone phone, Optional<Integer> joins, Presence presence) {
        /// Whether the agent can ever take this call.
        boolean able() {
            return phone.can() && joins.isPresent();
        }

        boolean takesPart(int second) {
            return presence.free(second) && joins.filter(from -> from <= second).isPresent();
        }
    }

    /// An answer.
    ///
    /// @param second of the wait
    record Answer(There by, int second) {}

    private final Queue queue;
    private final BenchInHand bench;
    private final List<There> left;
    private final Map<Ref, Integer> before;
    private final int soonestUsedUp;
    private int ahead;
    private int second;
    private int rungToTheEnd;
    private Optional<Integer> usedUp = Optional.empty();
    private final List<Account.RungAt> rung = new ArrayList<>();

    /// @param there those who can take the call
    AgentRounds(Queue queue, Scene scene, List<There> there, Found found, BenchInHand bench) {
        this.queue = queue;
        this.bench = bench;
        this.ahead = found.ahead();
        this.before = before(queue, scene.plan(), bench);
        this.left = new ArrayList<>(there);
        left.sort(Comparator.comparingInt((There one) -> last(queue, found, one))
                .thenComparingInt(one -> -known(queue, scene.plan(), one.agent()))
                .thenComparingInt(
                        one -> queue.order() == Order.BY_RANK ? one.agent().rank() : 0));
        this.soonestUsedUp = soonestUsedUp(
                        queue,
                        there.stream().flatMap(one -> one.joins().stream()).toList())
                .orElse(Integer.MAX_VALUE);
    }

    /// Whoever this caller had last time comes first.
    private static int last(Queue queue, Found found, There one) {
        boolean same = queue.sameAgent()
                && found.lastAgent().filter(one.agent().party().phone()::equals).isPresent();
        return same ? 0 : 1;
    }

    /// How much somebody knows of what the queue needs, where that is the order.
    static int known(Queue queue, Plan plan, Queue.Agent agent) {
        if (queue.order() != Order.BY_SKILL) {
            return 0;
        }
        Map<String, Skill> skills = agent.extension()
                .flatMap(ref -> plan.find(ref, Extension.class))
                .map(Extension::skills)
                .orElse(Map.of());
        return queue.needs().stream()
                .flatMap(needs -> needs.skill().keySet().stream())
                .flatMap(skill -> Optional.ofNullable(skills.get(skill)).stream())
                .mapToInt(Skill::level)
                .sum();
    }

    /// How many wait in each queue whose callers come before these, the highest first; where one is only said
    /// to be full, nobody is counted.
    private static Map<Ref, Integer> before(Queue queue, Plan plan, BenchInHand bench) {
        Map<Ref, Integer> before = new LinkedHashMap<>();
        bench.bench().waiting().keySet().stream()
                .filter(ref -> ref.kind() == Kind.QUEUE)
                .flatMap(ref -> plan.find(ref, Queue.class).stream())
                .filter(other -> other.precedence() > queue.precedence())
                .sorted(Comparator.comparingInt(Queue::precedence).reversed().thenComparing(Queue::key))
                .forEach(other -> {
                    int waiting = bench.glance(other.ref()).ahead();
                    if (waiting > 0) {
                        before.put(other.ref(), waiting);
                    }
                });
        return before;
    }

    /// Whether somebody who waits elsewhere gets this agent first; then one less waits there.
    private boolean takenBefore(There agent, Plan plan) {
        for (Map.Entry<Ref, Integer> other : before.entrySet()) {
            boolean shares = other.getValue() > 0
                    && plan.find(other.getKey(), Queue.class).map(Queue::agents).orElse(List.of()).stream()
                            .anyMatch(one -> one.party().equals(agent.agent().party()));
            if (shares) {
                other.setValue(other.getValue() - 1);
                return true;
            }
        }
        return false;
    }

    /// Who takes this call, and when; nobody where that would be after the longest wait, or after it has ended.
    ///
    /// @param end the last second that counts
    Optional<Answer> answer(int end) {
        while (second <= end && !left.isEmpty() && usedUp.isEmpty()) {
            List<There> round =
                    left.stream().filter(one -> one.takesPart(second)).toList();
            Optional<Answer> answer = queue.order() == Order.EVERYONE ? together(round) : inTurn(round, end);
            if (answer.isEmpty()) {
                continue;
            }
            if (answer.get().second() > end) {
                return Optional.empty();
            }
            if (!takenBefore(answer.get().by(), bench.plan())) {
                if (ahead == 0) {
                    return answer;
                }
                ahead--;
            }
            left.remove(answer.get().by());
            second = answer.get().second();
        }
        return Optional.empty();
    }

    /// The phones in the order in which they were rung, by seconds of the wait.
    List<Account.RungAt> rung() {
        return rung;
    }

    /// The second at which the attempts were used up.
    Optional<Integer> usedUp() {
        return usedUp;
    }

    /// Counts phones that were rung to the end for this caller; an agent who becomes free between rounds is
    /// rung at once, which does not use the attempts up sooner than the rounds could.
    private void rungToTheEnd(int phones, int at) {
        if (ahead > 0 || before.values().stream().anyMatch(waiting -> waiting > 0)) {
            return;
        }
        rungToTheEnd += phones;
        if (phones > 0
                && at >= soonestUsedUp
                && rungToTheEnd >= queue.attempts().orElse(Integer.MAX_VALUE)) {
            usedUp = Optional.of(at);
        }
    }

    private Optional<Answer> together(List<There> round) {
        int begun = second;
        boolean rings = false;
        int silent = 0;
        int ends = 0;
        Optional<Answer> first = Optional.empty();
        for (There one : round) {
            Reaction reaction = rung(one, begun);
            rings |= Reaction.reachable(reaction);
            silent += toTheEnd(reaction) ? 1 : 0;
            ends = Math.max(ends, Reaction.reachable(reaction) ? rungFor(reaction) : 0);
            int at = answers(reaction);
            if (at >= 0
                    && first.filter(earlier -> earlier.second() <= begun + at).isEmpty()) {
                first = Optional.of(new Answer(one, begun + at));
            }
        }
        if (first.isEmpty()) {
            rungToTheEnd(silent, begun + ends);
            pause(begun, ends, rings);
        }
        return first;
    }

    private Optional<Answer> inTurn(List<There> round, int end) {
        int begun = second;
        int at = second;
        boolean rang = false;
        for (There one : round) {
            if (at > end) {
                second = at;
                return Optional.empty();
            }
            Reaction reaction = rung(one, at);
            int answers = answers(reaction);
            if (answers >= 0) {
                return Optional.of(new Answer(one, at + answers));
            }
            rang |= Reaction.reachable(reaction);
            at += Reaction.reachable(reaction) ? rungFor(reaction) : 0;
            rungToTheEnd(toTheEnd(reaction) ? 1 : 0, at);
            if (usedUp.isPresent()) {
                return Optional.empty();
            }
        }
        pause(begun, at - begun, rang);
        return Optional.empty();
    }

    private Reaction rung(There one, int at) {
        Reaction reaction = Rung.react(one.phone(), bench);
        if (Reaction.reachable(reaction)) {
            rung.add(new Account.RungAt(one.phone().party(), at));
        }
        return reaction;
    }

    /// How long a phone rings that is not answered.
    private int rungFor(Reaction reaction) {
        int each = queue.ringEach().value();
        return reaction instanceof Reaction.Declines(int after) ? Math.min(after, each) : each;
    }

    /// Whether a phone that is not answered rings to the end; who declines in time does not let it.
    private boolean toTheEnd(Reaction reaction) {
        boolean declined = reaction instanceof Reaction.Declines(int after)
                && after < queue.ringEach().value();
        return Reaction.reachable(reaction) && !declined && answers(reaction) < 0;
    }

    /// After how many seconds of ringing somebody answers in time; -1 where nobody does.
    private int answers(Reaction reaction) {
        int after = switch (reaction) {
            case Reaction.Answers(int seconds) -> seconds;
            case Reaction.Machine(int seconds) -> seconds;
            case Reaction.Silent silent -> -1;
            case Reaction.Declines declines -> -1;
            case Reaction.Busy busy -> -1;
            case Reaction.Off off -> -1;
        };
        return after <= queue.ringEach().value() ? after : -1;
    }

    /// Goes on to the next round: after the pause, or sooner where somebody becomes free while nobody rings.
    private void pause(int begun, int rang, boolean anybody) {
        int quiet = begun + rang;
        int pause = queue.pauseBetweenRounds().value();
        int next = anybody ? Math.max(begun + 1, quiet + pause) : begun + Math.max(1, pause);
        second = left.stream()
                .flatMap(one -> freed(one).stream())
                .filter(at -> at > Math.max(begun, quiet - 1) && at < next)
                .min(Integer::compare)
                .orElse(next);
    }

    /// The seconds at which an agent becomes free.
    private static List<Integer> freed(There one) {
        List<Integer> all = new ArrayList<>(one.presence().seconds());
        one.joins().ifPresent(all::add);
        return all.stream()
                .filter(at -> one.takesPart(at) && (at == 0 || !one.takesPart(at - 1)))
                .toList();
    }

    /// The soonest that the attempts of a queue can be used up: the least, over every second up to the last at
    /// which somebody joins in, of ringing from then on all who have joined, none of whom answers.
    ///
    /// @param joins when each joins in who can take the call
    static Optional<Integer> soonestUsedUp(Queue queue, List<Integer> joins) {
        if (queue.attempts().isEmpty() || joins.isEmpty()) {
            return Optional.empty();
        }
        int first = joins.stream().min(Integer::compare).orElseThrow();
        int last = joins.stream().max(Integer::compare).orElseThrow();
        int least = Integer.MAX_VALUE;
        for (int from = first; from <= last && from < least; from++) {
            least = Math.min(least, usedUp(queue, joins, from));
        }
        return Optional.of(least);
    }

    /// When the attempts are used up where all are silent and nobody is free before a second.
    private static int usedUp(Queue queue, List<Integer> joins, int from) {
        int each = queue.ringEach().value();
        int pause = queue.pauseBetweenRounds().value();
        int attempts = queue.attempts().orElseThrow();
        int rung = 0;
        int begun = from;
        while (begun < Integer.MAX_VALUE / 2) {
            int now = begun;
            int phones = (int) joins.stream().filter(join -> join <= now).count();
            boolean together = queue.order() == Order.EVERYONE;
            if (rung + phones >= attempts) {
                return begun + (together ? each : (attempts - rung) * each);
            }
            rung += phones;
            int quiet = begun + (together ? each : phones * each);
            int next = Math.max(begun + 1, quiet + pause);
            begun = joins.stream()
                    .filter(join -> join > Math.max(now, quiet - 1) && join < next)
                    .min(Integer::compare)
                    .orElse(next);
        }
        throw new IllegalStateException("attempts that are never used up");
    }
}
