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
        Optional<AgentRounds.Answer> answer = new AgentRounds(queue, able(), found.ahead(), bench).answer(end);
        int until = answer.map(AgentRounds.Answer::second).orElse(end);
        Optional<Pressed> pressed = said(until, answer.isPresent());
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

    /// Plays what is said until a second, and takes the first key that has been offered by then; who answers
    /// in the same second comes first.
    private Optional<Pressed> said(int until, boolean answered) {
        int last = answered ? until - 1 : until;
        Optional<KeyPress> timed = Optional.empty();
        int at = Integer.MAX_VALUE;
        List<Queue.Meanwhile> offered = new ArrayList<>();
        Schedule schedule = Schedule.of(queue, scene, Math.min(until, queue.longestWait()));
        int second = 0;
        for (Optional<Schedule.Said> next = schedule.next(); next.isPresent(); next = schedule.next()) {
            Schedule.Said said = next.get();
            if (offered.isEmpty() && said.item().key().isPresent()) {
                // A key is asked for from the first offer on; a wait that ends before it leaves the keys alone.
                timed = Optional.of(bench.peek()).filter(KeyPress::timed);
                timed.ifPresent(key -> bench.take());
                at = timed.map(key -> key.second(0, 0)).orElse(Integer.MAX_VALUE);
            }
            if (at < said.start() && at <= last) {
                Optional<Pressed> pressed = taken(offered, timed.orElseThrow(), at, second);
                if (pressed.isPresent()) {
                    return pressed;
                }
                at = Integer.MAX_VALUE;
            }
            quiet(second, said.start());
            said.item().key().ifPresent(key -> offered.add(said.item()));
            KeyPress key = said.item().key().isPresent() && timed.isEmpty() ? bench.take() : KeyPress.SILENCE;
            int ends = key.silent() ? said.end() : key.atOnce() ? said.start() : said.end();
            int pressedAt = timed.isPresent() ? at : key.silent() ? Integer.MAX_VALUE : ends;
            KeyPress press = timed.orElse(key);
            // A key at the very second at which this ends is for what is offered by then.
            boolean during = press.timed() ? pressedAt < said.end() : pressedAt <= said.end();
            if (during && pressedAt <= last) {
                if (offers(offered, press)) {
                    int heard = Math.max(said.start(), Math.min(said.end(), pressedAt));
                    speak(said, heard);
                    return taken(offered, press, pressedAt, heard);
                }
                // A key that is not offered is ignored, and what is said goes on.
                at = Integer.MAX_VALUE;
            }
            if (second < said.end()) {
                speak(said, Math.min(said.end(), until));
                second = Math.min(said.end(), until);
            }
        }
        if (at <= last) {
            Optional<Pressed> pressed = taken(offered, timed.orElseThrow(), at, second);
            if (pressed.isPresent()) {
                return pressed;
            }
        }
        quiet(second, until);
        return Optional.empty();
    }

    private static boolean offers(List<Queue.Meanwhile> offered, KeyPress key) {
        String digit = key.digits().substring(0, 1);
        return offered.stream().anyMatch(item -> item.key().equals(Optional.of(digit)));
    }

    private Optional<Pressed> taken(List<Queue.Meanwhile> offered, KeyPress key, int second, int heard) {
        String digit = key.digits().substring(0, 1);
        Optional<Pressed> pressed = offered.stream()
                .filter(item -> item.key().equals(Optional.of(digit)))
                .findFirst()
                .map(item -> new Pressed(item, digit, second));
        pressed.ifPresent(one -> quiet(heard, second));
        return pressed;
    }

    private void speak(Schedule.Said said, int until) {
        if (until > said.start() && said.item().say().isPresent()) {
            hears.add(new Heard(joining + said.start(), joining + until, Heard.Sound.SPEECH, words(said.item())));
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

    private void quiet(int from, int to) {
        if (to > from) {
            hears.add(bench.waiting(
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
