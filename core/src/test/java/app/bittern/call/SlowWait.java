package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Order;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.ToIntFunction;

/// One wait in a queue, gone through second by second: in each an answer comes first, then a key, then that
/// nobody is in any more, then the overflow.
final class SlowWait {
    /// How it ends.
    ///
    /// @param how    answered, key, gone, overflow
    /// @param second of the wait
    /// @param keyed  what was pressed, and in a menu that keeps the place what was keyed there
    /// @param menu   that menu
    record End(String how, int second, Optional<Party> by, List<String> keyed, Optional<Menu> menu) {
        private static End of(String how, int second) {
            return new End(how, second, Optional.empty(), List.of(), Optional.empty());
        }
    }

    /// What holds of the call.
    ///
    /// @param spoken   the language
    /// @param holds    whether hours are in a state
    /// @param numbered whether the caller has a number
    record Call(
            Plan plan,
            String spoken,
            Predicate<Route.While> holds,
            boolean numbered,
            ToIntFunction<Ref> lengths,
            ToIntFunction<Spoken> said) {}

    /// Somebody who takes the queue's calls; in, busy, paused or out in each second, by their first letters.
    static final class Agent {
        private final Queue.Agent agent;
        private final List<Character> presence;
        private final boolean canRing;
        private final int joins;
        private int answersAt = -1;
        private int endsAt = -1;
        private boolean rungToTheEnd;

        Agent(Queue queue, Queue.Agent agent, List<Character> presence, boolean canRing, Call call) {
            this.agent = agent;
            this.presence = presence;
            this.joins = joins(queue, agent, call);
            this.canRing = canRing && joins != NEVER;
        }

        private static int joins(Queue queue, Queue.Agent agent, Call call) {
            int after = agent.joinsAfter().value();
            if (queue.needs().isEmpty()) {
                return after;
            }
            Queue.Needs needs = queue.needs().get();
            Optional<Extension> phone = agent.party() instanceof Party.Inside(Ref ref)
                    ? call.plan().find(ref, Extension.class)
                    : Optional.empty();
            boolean speaks = !needs.language()
                    || phone.filter(one -> one.languages().contains(call.spoken()))
                            .isPresent();
            boolean knows = true;
            for (String skill : needs.skill().keySet()) {
                knows &= phone.filter(one -> one.skills().containsKey(skill)
                                && one.skills()
                                                .get(skill)
                                                .compareTo(needs.skill().get(skill))
                                        >= 0)
                        .isPresent();
            }
            return speaks && knows
                    ? after
                    : needs.relaxAfter()
                            .map(relaxed -> Math.max(relaxed.value(), after))
                            .orElse(NEVER);
        }

        boolean in(int second) {
            return canRing && presence.get(second) != 'o';
        }

        private boolean takesPart(int second) {
            return second >= 0 && presence.get(second) == 'i' && joins <= second;
        }
    }

    /// Something said in the wait, and when it is due.
    private static final class Item {
        private final Queue.Meanwhile item;
        private final List<String> keys;
        private int due;

        private Item(Queue.Meanwhile item, List<String> keys) {
            this.item = item;
            this.keys = keys;
            this.due = item.first();
        }
    }

    private static final int NEVER = Integer.MAX_VALUE;

    private final Queue queue;
    private final SlowWorld world;
    private final Call call;
    private final List<Agent> all;
    private final int longest;
    private int ahead;
    private final Map<Queue, Integer> before = new LinkedHashMap<>();

    private final List<Agent> left = new ArrayList<>();
    private List<Agent> round = List.of();
    private boolean inRound;
    private int begun = -1;
    private int turn;
    private boolean anybodyRang;
    private int quietFrom;
    private int nextRound;
    private final int soonestUsedUp;
    private int rungToTheEnd;
    private boolean usedUp;

    private final List<Item> items = new ArrayList<>();
    private final List<Item> offered = new ArrayList<>();
    private final Map<Integer, String> presses = new HashMap<>();
    private int saidUntil;
    private String whenSaid = "";
    private Optional<SlowAside> aside = Optional.empty();

