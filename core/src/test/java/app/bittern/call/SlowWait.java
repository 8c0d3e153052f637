package app.bittern.call;

import app.bittern.plan.Order;
import app.bittern.plan.Party;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;

/// One wait in a queue, gone through second by second: in each an answer comes first, then a key, then that
/// nobody is in any more, then the overflow.
final class SlowWait {
    /// How it ends.
    ///
    /// @param how    answered, key, gone, overflow
    /// @param second of the wait
    record End(String how, int second, Optional<Ref> by, Optional<Queue.Meanwhile> pressed) {}

    /// Somebody who takes the queue's calls; in, busy, paused or out in each second, by their first letters.
    static final class Agent {
        private final Queue.Agent agent;
        private final List<Character> presence;
        private final boolean canRing;
        private int answersAt = -1;

        Agent(Queue.Agent agent, List<Character> presence, boolean canRing) {
            this.agent = agent;
            this.presence = presence;
            this.canRing = canRing;
        }

        boolean in(int second) {
            return canRing && presence.get(second) != 'o';
        }

        private boolean takesPart(int second) {
            return second >= 0
                    && presence.get(second) == 'i'
                    && agent.joinsAfter().value() <= second;
        }
    }

    /// Something said in the wait, and when it is due.
    private static final class Item {
        private final Queue.Meanwhile item;
        private int due;

        private Item(Queue.Meanwhile item) {
            this.item = item;
            this.due = item.first();
        }
    }

    private static final int NEVER = Integer.MAX_VALUE;

    private final Queue queue;
    private final SlowWorld world;
    private final ToIntFunction<Ref> lengths;
    private final List<Agent> all;
    private final int longest;
    private int ahead;

    private final List<Agent> left = new ArrayList<>();
    private List<Agent> round = List.of();
    private boolean inRound;
    private int begun = -1;
    private int turn;
    private boolean anybodyRang;
    private int quietFrom;
    private int nextRound;

    private final List<Item> items;
    private final List<Queue.Meanwhile> offered = new ArrayList<>();
    private final Map<Integer, String> presses = new HashMap<>();
    private int saidUntil;
    private String whenSaid = "";

    SlowWait(Queue queue, SlowWorld world, int ahead, List<Agent> agents, ToIntFunction<Ref> lengths) {
        this.queue = queue;
        this.world = world;
        this.ahead = ahead;
        this.lengths = lengths;
        this.all = agents;
        this.longest = queue.maxWait().orElse(Queue.LONGEST_WAIT).value();
        for (int rank = 0; rank <= 1000; rank++) {
            for (Agent one : agents) {
                if (one.agent.rank() == rank && one.canRing) {
                    left.add(one);
                }
            }
        }
        this.items = queue.meanwhile().stream().map(Item::new).toList();
    }

    End run() {
        for (int second = 0; ; second++) {
            Optional<Agent> by = rings(second);
            if (by.isPresent()) {
                return new End("answered", second, by.map(one -> one.agent.extension()), Optional.empty());
            }
            Optional<Queue.Meanwhile> pressed = says(second);
            if (pressed.isPresent()) {
                return new End("key", second, Optional.empty(), pressed);
            }
            if (gone(second)) {
                return new End("gone", second, Optional.empty(), Optional.empty());
            }
            if (second == longest) {
                return new End("overflow", second, Optional.empty(), Optional.empty());
            }
        }
    }

    /// Whether callers are moved on in a second, as nobody is in any more; nothing new is said to them then.
    private boolean gone(int second) {
        return queue.noAgents().moveWaiting() && all.stream().noneMatch(one -> one.in(second));
    }

    /// What the agents' phones do in a second: who takes this call.
    private Optional<Agent> rings(int second) {
        while (true) {
            if (!inRound) {
                boolean freed = left.stream().anyMatch(one -> one.takesPart(second) && !one.takesPart(second - 1));
                if (second < nextRound && !(freed && second > begun && second >= quietFrom)) {
                    return Optional.empty();
                }
                begin(second);
            }
            Optional<Agent> by = queue.order() == Order.EVERYONE ? together(second) : inTurn(second);
            if (by.isEmpty() && !inRound && begun < second) {
                // Ringing has ended in this second: the next round may begin in it.
                continue;
            }
            if (by.isEmpty() || ahead == 0) {
                return by;
            }
            // A caller ahead is taken by this agent, and the next round begins in the same second.
            ahead--;
            left.remove(by.get());
            inRound = false;
            nextRound = second;
        }
    }

