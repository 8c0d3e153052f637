package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Menu;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;

/// What the world must do for a call to leave a queue by a way out.
///
/// Agents who must not answer are out, or, where a queue without agents lets nobody wait, busy for longer than the
/// wait.
final class QueueStaging {
    private final Queue queue;
    private final Scene scene;
    private final int longest;

    QueueStaging(Queue queue, Scene scene) {
        this.queue = queue;
        this.scene = scene.speaking(queue.language());
        this.longest = queue.longestWait();
    }

    List<Visit> visits(Cause cause) {
        return switch (cause) {
            case Cause.Full full -> List.of(Visit.finding(queue.ref(), new Found.Full()));
            case Cause.NoAgents none -> List.of(all(Presence.OUT));
            case Cause.AgentsGone gone ->
                queue.noAgents().refuseNew()
                        ? List.of(all(leaves(1)), all(leaves(longest)))
                        : List.of(all(Presence.OUT), all(leaves(longest)));
            case Cause.Answered answered -> answered();
            case Cause.Key(String key) -> keyed(key, cause);
            case Cause.Callback(String key) -> keyed(key, cause);
            case Cause.Within(String key, String digits) -> keyed(key, cause);
            case Cause.Overflow overflow -> overflow();
            case Cause.Passed o -> throw Staging.noSuch(cause);
            case Cause.NoNumber o -> throw Staging.noSuch(cause);
            case Cause.Case o -> throw Staging.noSuch(cause);
            case Cause.Dialled o -> throw Staging.noSuch(cause);
            case Cause.NoValidKey o -> throw Staging.noSuch(cause);
            case Cause.NoKey o -> throw Staging.noSuch(cause);
            case Cause.WrongKey o -> throw Staging.noSuch(cause);
            case Cause.NoAnswer o -> throw Staging.noSuch(cause);
            case Cause.Busy o -> throw Staging.noSuch(cause);
            case Cause.Unreachable o -> throw Staging.noSuch(cause);
            case Cause.Forwarded o -> throw Staging.noSuch(cause);
            case Cause.Message o -> throw Staging.noSuch(cause);
            case Cause.KeyZero o -> throw Staging.noSuch(cause);
            case Cause.Digits o -> throw Staging.noSuch(cause);
            case Cause.Looked o -> throw Staging.noSuch(cause);
            case Cause.NoValidDigits o -> throw Staging.noSuch(cause);
            case Cause.Done o -> throw Staging.noSuch(cause);
            case Cause.Barred o -> throw Staging.noSuch(cause);
            case Cause.ByTrunk o -> throw Staging.noSuch(cause);
            case Cause.NoChannel o -> throw Staging.noSuch(cause);
            case Cause.Paged o -> throw Staging.noSuch(cause);
        };
    }

    private static Presence leaves(int second) {
        return second == 0
                ? Presence.OUT
                : new Presence(List.of(
                        new Presence.Change(0, Presence.State.IN, second),
                        new Presence.Change(second, Presence.State.OUT, 0)));
    }

    private Presence idle() {
        return queue.noAgents().refuseNew() || queue.noAgents().moveWaiting()
                ? new Presence(List.of(new Presence.Change(0, Presence.State.IN, longest + 1)))
                : Presence.OUT;
    }

    private static Presence freeFrom(int second) {
        return second == 0 ? Presence.IN : new Presence(List.of(new Presence.Change(0, Presence.State.IN, second)));
    }

    /// The agent who joins first answers as soon as possible, or at the end of the wait.
    private List<Visit> answered() {
        List<Visit> all = new ArrayList<>();
        queue.agents().stream()
                .filter(agent -> Wait.phone(agent, scene).can()
                        && Wait.joins(queue, agent, scene).isPresent())
                .min(Comparator.comparingInt(
                        agent -> Wait.joins(queue, agent, scene).orElseThrow()))
                .ifPresent(first -> {
                    for (Presence presence : List.of(Presence.IN, freeFrom(longest))) {
                        all.add(agents(agent -> agent.equals(first) ? presence : idle())
                                .with(first.party().phone(), new Reaction.Answers(0)));
                    }
                });
        return all;
    }

