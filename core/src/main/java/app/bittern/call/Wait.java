package app.bittern.call;

import app.bittern.plan.Extension;
import app.bittern.plan.Order;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// One caller's wait in a queue on a bench.
///
/// Agents are there who are always in or have logged in, and whose phone is not off; they are rung rank by rank, as
/// listed within one, each for `ringEach`, with `pauseBetweenRounds` between rounds (all together where the order is
/// everyone). Callers already waiting come first: each takes the next agent who answers, who is then busy.
final class Wait {
    private final Queue queue;
    private final Scene scene;
    private final BenchInHand bench;
    private final int entry;
    private final List<There> there = new ArrayList<>();
    private final List<Heard> hears = new ArrayList<>();

    /// An agent who is there.
    private record There(Queue.Agent agent, PhoneState phone) {
        boolean idle() {
            return !(phone instanceof PhoneState.Busy);
        }
    }

    /// An answer, counted from the beginning of the wait.
    private record Answer(There by, int second) {}

    /// One time something is said or offered.
    private record Said(int second, Queue.Meanwhile item) {}

    Wait(Queue queue, Scene scene, BenchInHand bench) {
        this.queue = queue;
        this.scene = scene;
        this.bench = bench;
        this.entry = scene.length(queue.onJoining());
        for (Queue.Agent agent : queue.agents()) {
            boolean in = !agent.byPhone()
                    || bench.bench().agents().contains(agent.extension().key());
            PhoneState phone = phone(agent.extension());
            if (in && !(phone instanceof PhoneState.Off)) {
                there.add(new There(agent, phone));
            }
        }
    }

    private PhoneState phone(Ref extension) {
        return scene.plan()
                .find(extension, Extension.class)
                .map(found -> Phones.state(found, bench.bench()))
                .orElseGet(PhoneState.Off::new);
    }

    boolean nobodyThere() {
        return there.isEmpty();
    }

    /// Why each agent is there or not.
    List<Why> logins() {
        return queue.agents().stream()
                .map(agent -> {
                    String who = "agent " + scene.title(agent.extension());
                    boolean loggedIn =
                            bench.bench().agents().contains(agent.extension().key());
                    return there.stream().anyMatch(one -> one.agent().equals(agent))
                            ? Why.held(who, agent.byPhone() ? "logged in by phone" : "always in")
                            : Why.not(who, agent.byPhone() && !loggedIn ? "not logged in" : "the phone is off");
                })
                .toList();
    }

    Decision decide(List<Why> before) {
        List<Why> why = new ArrayList<>(before);
        queue.onJoining()
                .filter(prompt -> entry > 0)
                .ifPresent(prompt -> hears.add(new Heard(0, entry, Heard.Sound.SPEECH, scene.words(prompt))));
        if (nobodyThere() && queue.noAgents().moveWaiting()) {
            why.add(Why.held("no agents", "nobody is logged in, and callers then leave"));
            return decided(
                    new Cause.AgentsGone(),
                    0,
                    "nobody is logged in",
                    queue.noAgents().to(),
                    why);
        }
        Optional<Answer> answer = answer();
        int end = answer.map(Answer::second).orElse(queue.longestWait());
        int second = 0;
        for (Said said : said()) {
            int start = Math.max(second, said.second());
            if (start >= end) {
                break;
            }
            quiet(second, start);
            int until = Math.min(start + length(said.item()), end);
            KeyPress key = said.item().key().isPresent() ? bench.take() : KeyPress.SILENCE;
            if (!key.silent() && key.atOnce()) {
                until = start;
            }
            if (until > start) {
                hears.add(new Heard(entry + start, entry + until, Heard.Sound.SPEECH, words(said.item())));
            }
            second = until;
            Optional<Queue.Meanwhile> taken = taken(key, until, end, answer.isPresent());
            if (taken.isPresent()) {
                return keyed(key, taken.get(), until, why);
            }
        }
        quiet(second, end);
        return answer.map(one -> answered(one, why)).orElseGet(() -> {
            why.add(Why.not("answered", "no agent took the call within the longest wait"));
            why.add(Why.held(
                    "overflow",
                    "the longest wait of "
                            + Optional.of(queue.longestWait())
                                    .map(s -> s + " s")
                                    .orElse("") + " is over"));
            return decided(new Cause.Overflow(), end, "nobody took the call", queue.overflow(), why);
        });
    }

    /// What a key leads to, if it has been offered by then; whoever answers in the same second comes first.
    private Optional<Queue.Meanwhile> taken(KeyPress key, int second, int end, boolean answered) {
        if (key.silent() || (second >= end && answered)) {
            return Optional.empty();
        }
        return QueueBehaviour.inOrder(queue).stream()
                .filter(item -> item.first() <= second && item.key().equals(Optional.of(key.digits())))
                .findFirst();
    }