    private void begin(int second) {
        inRound = true;
        begun = second;
        anybodyRang = false;
        turn = 0;
        quietFrom = second;
        left.forEach(one -> one.answersAt = -1);
        round = left.stream().filter(one -> one.takesPart(second)).toList();
        if (queue.order() == Order.EVERYONE) {
            round.forEach(one -> asks(one, second));
            quietFrom = second + (anybodyRang ? queue.ringEach().value() : 0);
        }
    }

    /// Asks a phone once, and notes when it will be answered.
    private boolean asks(Agent one, int second) {
        Reaction reaction = world.reacts(new Party.Inside(one.agent.extension()), false);
        int after = reaction instanceof Reaction.Answers(int answers)
                ? answers
                : reaction instanceof Reaction.Machine(int machine) ? machine : NEVER;
        if (after <= queue.ringEach().value()) {
            one.answersAt = second + after;
        }
        boolean rings = !(reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off);
        anybodyRang |= rings;
        return rings;
    }

    private Optional<Agent> together(int second) {
        Optional<Agent> by =
                round.stream().filter(one -> one.answersAt == second).findFirst();
        if (round.stream().allMatch(one -> one.answersAt < 0)) {
            pause();
        }
        return by;
    }

    private Optional<Agent> inTurn(int second) {
        while (true) {
            if (turn > 0 && round.get(turn - 1).answersAt >= 0) {
                Agent one = round.get(turn - 1);
                return one.answersAt == second ? Optional.of(one) : Optional.empty();
            }
            if (second < quietFrom) {
                return Optional.empty();
            }
            if (turn == round.size()) {
                pause();
                return Optional.empty();
            }
            quietFrom =
                    second + (asks(round.get(turn), second) ? queue.ringEach().value() : 0);
            turn++;
        }
    }

    /// Nobody will take the call in this round.
    private void pause() {
        int pause = queue.pauseBetweenRounds().value();
        nextRound = anybodyRang ? Math.max(begun + 1, quietFrom + pause) : begun + Math.max(1, pause);
        inRound = false;
    }

    /// What is said and offered in a second, and where a key leads that is pressed in it. Who presses a key
    /// when something has been said presses it before the next is said.
    private Optional<Queue.Meanwhile> says(int second) {
        if (second == saidUntil && !whenSaid.isEmpty()) {
            String key = whenSaid;
            whenSaid = "";
            Optional<Queue.Meanwhile> leads = offered(key);
            if (leads.isPresent()) {
                return leads;
            }
        }
        while (second < longest && second >= saidUntil && !gone(second)) {
            Optional<Item> next = items.stream()
                    .filter(item -> item.due <= second)
                    .reduce((one, other) -> other.due < one.due ? other : one);
            if (next.isEmpty()) {
                break;
            }
            say(next.get(), second);
            if (saidUntil == second && !whenSaid.isEmpty()) {
                return says(second);
            }
        }
        return offered(presses.getOrDefault(second, ""));
    }

    private Optional<Queue.Meanwhile> offered(String key) {
        return offered.stream()
                .filter(item -> item.key().equals(Optional.of(key)))
                .findFirst();
    }

    private void say(Item one, int second) {
        Queue.Meanwhile item = one.item;
        saidUntil = second + item.length(lengths);
        int every = item.every().map(SlowWorld::seconds).orElse(0);
        int next = one.due + every;
        while (every > 0 && next + every <= saidUntil) {
            next += every;
        }
        one.due = every > 0 ? next : NEVER;
        if (item.key().isEmpty()) {
            return;
        }
        offered.add(item);
        boolean pressing = !whenSaid.isEmpty() || presses.keySet().stream().anyMatch(press -> press >= second);
        if (pressing) {
            return;
        }
        KeyPress key = world.take();
        for (int index = 0; index < key.at().size(); index++) {
            presses.putIfAbsent(key.at().get(index), key.digits().substring(index, index + 1));
        }
        if (!key.timed() && !key.silent()) {
            String first = key.digits().substring(0, 1);
            if (key.atOnce()) {
                presses.put(second, first);
            } else {
                whenSaid = first;
            }
        }
    }
}