    SlowWait(Queue queue, SlowWorld world, Found found, List<Agent> agents, Call call) {
        this.queue = queue;
        this.world = world;
        this.call = call;
        this.ahead = found.ahead();
        this.all = agents;
        this.longest = queue.maxWait().orElse(Queue.LONGEST_WAIT).value();
        for (int turn = 0; turn <= 1; turn++) {
            for (int rank = 0; rank <= 1000; rank++) {
                for (Agent one : agents) {
                    boolean same = queue.sameAgentWithin().map(Seconds::value).orElse(0) > 0
                            && found.toString()
                                    .endsWith(", last " + one.agent.party().phone());
                    int its = queue.order() == Order.BY_RANK ? one.agent.rank() : 0;
                    if (its == rank && one.canRing && same == (turn == 0)) {
                        left.add(one);
                    }
                }
            }
        }
        for (int precedence = 100; precedence > queue.precedence(); precedence--) {
            for (Queue other : call.plan().all(Queue.class).toList()) {
                if (other.precedence() == precedence && world.speaksOf(other.ref())) {
                    before.put(other, world.wouldFind(other.ref()).ahead());
                }
            }
        }
        for (Queue.Meanwhile item : queue.meanwhile()) {
            if (item.enabled()
                    && item.holdsWhile().filter(call.holds().negate()).isEmpty()) {
                List<String> keys = item.keys().entrySet().stream()
                        .filter(key -> offers(key.getValue()))
                        .map(Map.Entry::getKey)
                        .toList();
                if (item.keys().isEmpty() || !keys.isEmpty()) {
                    items.add(new Item(item, keys));
                }
            }
        }
        this.soonestUsedUp = soonestUsedUp();
    }

    private boolean offers(Queue.Offer offer) {
        Queue.Callback how = queue.ringsBack();
        return offer instanceof Queue.Offer.Leads
                || (how.holdsWhile().filter(call.holds().negate()).isEmpty()
                        && (call.numbered() || how.number() != Queue.Callback.Numbers.CALLER));
    }

    /// The soonest that the attempts can be used up, stepping through the seconds from each in which ringing can
    /// begin, all phones silent.
    private int soonestUsedUp() {
        int least = NEVER;
        int last = left.stream().mapToInt(one -> one.joins).max().orElse(-1);
        for (int from = 0; queue.attempts().isPresent() && from <= last; from++) {
            least = Math.min(least, usedUpFrom(from));
        }
        return least;
    }

    private int usedUpFrom(int from) {
        int each = queue.ringEach().value();
        int rung = 0;
        int round = from;
        int quiet = -1;
        for (int second = from; second <= longest; second++) {
            int now = second;
            boolean joined = left.stream().anyMatch(one -> one.joins == now);
            boolean due = second >= round || (joined && second >= quiet);
            long phones = left.stream().filter(one -> one.joins <= now).count();
            if (!due || phones == 0) {
                continue;
            }
            for (int phone = 1; phone <= phones; phone++) {
                if (++rung >= queue.attempts().orElseThrow()) {
                    return second + (queue.order() == Order.EVERYONE ? each : phone * each);
                }
            }
            quiet = second + (queue.order() == Order.EVERYONE ? each : (int) phones * each);
            round = Math.max(second + 1, quiet + queue.pauseBetweenRounds().value());
            second = Math.max(second, quiet - 1);
        }
        return NEVER;
    }

    End run() {
        for (int second = 0; ; second++) {
            Optional<Agent> by = rings(second);
            if (by.isPresent()) {
                return new End("answered", second, by.map(one -> one.agent.party()), List.of(), Optional.empty());
            }
            Optional<End> pressed = says(second);
            if (pressed.isPresent()) {
                return pressed.get();
            }
            if (gone(second)) {
                return End.of("gone", second);
            }
            if (second == longest || usedUp) {
                return End.of("overflow", second);
            }
        }
    }

