package app.bittern.call;

import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// One caller's wait in a queue on a bench.
///
/// In one second an answer comes first, then a key, then that nobody is in any more, then the overflow.
final class Wait {
    private final Queue queue;
    private final Scene scene;
    private final BenchInHand bench;
    private final Found found;
    private final int joining;
    private final List<AgentRounds.There> there = new ArrayList<>();
    private final List<Heard> hears = new ArrayList<>();

    Wait(Queue queue, Scene scene, BenchInHand bench) {
        this.queue = queue;
        this.scene = scene;
        this.bench = bench;
        this.found = bench.arrive(queue.ref());
        this.joining = scene.length(queue.onJoining());
        for (Queue.Agent agent : queue.agents()) {
            there.add(new AgentRounds.There(agent, phone(agent, scene), bench.presence(agent)));
        }
    }

    static Ringing.Phone phone(Queue.Agent agent, Scene scene) {
        Member member = new Member(new Party.Inside(agent.extension()), new Seconds(0), false);
        return Ringing.phone(member, false, scene.plan());
    }

    /// The second of a wait at which the first whose phone can ring joins in; none where there is nobody.
    static Optional<Integer> soonest(Queue queue, Scene scene) {
        return queue.agents().stream()
                .filter(agent -> phone(agent, scene).can())
                .map(agent -> agent.joinsAfter().value())
                .min(Integer::compare);
    }

    boolean full() {
        return found.full(queue.longestLine());
    }

    /// Whether nobody is in at a second of the wait; who cannot ring does not count.
    boolean nobodyIn(int second) {
        return there.stream()
                .noneMatch(one -> one.phone().can() && one.presence().in(second));
    }

    /// Turned away on coming.
    Decision refused(Cause cause) {
        return Decision.atOnce(cause, account(Optional.empty()));
    }

    Decision decide() {
        queue.onJoining()
                .filter(prompt -> joining > 0)
                .ifPresent(prompt -> hears.add(new Heard(0, joining, Heard.Sound.SPEECH, scene.words(prompt))));
        int longest = queue.longestWait();
        int gone = gone(longest);
        int end = Math.min(longest, gone);
        // No phone is rung any more once the caller has left by a key.
        int left = said(bench.tried(), end, false, new ArrayList<>())
                .map(Pressed::second)
                .orElse(end);
        Optional<AgentRounds.Answer> answer = new AgentRounds(queue, able(), found.ahead(), bench).answer(left);
        int until = answer.map(AgentRounds.Answer::second).orElse(end);
        Optional<Pressed> pressed = said(bench, until, answer.isPresent(), hears);
        if (pressed.isPresent()) {
            return keyed(pressed.get());
        }
        if (answer.isPresent()) {
            Ref agent = answer.get().by().agent().extension();
            return decided(new Cause.Answered(), answer.get().second(), Optional.empty())
                    .answeredBy(new Party.Inside(agent));
        }
        return gone <= longest
                ? decided(new Cause.AgentsGone(), gone, Optional.empty())
                : decided(new Cause.Overflow(), longest, Optional.empty());
    }

    private List<AgentRounds.There> able() {
        return there.stream().filter(one -> one.phone().can()).toList();
    }

    /// The first second at which nobody is in, where callers are then moved; later than the wait where never.
    private int gone(int longest) {
        if (!queue.noAgents().moveWaiting()) {
            return longest + 1;
        }
        if (nobodyIn(0)) {
            return 0;
        }
        return there.stream()
                .flatMap(one -> one.presence().seconds().stream())
                .filter(second -> second <= longest && nobodyIn(second))
                .min(Integer::compare)
                .orElse(longest + 1);
    }

    /// A key that leads somewhere.
    private record Pressed(Queue.Meanwhile item, String key, int second) {}

    /// A key that the caller presses, at a second of the wait.
    ///
    /// @param atEnd whether it is pressed as what is said ends, and not at a second of its own
    private record Press(int second, String key, boolean atEnd) {}

