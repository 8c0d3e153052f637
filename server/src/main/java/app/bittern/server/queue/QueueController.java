package app.bittern.server.queue;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Traffic;
import app.bittern.server.Refusal;
import app.bittern.server.plan.Asked;
import app.bittern.traffic.Expectation;
import app.bittern.traffic.ExpectedCalls;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Queues of a plan.
@RestController
@RequestMapping("/api/sites/{site}/{plan}/queues/{key}")
class QueueController {
    /// Where no service level is wanted, calls answered within so long are counted.
    private static final Queue.ServiceLevel USUAL = new Queue.ServiceLevel(80, new Seconds(20));

    private static final int FEWEST = 7;
    private static final int MOST = 40;

    private static Queue queue(Plan plan, String key) {
        return Optional.of(key)
                .filter(text -> Ref.sound(Kind.QUEUE, text))
                .flatMap(text -> plan.find(new Ref(Kind.QUEUE, text), Queue.class))
                .orElseThrow(() -> Refusal.missing("There is no queue '" + Problem.shown(key) + "' in this plan."));
    }

    private static LocalDateTime instant(String at) {
        try {
            return LocalDateTime.parse(at);
        } catch (DateTimeParseException none) {
            throw Refusal.unusable("at: found '" + Problem.shown(at)
                    + "'; allowed is a time of the site's clock such as 2026-11-24T10:15.");
        }
    }

    /// The score of a wait in which nobody answers.
    ///
    /// @param at by the site's clock
    @GetMapping("/score")
    QueueApi.ScoreView queueScore(Asked asked, @PathVariable String key, @RequestParam String at) {
        return new Score(asked.plan(), queue(asked.plan(), key), instant(at)).view(asked.version());
    }

    /// How many agents the calls expected in the hour of an instant need.
    ///
    /// @param at by the site's clock
    @GetMapping("/staff")
    QueueApi.StaffView queueStaff(Asked asked, @PathVariable String key, @RequestParam String at) {
        Plan plan = asked.plan();
        Queue queue = queue(plan, key);
        Optional<Traffic> traffic = plan.find(new Ref(Kind.TRAFFIC, Traffic.KEY), Traffic.class);
        Optional<Double> calls = traffic.flatMap(one -> Optional.ofNullable(
                        ExpectedCalls.callsPerHour(plan, instant(at)).get(queue.ref())))
                .filter(rate -> rate > 0);
        Queue.ServiceLevel wanted = queue.serviceLevel().orElse(USUAL);
        Optional<Expectation> expected =
                calls.flatMap(rate -> traffic.map(one -> Expectation.of(queue, wanted, one, rate)));
        double target = wanted.percent() / 100.0;
        Optional<Integer> needed = expected.flatMap(one -> target < 1 ? one.agents(target) : Optional.empty());
        int most = Math.clamp(
                Math.max(needed.orElse(0) + 2, Math.min(queue.agents().size() + 2, MOST)), FEWEST, MOST);
        return new QueueApi.StaffView(
                asked.version(),
                calls,
                traffic.map(one -> ExpectedCalls.handling(one, queue)).orElse(0),
                traffic.flatMap(Traffic::patience).map(Seconds::value),
                queue.agents().size(),
                queue.serviceLevel().map(level -> level.percent() / 100.0),
                wanted.within().value(),
                needed,
                expected.map(one -> IntStream.rangeClosed(1, most)
                                .mapToObj(agents -> point(one, agents))
                                .toList())
                        .orElse(List.of()));
    }

    private static QueueApi.PointView point(Expectation expected, int agents) {
        double wait = expected.meanWait(agents);
        return new QueueApi.PointView(
                agents,
                expected.level(agents),
                Double.isFinite(wait) ? Optional.of(wait) : Optional.empty(),
                expected.abandoned(agents));
    }
}
