package app.bittern.traffic;

import java.util.function.DoubleUnaryOperator;

/// Calls that wait until an agent is free or their patience ends (M/M/n+M).
///
/// Source: C. Palm, "Research on telephone traffic carried by full availability groups", Tele 1957; O. Garnett, A.
/// Mandelbaum, M. Reiman, "Designing a call center with impatient customers", Manufacturing & Service Operations
/// Management 4(3), 2002; S. Zeltyn, A. Mandelbaum, "Call centers with impatient customers", Queueing Systems 51, 2005.
/// With x = nμ/θ and y = λ/θ, F(x, y) = 1 + Σ y^j / ((x+1)…(x+j)), the share that waits is F·B / (1 + (F − 1)·B) with B
/// of Erlang B; sums and integrals are scaled by their largest part, so that nothing overflows.
///
/// @param traffic  offered traffic in erlangs
/// @param agents   n
/// @param talk     how long a call takes an agent, in seconds
/// @param patience how long callers wait on average before they give up, in seconds
public record ErlangA(double traffic, int agents, double talk, double patience) {
    private static final int STEPS = 4000;
    private static final double NEXT_TO_NOTHING = 60;

    /// @throws IllegalArgumentException where something is negative, or there is no agent
    public ErlangA {
        ErlangB.check(traffic, agents);
        if (!(talk > 0) || !(patience > 0) || agents < 1) {
            throw new IllegalArgumentException(agents + " agents, " + talk + " s of talk, " + patience
                    + " s of patience: 1 agent or more, and more than 0 s are allowed");
        }
    }

    private double x() {
        return agents * patience / talk;
    }

    private double y() {
        return traffic * patience / talk;
    }

    /// 1/F(x, y); 0 where F is beyond all numbers.
    private double inverseSum() {
        double term = 1;
        double sum = 1;
        double scale = 1;
        for (int j = 1; term > sum * 1e-17; j++) {
            term *= y() / (x() + j);
            sum += term;
            if (sum > 1e200) {
                term *= 1e-200;
                sum *= 1e-200;
                scale *= 1e-200;
            }
        }
        return scale / sum;
    }

    /// The share of calls that wait, 0 to 1.
    public double waiting() {
        double blocking = ErlangB.blocking(traffic, agents);
        double inverse = inverseSum();
        return blocking / (inverse + (1 - inverse) * blocking);
    }

    /// The share of calls that give up, 0 to 1.
    public double abandoned() {
        if (traffic == 0) {
            return 0;
        }
        double load = traffic / agents;
        double ofThoseWaiting = inverseSum() / load + 1 - 1 / load;
        return Math.clamp(waiting() * ofThoseWaiting, 0, 1);
    }

    /// The mean wait of all calls, those that give up included, in seconds.
    public double meanWait() {
        return abandoned() * patience;
    }

    /// How much of their time agents talk, 0 to 1.
    public double occupancy() {
        return Math.min(1, traffic * (1 - abandoned()) / agents);
    }

    /// The share of all calls answered within so many seconds, 0 to 1.
    public double serviceLevel(double within) {
        double waiting = waiting();
        double peak = exponent(peakAt());
        double end = horizon(peak);
        double all = integral(u -> Math.exp(exponent(u) - peak), end);
        double answered = integral(u -> Math.exp(exponent(u) - peak - u / patience), Math.min(within, end));
        return Math.clamp(1 - waiting + waiting * answered / all, 0, 1);
    }

    /// The share of all calls given up within so many seconds, 0 to 1.
    public double abandonedWithin(double within) {
        double peak = exponent(peakAt());
        double end = horizon(peak);
        double until = Math.min(within, end);
        double all = integral(u -> Math.exp(exponent(u) - peak), end);
        double ended = integral(u -> Math.exp(exponent(u) - peak), until);
        double patient = integral(u -> Math.exp(exponent(u) - peak - u / patience), until)
                + Math.exp(-within / patience) * (all - ended);
        return Math.clamp(waiting() * (1 - patient / all), 0, 1);
    }

    /// The exponent of the density of the wait that an endlessly patient caller would have.
    private double exponent(double u) {
        return y() * -Math.expm1(-u / patience) - agents / talk * u;
    }

    private double peakAt() {
        return traffic > agents ? patience * Math.log(traffic / agents) : 0;
    }

    /// A time after which there is next to nothing.
    private double horizon(double peak) {
        double end = Math.max(talk / agents, peakAt());
        while (exponent(end) > peak - NEXT_TO_NOTHING) {
            end *= 1.5;
        }
        return end;
    }

    /// Simpson's rule, finer around the peak.
    private double integral(DoubleUnaryOperator f, double end) {
        double middle = Math.min(peakAt(), end);
        return simpson(f, 0, middle) + simpson(f, middle, end);
    }

    private static double simpson(DoubleUnaryOperator f, double from, double to) {
        double step = (to - from) / STEPS;
        double sum = f.applyAsDouble(from) + f.applyAsDouble(to);
        for (int i = 1; i < STEPS; i++) {
            sum += (i % 2 == 1 ? 4 : 2) * f.applyAsDouble(from + i * step);
        }
        return to > from ? sum * step / 3 : 0;
    }

    /// The fewest agents with which at least a share of calls is answered within so many seconds.
    ///
    /// @param target 0 to less than 1
    public static int agents(double traffic, double talk, double patience, double target, double within) {
        if (!(target >= 0 && target < 1)) {
            throw new IllegalArgumentException("a service level of " + target + ": 0 to less than 1 is allowed");
        }
        int low = 0;
        int high = 1;
        while (new ErlangA(traffic, high, talk, patience).serviceLevel(within) < target) {
            low = high;
            high *= 2;
        }
        while (high - low > 1) {
            int middle = (low + high) / 2;
            if (new ErlangA(traffic, middle, talk, patience).serviceLevel(within) < target) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return high;
    }
}
