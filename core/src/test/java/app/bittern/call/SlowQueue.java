package app.bittern.call;

import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/// What a call finds in a queue, and what becomes of it where a stage of a chain rings one.
///
/// @param language in which the caller is spoken to there
record SlowQueue(Plan plan, Bench bench, SlowWorld world, SlowRoutes asked, String language) {
    private SlowSpeech speech() {
        return new SlowSpeech(plan, language);
    }

    /// A stage of a chain rings a queue for so many seconds: nothing that is offered in it can be chosen.
    SlowRinging.Rang stage(Queue whole, int time) {
        Queue queue = whole.inStage();
        Found found = world.finds(queue.ref());
        SlowWait.Call call = call();
        List<SlowWait.Agent> agents = agents(queue, call);
        int joining = saidFirst(queue);
        if (full(queue.longestLine(), found)) {
            return new SlowRinging.Rang(SlowRinging.How.BUSY, 0, Optional.empty());
        }
        if (queue.noAgents().refuseNew() && agents.stream().noneMatch(agent -> agent.in(0))) {
            return new SlowRinging.Rang(SlowRinging.How.UNREACHABLE, 0, Optional.empty());
        }
        if (joining > time) {
            return new SlowRinging.Rang(SlowRinging.How.NO_ANSWER, time, Optional.empty());
        }
        SlowWait.End end = new SlowWait(queue.waiting(time - joining), world, found, agents, call).run();
        boolean answered = end.how().equals("answered");
        return new SlowRinging.Rang(
                answered ? SlowRinging.How.ANSWERED : SlowRinging.How.NO_ANSWER,
                joining + end.second() + (answered ? told(queue) : 0),
                end.by());
    }

    int told(Queue queue) {
        int seconds = 0;
        for (Queue.Told told : queue.tellAgent()) {
            seconds += told instanceof Queue.Told.Saying(Ref prompt) ? speech().length(prompt) : 3;
        }
        return seconds;
    }

    int saidFirst(Queue queue) {
        LocalDate day =
                LocalDateTime.ofInstant(bench.at(), plan.site().timeZone()).toLocalDate();
        int notice = queue.notice()
                .filter(one ->
                        one.on() && one.until().map(last -> !day.isAfter(last)).orElse(true))
                .map(one -> speech().said(one.say()))
                .orElse(0);
        return notice + speech().said(queue.onJoining());
    }

    List<SlowWait.Agent> agents(Queue queue, SlowWait.Call call) {
        int longest = queue.maxWait().orElse(Queue.LONGEST_WAIT).value();
        return queue.agents().stream()
                .map(agent -> new SlowWait.Agent(
                        queue, agent, world.presence(agent, longest), world.canRing(agent.party()), call))
                .toList();
    }

    SlowWait.Call call() {
        return new SlowWait.Call(
                plan,
                language,
                hours ->
                        asked.state(hours.hours()).filter(hours.state()::equals).isPresent(),
                bench.called() instanceof Arrival.Inside || !asked.caller(new Route.From.Without()),
                speech()::length,
                speech()::said);
    }

    static boolean full(Optional<Integer> room, Found found) {
        return room.filter(most -> found instanceof Found.Full || found.ahead() >= most)
                .isPresent();
    }
}