    private Decision keyed(KeyPress key, Queue.Meanwhile item, int second, List<Why> why) {
        hears.add(new Heard(entry + second, entry + second, Heard.Sound.KEY, key.digits()));
        why.add(Why.held("key " + key.digits(), "offered and pressed"));
        Cause cause = item.callback() ? new Cause.Callback(key.digits()) : new Cause.Key(key.digits());
        return Decision.of(
                        cause,
                        entry + second,
                        "Key " + key.digits() + " in " + queue.title() + ": "
                                + (item.callback() ? "the caller will be called back" : "to " + scene.words(item.to())),
                        hears,
                        why)
                .speaking();
    }

    private Decision answered(Answer answer, List<Why> why) {
        Ref agent = answer.by().agent().extension();
        why.add(Why.held("answered", scene.title(agent) + " takes the call after a wait of " + answer.second() + " s"));
        return Decision.of(
                        new Cause.Answered(),
                        entry + answer.second(),
                        scene.title(agent) + " answers in " + queue.title() + " after a wait of " + answer.second()
                                + " s",
                        hears,
                        why)
                .answeredBy(agent.toString())
                .speaking();
    }

    private Decision decided(
            Cause cause, int second, String what, Optional<app.bittern.plan.Destination> to, List<Why> why) {
        return Decision.of(
                        cause,
                        entry + second,
                        queue.title() + ": " + what + " in " + second + " s: to " + scene.words(to),
                        hears,
                        why)
                .speaking();
    }

    private void quiet(int from, int to) {
        if (to > from) {
            Heard.Sound sound = queue.hears().isPresent() ? Heard.Sound.MUSIC : Heard.Sound.SILENCE;
            hears.add(new Heard(
                    entry + from,
                    entry + to,
                    sound,
                    queue.hears().map(scene::title).orElse("waiting")));
        }
    }

    private int length(Queue.Meanwhile item) {
        return item.length(prompt -> scene.length(Optional.of(prompt)));
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

    /// Everything said and offered, in the order of time, before the longest wait is over.
    private List<Said> said() {
        List<Said> all = new ArrayList<>();
        queue.meanwhile()
                .forEach(item -> item.seconds(queue.longestWait()).forEach(second -> all.add(new Said(second, item))));
        all.sort(Comparator.comparingInt(Said::second));
        return all;
    }

    /// Who takes this call, and when.
    private Optional<Answer> answer() {
        List<There> idle = new ArrayList<>(there.stream()
                .filter(There::idle)
                .sorted(Comparator.comparingInt((There one) -> one.agent().rank()))
                .toList());
        int ahead = bench.bench().waiting().getOrDefault(queue.ref(), 0);
        int second = 0;
        while (second <= queue.longestWait() && idle.stream().anyMatch(this::answersInTime)) {
            Optional<Answer> next = round(idle, second);
            if (next.isEmpty()) {
                second = after(idle, second);
                continue;
            }
            if (next.get().second() > queue.longestWait()) {
                return Optional.empty();
            }
            if (ahead == 0) {
                return next;
            }
            ahead--;
            idle.remove(next.get().by());
            second = next.get().second();
        }
        return Optional.empty();
    }

    private boolean answersInTime(There one) {
        return one.phone() instanceof PhoneState.Answers(int after)
                && after <= queue.ringEach().value();
    }

    private List<There> joined(List<There> idle, int second) {
        return idle.stream()
                .filter(one -> one.agent().joinsAfter().value() <= second)
                .toList();
    }

    private Optional<Answer> round(List<There> idle, int start) {
        int second = start;
        Optional<Answer> first = Optional.empty();
        for (There one : joined(idle, start)) {
            if (one.phone() instanceof PhoneState.Answers(int after) && answersInTime(one)) {
                Answer answer = new Answer(one, second + after);
                if (queue.order() != Order.EVERYONE) {
                    return Optional.of(answer);
                }
                first = first.filter(earlier -> earlier.second() <= answer.second())
                        .or(() -> Optional.of(answer));
            }
            second += queue.order() == Order.EVERYONE ? 0 : queue.ringEach().value();
        }
        return first;
    }

    /// When the next round begins: at least a second later, so that a queue that rings for no time goes on.
    private int after(List<There> idle, int start) {
        List<There> rung = joined(idle, start);
        int rings = queue.order() == Order.EVERYONE ? Math.min(1, rung.size()) : rung.size();
        if (rung.isEmpty()) {
            return idle.stream()
                    .mapToInt(one -> one.agent().joinsAfter().value())
                    .filter(second -> second > start)
                    .min()
                    .orElse(queue.longestWait() + 1);
        }
        return start
                + Math.max(
                        1,
                        rings * queue.ringEach().value()
                                + queue.pauseBetweenRounds().value());
    }
}
