package app.bittern.call;

import app.bittern.plan.Order;
import app.bittern.plan.Queue;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// How the agents of a queue are rung while one caller waits: round by round.
///
/// Who takes part is decided when a round begins: those who are in, free and joined by then, rank by rank, as listed
/// within one. Each rings for `ringEach`, one after another or all together, and `pauseBetweenRounds` is between two
/// rounds. A round in which nobody rings lasts that pause, at least a second; an agent who becomes free while nobody
/// rings is rung at once. An agent who takes a caller ahead is busy for the rest of this wait.
final class AgentRounds {
    /// An agent in this wait.
    record There(Queue.Agent agent, Ringing.Phone phone, Presence presence) {
        boolean takesPart(int second) {
            return presence.free(second) && agent.joinsAfter().value() <= second;
        }
    }

    /// An answer.
    ///
    /// @param second of the wait
    record Answer(There by, int second) {}

    private final Queue queue;
    private final BenchInHand bench;
    private final List<There> left;
    private int ahead;
    private int second;

    AgentRounds(Queue queue, List<There> there, int ahead, BenchInHand bench) {
        this.queue = queue;
        this.bench = bench;
        this.ahead = ahead;
        this.left = new ArrayList<>(there.stream()
                .sorted(Comparator.comparingInt((There one) -> one.agent().rank()))
                .toList());
    }

    /// Who takes this call, and when; nobody where that would be after the longest wait, or after it has ended.
    ///
    /// @param end the last second that counts
    Optional<Answer> answer(int end) {
        while (second <= end && !left.isEmpty()) {
            List<There> round =
                    left.stream().filter(one -> one.takesPart(second)).toList();
            Optional<Answer> answer = queue.order() == Order.EVERYONE ? together(round) : inTurn(round, end);
            if (answer.isEmpty()) {
                continue;
            }
            if (answer.get().second() > end) {
                return Optional.empty();
            }
            if (ahead == 0) {
                return answer;
            }
            ahead--;
            left.remove(answer.get().by());
            second = answer.get().second();
        }
        return Optional.empty();
    }

    private Optional<Answer> together(List<There> round) {
        int begun = second;
        boolean rings = false;
        Optional<Answer> first = Optional.empty();
        for (There one : round) {
            Reaction reaction = Rung.react(one.phone(), bench);
            rings |= rings(reaction);
            int at = answers(reaction);
            if (at >= 0
                    && first.filter(earlier -> earlier.second() <= begun + at).isEmpty()) {
                first = Optional.of(new Answer(one, begun + at));
            }
        }
        if (first.isEmpty()) {
            pause(begun, rings ? queue.ringEach().value() : 0, rings);
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
            Reaction reaction = Rung.react(one.phone(), bench);
            int answers = answers(reaction);
            if (answers >= 0) {
                return Optional.of(new Answer(one, at + answers));
            }
            rang |= rings(reaction);
            at += rings(reaction) ? queue.ringEach().value() : 0;
        }
        pause(begun, at - begun, rang);
        return Optional.empty();
    }

    private static boolean rings(Reaction reaction) {
        return !(reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off);
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
        all.add(one.agent().joinsAfter().value());
        return all.stream()
                .filter(at -> one.takesPart(at) && (at == 0 || !one.takesPart(at - 1)))
                .toList();
    }
}
