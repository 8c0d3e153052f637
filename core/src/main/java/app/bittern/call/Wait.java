package app.bittern.call;

import app.bittern.plan.Extension;
import app.bittern.plan.Member;
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
    private final QueueCourse course;
    private final List<AgentRounds.There> there = new ArrayList<>();
    private final List<Heard> hears = new ArrayList<>();
    private List<Account.RungAt> rung = List.of();

    /// @param scene with the language that the queue speaks
    Wait(Queue queue, Scene scene, BenchInHand bench) {
        this.queue = queue;
        this.scene = scene;
        this.bench = bench;
        this.found = bench.arrive(queue.ref());
        this.course = QueueCourse.on(queue, scene, bench);
        for (Queue.Agent agent : queue.agents()) {
            there.add(new AgentRounds.There(
                    agent, phone(agent, scene), joins(queue, agent, scene), bench.presence(agent)));
        }
    }

    static Ringing.Phone phone(Queue.Agent agent, Scene scene) {
        Member member = new Member(agent.party(), new Seconds(0), agent.keyToTake());
        return Ringing.phone(member, false, scene.plan());
    }

    /// The second of a wait from which an agent is rung; never where the agent lacks what the queue needs and it
    /// does not come to do without.
    static Optional<Integer> joins(Queue queue, Queue.Agent agent, Scene scene) {
        int after = agent.joinsAfter().value();
        boolean suits = queue.needs()
                .map(needs -> agent.extension()
                        .flatMap(ref -> scene.plan().find(ref, Extension.class))
                        .filter(extension ->
                                needs.met(extension, scene.context().language()))
                        .isPresent())
                .orElse(true);
        return suits
                ? Optional.of(after)
                : queue.needs().flatMap(Queue.Needs::relaxAfter).map(relaxed -> Math.max(after, relaxed.value()));
    }

    /// The seconds of a wait at which each agent joins in who can take such a call.
    static List<Integer> joining(Queue queue, Scene scene) {
        return queue.agents().stream()
                .filter(agent -> phone(agent, scene).can())
                .flatMap(agent -> joins(queue, agent, scene).stream())
                .toList();
    }

    /// How long an agent is told something before the call is put through, in seconds.
    static int told(Queue queue, Scene scene) {
        return queue.tellAgent().stream()
                .mapToInt(told -> switch (told) {
                    case Queue.Told.Saying(Ref prompt) -> scene.length(prompt);
                    case Queue.Told.TheWait wait -> Queue.FIGURE;
                })
                .sum();
    }

    boolean full() {
        return found.full(queue.longestLine());
    }

    /// Whether nobody is in at a second of the wait; who can never take this call does not count.
    boolean nobodyIn(int second) {
        return there.stream().noneMatch(one -> one.able() && one.presence().in(second));
    }

    /// Turned away on coming.
    Decision refused(Cause cause) {
        return Decision.atOnce(cause, account(0, Optional.empty(), Optional.empty()));
    }

    Decision decide() {
        hears.addAll(scene.said(course.first(), 0, course.joining()));
        int longest = queue.longestWait();
        int gone = gone(longest);
        int end = Math.min(longest, gone);
        // No phone is rung any more once the caller has left by a key.
        int left = new Held(queue, course, scene, bench.tried(), end, false)
                .play()
                .map(Held.Left::second)
                .orElse(end);
        AgentRounds rounds = new AgentRounds(queue, scene, able(), found, bench);
        Optional<AgentRounds.Answer> answer = rounds.answer(left);
        rung = rounds.rung().stream()
                .filter(one -> one.second() <= left)
                .map(one -> new Account.RungAt(one.party(), course.joining() + one.second()))
                .toList();
        Optional<Integer> tried = rounds.usedUp().filter(second -> second <= left);
        int until = answer.map(AgentRounds.Answer::second).or(() -> tried).orElse(end);
        Held held = new Held(queue, course, scene, bench, until, answer.isPresent());
        Optional<Held.Left> pressed = held.play();
        held.hears().forEach(one -> hears.add(one.later(course.joining())));
        if (pressed.isPresent()) {
            return decided(
                    pressed.get().cause(),
                    pressed.get().second(),
                    account(0, Optional.empty(), pressed.map(Held.Left::pressed)));
        }
        if (answer.isPresent()) {
            return answered(answer.get());
        }
        boolean empty = gone <= longest && tried.filter(second -> second < gone).isEmpty();
        return empty
                ? decided(new Cause.AgentsGone(), gone, account(0, Optional.empty(), Optional.empty()))
                : decided(new Cause.Overflow(), tried.orElse(longest), account(0, tried, Optional.empty()));
    }

    private Decision answered(AgentRounds.Answer answer) {
        int told = told(queue, scene);
        int from = course.joining() + answer.second();
        if (told > 0) {
            hears.add(bench.waiting(
                    from,
                    from + told,
                    queue.hears(),
                    Heard.Sound.SILENCE,
                    queue.hears().map(one -> one.title(scene.plan())).orElse("waiting")));
        }
        return decided(new Cause.Answered(), answer.second() + told, account(told, Optional.empty(), Optional.empty()))
                .answeredBy(answer.by().agent().party());
    }

    private List<AgentRounds.There> able() {
        return there.stream().filter(AgentRounds.There::able).toList();
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

    /// @param second of the wait
    private Decision decided(Cause cause, int second, Account account) {
        return Decision.of(cause, course.joining() + second, hears, account).speaking();
    }

    private Account account(int told, Optional<Integer> tries, Optional<Account.Pressed> pressed) {
        List<Account.AtWork> agents = there.stream()
                .map(one -> new Account.AtWork(one.agent(), one.able(), one.presence()))
                .toList();
        return new Account.InQueue(queue, found, agents, course.joining(), told, rung, tries, pressed);
    }
}