    /// Nobody is rung, or where the attempts can be used up all are from a second on, and nobody answers.
    private List<Visit> overflow() {
        List<Visit> all = new ArrayList<>(List.of(all(idle())));
        AgentRounds.soonestUsedUp(queue, Wait.joining(queue, scene)).ifPresent(soonest -> {
            for (int from = 0; from <= Math.min(soonest, longest); from++) {
                all.add(all(freeFrom(from)));
            }
        });
        QueueCourse.all(queue, scene).forEach(course -> all.addAll(inAndBack(course)));
        return all;
    }

    /// A caller who goes into each menu that keeps the place, and into the ask of a callback, does nothing there, and
    /// waits on.
    private List<Visit> inAndBack(QueueCourse course) {
        return Schedule.offers(course, scene::length, longest).entrySet().stream()
                .filter(one -> one.getValue()
                        .item()
                        .offer(one.getKey())
                        .filter(QueueStaging::keepsPlace)
                        .isPresent())
                .map(one -> all(idle())
                        .with(KeyPress.at(one.getKey(), one.getValue().start()), KeyPress.SILENCE))
                .toList();
    }

    private static boolean keepsPlace(QueueCourse.Offered offered) {
        return offered instanceof QueueCourse.Offered.Keeps || offered instanceof QueueCourse.Offered.Asked;
    }

    /// The key as soon as it is offered, or as late as the wait allows, in every course that offers it.
    private List<Visit> keyed(String key, Cause cause) {
        return QueueCourse.all(queue, scene).stream()
                .flatMap(course ->
                        Optional.ofNullable(
                                Schedule.offers(course, scene::length, longest).get(key))
                                .stream())
                .flatMap(said ->
                        said.item().offer(key).stream().flatMap(leads -> keyed(key, cause, said.start(), leads)))
                .toList();
    }

    /// @param offered the second of the wait at which the key is offered first
    private Stream<Visit> keyed(String key, Cause cause, int offered, QueueCourse.Offered leads) {
        if (leads instanceof QueueCourse.Offered.Asked(Optional<Ref> to)) {
            Optional<Ask> ask = to.flatMap(ref -> scene.plan().find(ref, Ask.class));
            if (ask.isPresent()) {
                KeyPress number = new KeyPress("0".repeat(ask.get().most()), true);
                return Stream.concat(
                        Stream.of(offered, longest).map(second -> all(idle()).with(KeyPress.at(key, second), number)),
                        patient(key, offered, number.digits()));
            }
        }
        if (leads instanceof QueueCourse.Offered.Keeps(Menu menu)) {
            if (!(cause instanceof Cause.Within(String pressed, String digits))) {
                return Stream.empty();
            }
            KeyPress there = new KeyPress(digits, true);
            return Stream.concat(
                    MenuBehaviour.leading(menu, scene.at(menu.ref())).stream()
                            .filter(outcome -> outcome.cause().equals(new Cause.Key(digits))
                                    || outcome.cause().equals(new Cause.Dialled(digits)))
                            .map(outcome -> outcome.window().earliest())
                            .flatMap(soonest -> Stream.of(offered, Math.max(offered, longest - soonest))
                                    .map(second -> all(idle()).with(KeyPress.at(key, second), in(menu, there)))),
                    patient(key, offered, digits));
        }
        return Stream.of(offered, longest).map(second -> all(idle()).with(KeyPress.at(key, second)));
    }

    /// A caller who hears out what the menu or the ask behind a key says before doing what it asks for, at once or the
    /// second time.
    private Stream<Visit> patient(String key, int offered, String digits) {
        KeyPress press = KeyPress.at(key, offered);
        KeyPress then = new KeyPress(digits, false);
        return Stream.of(all(idle()).with(press, then), all(idle()).with(press, KeyPress.SILENCE, then));
    }

    /// Digits keyed in a menu as soon as they count.
    private KeyPress in(Menu menu, KeyPress atOnce) {
        int first = menu.bargeIn() ? 0 : scene.at(menu.ref()).length(menu.prompts());
        return first == 0
                ? atOnce
                : new KeyPress(
                        atOnce.digits(),
                        false,
                        atOnce.digits().chars().mapToObj(digit -> first).toList());
    }

    private Visit all(Presence presence) {
        return agents(agent -> presence);
    }

    private Visit agents(Function<Queue.Agent, Presence> presence) {
        Map<String, List<Presence>> agents = new LinkedHashMap<>();
        for (Queue.Agent agent : queue.agents()) {
            agents.computeIfAbsent(agent.party().phone(), key -> new ArrayList<>())
                    .add(presence.apply(agent));
        }
        return new Visit(List.of(), Map.of(), agents, Map.of());
    }
}
