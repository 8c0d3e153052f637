package app.bittern.server.queue;

import app.bittern.plan.Kind;
import app.bittern.plan.Plan;
import app.bittern.plan.Problem;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.Traffic;
import app.bittern.server.Clocked;
import app.bittern.server.Refusal;
import app.bittern.server.account.Need;
import app.bittern.server.account.Needs;
import app.bittern.server.plan.Asked;
import app.bittern.traffic.Expectation;
import app.bittern.traffic.ExpectedCalls;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/// Queues of a plan.
@RestController
@Needs(Need.LOOK)
@RequestMapping("/api/sites/{site}/{plan}/queues/{key}")
class QueueController {
    /// Where no service level is wanted, calls answered within so long are counted.
    private static final Queue.ServiceLevel USUAL = new Queue.ServiceLevel(80, new Seconds(20));

    private static final int FEWEST = 7;
    private static final int MOST = 40;

    /// The score of a wait in which nobody answers.
    ///
    /// @param at    by the site's clock
    /// @param place of something said meanwhile, from 0, that would be said elsewhere: as it would be then
    /// @param first when it would be said first, `70s`
    @GetMapping("/score")
    QueueApi.ScoreView queueScore(
            Asked asked,
            @PathVariable String key,
            @RequestParam String at,
            @RequestParam(required = false) @Nullable Integer place,
            @RequestParam(defaultValue = "") String first) {
        Queue queue = asked.object(Kind.QUEUE, key, Queue.class);
        return new Score(asked.plan(), place == null ? queue : moved(queue, place, first), Clocked.instant(at))
                .view(asked.version());
    }

    private static Queue moved(Queue queue, int place, String first) {
        if (place < 0 || place >= queue.meanwhile().size()) {
            throw Refusal.missing("Nothing is said meanwhile in place " + place + " of this queue.");
        }
        return queue.said(
                place,
                Seconds.parse(first)
                        .orElseThrow(() -> Refusal.unusable(
                                "first: found '" + Problem.shown(first) + "'; allowed is " + Seconds.ALLOWED + ".")));
    }

    /// How many agents the calls expected in the hour of an instant need.
    ///
    /// @param at by the site's clock
    @GetMapping("/staff")
    QueueApi.StaffView queueStaff(Asked asked, @PathVariable String key, @RequestParam String at) {
        Plan plan = asked.plan();
        Queue queue = asked.object(Kind.QUEUE, key, Queue.class);
        Optional<Traffic> traffic = plan.find(new Ref(Kind.TRAFFIC, Traffic.KEY), Traffic.class);
        Optional<Double> calls = traffic.flatMap(one -> Optional.ofNullable(
                        ExpectedCalls.callsPerHour(plan, Clocked.instant(at)).get(queue.ref())))
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