    /// Whether callers are moved on in a second, as nobody is in any more; nothing new is said to them then.
    private boolean gone(int second) {
        return queue.noAgents().moveWaiting() && all.stream().noneMatch(one -> one.in(second));
    }

    /// What the agents' phones do in a second: who takes this call.
    private Optional<Agent> rings(int second) {
        while (!usedUp) {
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
            if (by.isEmpty()) {
                return by;
            }
            // A caller who comes first is taken by this agent, and the next round begins in the same second.
            Optional<Queue> other = before.keySet().stream()
                    .filter(one -> before.getOrDefault(one, 0) > 0)
                    .filter(one -> one.agents().stream()
                            .anyMatch(
                                    agent -> agent.party().equals(by.get().agent.party())))
                    .findFirst();
            if (other.isPresent()) {
                before.merge(other.get(), -1, Integer::sum);
            } else if (ahead == 0) {
                return by;
            } else {
                ahead--;
            }
            left.remove(by.get());
            inRound = false;
            nextRound = second;
        }
        return Optional.empty();
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
            quietFrom = round.stream().mapToInt(one -> one.endsAt).max().orElse(second);
        }
    }

    /// Asks a phone once, and notes when it will be answered, or stops ringing.
    private void asks(Agent one, int second) {
        Reaction reaction = world.reacts(one.agent.party(), one.agent.keyToTake());
        int after = reaction instanceof Reaction.Answers(int answers)
                ? answers
                : reaction instanceof Reaction.Machine(int machine) ? machine : NEVER;
        int each = queue.ringEach().value();
        if (after <= each) {
            one.answersAt = second + after;
        }
        boolean rings = !(reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off);
        anybodyRang |= rings;
        one.endsAt = second
                + (!rings ? 0 : reaction instanceof Reaction.Declines(int declines) ? Math.min(declines, each) : each);
        one.rungToTheEnd = rings && !(reaction instanceof Reaction.Declines(int declines) && declines < each);
    }

    private void counts(int phones, int second) {
        boolean first = ahead == 0 && before.values().stream().allMatch(waiting -> waiting == 0);
        if (!first || phones == 0) {
            return;
        }
        rungToTheEnd += phones;
        usedUp = queue.attempts().filter(most -> rungToTheEnd >= most).isPresent() && second >= soonestUsedUp;
    }

    private Optional<Agent> together(int second) {
        Optional<Agent> by =
                round.stream().filter(one -> one.answersAt == second).findFirst();
        if (round.stream().allMatch(one -> one.answersAt < 0) && second >= quietFrom) {
            counts((int) round.stream().filter(one -> one.rungToTheEnd).count(), second);
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
            if (turn > 0) {
                counts(round.get(turn - 1).rungToTheEnd ? 1 : 0, second);
                if (usedUp) {
                    return Optional.empty();
                }
            }
            if (turn == round.size()) {
                pause();
                return Optional.empty();
            }
            asks(round.get(turn), second);
            quietFrom = round.get(turn).endsAt;
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
    private Optional<End> says(int second) {
        if (aside.isPresent()) {
            Optional<End> end = goesOn(aside.get(), second);
            if (end.isPresent() || aside.isPresent()) {
                return end;
            }
        }
        if (second == saidUntil && !whenSaid.isEmpty()) {
            String row = whenSaid;
            whenSaid = "";
            Optional<String> key = offeredOf(row);
            if (key.isPresent()) {
                return leads(key.get(), second);
            }
        }
        while (second < longest && second >= saidUntil && !gone(second) && !usedUp) {
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
        String row = presses.getOrDefault(second, "");
        presses.remove(second);
        return offeredOf(row).flatMap(key -> leads(key, second));
    }

    /// The first of keys pressed in a row that is offered; those behind it are dialled ahead.
    private Optional<String> offeredOf(String row) {
        for (int index = 0; index < row.length(); index++) {
            String key = row.substring(index, index + 1);
            if (offered(key)) {
                world.dialledAhead(new KeyPress(row, true), index + 1, 0);
                return Optional.of(key);
            }
        }
        return Optional.empty();
    }

    private boolean offered(String key) {
        return offered.stream().anyMatch(item -> item.keys.contains(key));
    }

    private Optional<End> leads(String key, int second) {
        Queue.Offer offer = offered.stream()
                .filter(item -> item.keys.contains(key))
                .findFirst()
                .orElseThrow()
                .item
                .keys()
                .get(key);
        End end = new End("key", second, Optional.empty(), List.of(key), Optional.empty());
        Optional<Menu> menu = offer instanceof Queue.Offer.Leads(Optional<Destination> to, boolean keeps) && keeps
                ? to.flatMap(Destination::target).flatMap(ref -> call.plan().find(ref, Menu.class))
                : Optional.empty();
        boolean asks = offer instanceof Queue.Offer.CallsBack
                && (queue.ringsBack().number() == Queue.Callback.Numbers.ASKED
                        || (queue.ringsBack().number() == Queue.Callback.Numbers.EITHER && !call.numbered()));
        Optional<Ask> ask =
                asks ? queue.ringsBack().ask().flatMap(ref -> call.plan().find(ref, Ask.class)) : Optional.empty();
        if (menu.isEmpty() && ask.isEmpty()) {
            return Optional.of(asks ? new End("hole", second, Optional.empty(), List.of(key), Optional.empty()) : end);
        }
        world.aside(second);
        SlowAside into = new SlowAside(menu, ask, new SlowKeys(call.plan(), world, call.said()), second, key);
        aside = Optional.of(into);
        whenSaid = "";
        return says(second);
    }

    /// A second in a menu or an ask: where it leads, or back into the wait.
    private Optional<End> goesOn(SlowAside into, int second) {
        boolean over = into.over(
                second,
                taken -> into.menu()
                        .map(menu -> menu.keys().get(taken))
                        .map(does -> does.say()
                                .map(prompt -> call.said().applyAsInt(prompt))
                                .orElse(0))
                        .orElse(0));
        if (!over) {
            presses.remove(second);
            return Optional.empty();
        }
        aside = Optional.empty();
        saidUntil = second;
        String taken = into.taken();
        boolean comesBack = into.menu()
                .map(menu -> menu.keys().get(taken))
                .flatMap(Menu.OnKey::to)
                .filter(to -> to instanceof Destination.Repeat || to instanceof Destination.Back)
                .isPresent();
        return taken.isEmpty() || comesBack
                ? Optional.empty()
                : Optional.of(new End(
                        "key",
                        second,
                        Optional.empty(),
                        into.menu().isPresent() ? List.of(into.pressed(), taken) : List.of(into.pressed()),
                        into.menu()));
    }

    private void say(Item one, int second) {
        Queue.Meanwhile item = one.item;
        saidUntil = second + item.length(call.lengths());
        int every = item.every().map(SlowWorld::seconds).orElse(0);
        while (every > 0 && one.due <= second) {
            one.due += every;
        }
        one.due = every > 0 ? one.due : NEVER;
        if (one.keys.isEmpty()) {
            return;
        }
        offered.add(one);
        boolean pressing = !whenSaid.isEmpty() || presses.keySet().stream().anyMatch(press -> press >= second);
        if (pressing) {
            return;
        }
        KeyPress key = world.take();
        for (int index = 0; index < key.at().size(); index++) {
            presses.putIfAbsent(key.at().get(index), key.digits().substring(index, index + 1));
        }
        if (!key.timed() && !key.silent()) {
            if (key.atOnce()) {
                presses.put(second, key.digits());
            } else {
                whenSaid = key.digits();
            }
        }
    }

    /// Where the key of an extension or of a menu leads that was keyed aside.
    static Optional<Ref> dialled(Plan plan, String digits) {
        return plan.find(new Ref(Kind.EXTENSION, digits)).map(found -> found.ref());
    }
}