    /// Plays what is said until a second, and takes the first key that has been offered by then; who answers
    /// in the same second comes first.
    ///
    /// @param hand  whose keys are taken
    /// @param heard where it is noted what is heard
    private Optional<Pressed> said(BenchInHand hand, int until, boolean answered, List<Heard> heard) {
        int last = answered ? until - 1 : until;
        List<Queue.Meanwhile> offered = new ArrayList<>();
        List<Press> coming = new ArrayList<>();
        Schedule schedule = Schedule.of(queue, scene, Math.min(until, queue.longestWait()));
        int second = 0;
        for (Optional<Schedule.Said> next = schedule.next(); next.isPresent(); next = schedule.next()) {
            Schedule.Said said = next.get();
            Optional<Pressed> before = pressed(coming, said.start() - 1, last, offered);
            if (before.isPresent()) {
                quiet(second, before.get().second(), heard);
                return before;
            }
            quiet(second, said.start(), heard);
            if (said.item().key().isPresent()) {
                offered.add(said.item());
                if (coming.isEmpty()) {
                    coming.addAll(asked(said, hand));
                }
            }
            // A key at a second of its own at which this ends may be for what is offered next.
            boolean atEnd = !coming.isEmpty() && coming.getFirst().atEnd();
            Optional<Pressed> during = pressed(coming, said.end() - (atEnd ? 0 : 1), last, offered);
            if (during.isPresent()) {
                speak(said, during.get().second(), heard);
                return during;
            }
            speak(said, Math.min(said.end(), until), heard);
            second = Math.max(said.start(), Math.min(said.end(), until));
        }
        Optional<Pressed> after = pressed(coming, last, last, offered);
        quiet(second, after.map(Pressed::second).orElse(until), heard);
        return after;
    }

    /// The keys that the caller presses when something is offered: at their seconds of the wait, those that
    /// are past left out; else at once or when it has been said.
    private static List<Press> asked(Schedule.Said said, BenchInHand hand) {
        KeyPress key = hand.take();
        List<Press> all = new ArrayList<>();
        for (int index = 0; index < key.at().size(); index++) {
            if (key.at().get(index) >= said.start()) {
                all.add(new Press(key.at().get(index), key.digits().substring(index, index + 1), false));
            }
        }
        if (!key.timed() && !key.silent()) {
            all.add(new Press(
                    key.atOnce() ? said.start() : said.end(), key.digits().substring(0, 1), !key.atOnce()));
        }
        return all;
    }

    /// The first of the keys pressed up to a second that leads somewhere; those pressed by then are used up.
    ///
    /// @param last the last second that counts
    private static Optional<Pressed> pressed(List<Press> coming, int until, int last, List<Queue.Meanwhile> offered) {
        while (!coming.isEmpty() && coming.getFirst().second() <= until) {
            Press press = coming.removeFirst();
            Optional<Queue.Meanwhile> item = offered.stream()
                    .filter(one -> press.second() <= last)
                    .filter(one -> one.key().equals(Optional.of(press.key())))
                    .findFirst();
            if (item.isPresent()) {
                return Optional.of(new Pressed(item.get(), press.key(), press.second()));
            }
        }
        return Optional.empty();
    }

    private void speak(Schedule.Said said, int until, List<Heard> heard) {
        if (until > said.start() && said.item().say().isPresent()) {
            heard.add(new Heard(joining + said.start(), joining + until, Heard.Sound.SPEECH, words(said.item())));
        }
    }

    private Decision keyed(Pressed pressed) {
        int second = joining + pressed.second();
        hears.add(new Heard(second, second, Heard.Sound.KEY, pressed.key()));
        Cause cause = pressed.item().callback() ? new Cause.Callback(pressed.key()) : new Cause.Key(pressed.key());
        return decided(cause, pressed.second(), Optional.of(pressed.item()));
    }

    /// @param second of the wait
    private Decision decided(Cause cause, int second, Optional<Queue.Meanwhile> pressed) {
        return Decision.of(cause, joining + second, hears, account(pressed)).speaking();
    }

    private Account account(Optional<Queue.Meanwhile> pressed) {
        List<Account.AtWork> agents = there.stream()
                .map(one -> new Account.AtWork(one.agent(), one.phone().can(), one.presence()))
                .toList();
        return new Account.InQueue(queue, found, agents, joining, pressed);
    }

    private void quiet(int from, int to, List<Heard> heard) {
        if (to > from) {
            heard.add(bench.waiting(
                    joining + from,
                    joining + to,
                    queue.hears(),
                    Heard.Sound.SILENCE,
                    queue.hears().map(scene::title).orElse("waiting")));
        }
    }

    private String words(Queue.Meanwhile item) {
        return item.say()
                .map(said -> switch (said) {
                    case Queue.Said.Words(Ref prompt) -> scene.words(prompt);
                    case Queue.Said.Position position -> "the place in the line";
                    case Queue.Said.ExpectedWait expected -> "the expected wait";
                })
                .orElse("");
    }
}
