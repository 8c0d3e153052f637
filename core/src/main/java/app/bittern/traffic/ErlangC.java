package app.bittern.traffic;

/// Calls that wait until an agent is free, however long it takes (M/M/n).
///
/// Source: A. K. Erlang, 1917; in terms of Erlang B: C = B / (1 − A/n · (1 − B)).
///
/// @param traffic offered traffic in erlangs
/// @param agents  n
/// @param talk    how long a call takes an agent, in seconds
public record ErlangC(double traffic, int agents, double talk) {
    /// @throws IllegalArgumentException where something is negative
    public ErlangC {
        ErlangB.check(traffic, agents);
        if (!(talk > 0)) {
            throw new IllegalArgumentException(talk + " s of talk: more than 0 s are allowed");
        }
    }

    /// Whether the line does not grow without end: fewer erlangs than agents.
    public boolean stable() {
        return traffic < agents;
    }

    /// The share of calls that wait, 0 to 1; 1 where the line grows without end.
    public double waiting() {
        if (!stable()) {
            return 1;
        }
        double blocking = ErlangB.blocking(traffic, agents);
        return blocking / (1 - traffic / agents * (1 - blocking));
    }

    /// The mean wait of all calls in seconds; infinite where the line grows without end.
    public double meanWait() {
        return stable() ? waiting() * talk / (agents - traffic) : Double.POSITIVE_INFINITY;
    }

    /// The share of calls answered within so many seconds, 0 to 1.
    public double serviceLevel(double within) {
        return stable() ? 1 - waiting() * Math.exp(-(agents - traffic) * within / talk) : 0;
    }

    /// How much of their time agents talk, 0 to 1.
    public double occupancy() {
        return agents == 0 ? 1 : Math.min(1, traffic / agents);
    }

    /// The fewest agents with which at least a share of calls is answered within so many seconds.
    ///
    /// @param target 0 to less than 1
    public static int agents(double traffic, double talk, double target, double within) {
        if (!(target >= 0 && target < 1)) {
            throw new IllegalArgumentException("a service level of " + target + ": 0 to less than 1 is allowed");
        }
        int agents = (int) Math.floor(traffic) + 1;
        while (new ErlangC(traffic, agents, talk).serviceLevel(within) < target) {
            agents++;
        }
        return agents;
    }
}
