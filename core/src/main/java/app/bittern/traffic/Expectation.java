package app.bittern.traffic;

import app.bittern.plan.Queue;
import app.bittern.plan.Seconds;
import app.bittern.plan.Traffic;
import java.util.Optional;

/// What a queue with expected calls reaches of its service level, such as `80% in 20s`: by Erlang A where the
/// patience of callers is known, else by Erlang C.
///
/// Calls of which callers give up before they count as abandoned are left out: the level is a share of the others.
///
/// @param calls    an hour
/// @param handling how long a call takes an agent, with the wrap-up, in seconds
/// @param patience how long callers wait on average, in seconds
/// @param within   of the service level, in seconds
/// @param counted  after how many seconds who gives up counts as abandoned
public record Expectation(double calls, double handling, Optional<Double> patience, double within, double counted) {
    private static final int MOST_AGENTS = 10_000;

    /// What is expected of a queue.
    ///
    /// @param wanted its service level
    /// @param calls  an hour
    public static Expectation of(Queue queue, Queue.ServiceLevel wanted, Traffic traffic, double calls) {
        return new Expectation(
                calls,
                ExpectedCalls.handling(traffic, queue),
                traffic.patience().map(Seconds::value).map(Integer::doubleValue),
                wanted.within().value(),
                queue.abandonedAfter().map(Seconds::value).orElse(0));
    }

    /// The mean wait of all calls with so many agents, in seconds; infinite where the line grows without end.
    public double meanWait(int agents) {
        return patience.map(limit -> new ErlangA(traffic(), agents, handling, limit).meanWait())
                .orElseGet(() -> new ErlangC(traffic(), agents, handling).meanWait());
    }

    /// The share of calls given up with so many agents, 0 to 1; none where the patience of callers is not known.
    public double abandoned(int agents) {
        return patience.map(limit -> new ErlangA(traffic(), agents, handling, limit).abandoned())
                .orElse(0.0);
    }

    /// In erlangs.
    public double traffic() {
        return calls * handling / 3600;
    }

    /// The share of calls answered in time with so many agents, 0 to 1.
    public double level(int agents) {
        if (patience.isEmpty()) {
            return new ErlangC(traffic(), agents, handling).serviceLevel(within);
        }
        ErlangA waits = new ErlangA(traffic(), agents, handling, patience.get());
        double left = 1 - waits.abandonedWithin(counted);
        return left <= 0 ? 0 : Math.min(1, waits.serviceLevel(within) / left);
    }

    /// The fewest agents with which a share is reached; none where no number of agents up to 10,000 does.
    public Optional<Integer> agents(double target) {
        int low = 0;
        int high = 1;
        while (level(high) < target) {
            low = high;
            high *= 2;
            if (high > MOST_AGENTS) {
                return Optional.empty();
            }
        }
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (level(middle) < target) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return Optional.of(high);
    }
}
