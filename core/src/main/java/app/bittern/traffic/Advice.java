package app.bittern.traffic;

import java.util.Locale;

/// Whether expected calls want a ring group or a queue.
///
/// A ring group does where callers seldom find everybody busy, as such callers are sent on; a queue where that
/// happens often, as callers can then wait. Seldom is [#SELDOM] of calls, by Erlang B.
///
/// @param queue   whether a queue
/// @param allBusy the share of calls that find everybody busy, 0 to 1
/// @param says    why, in a sentence
public record Advice(boolean queue, double allBusy, String says) {
    /// One call in twenty.
    public static final double SELDOM = 0.05;

    /// The advice for calls to some people.
    ///
    /// @param callsPerHour expected
    /// @param talk         how long a call lasts, in seconds
    /// @param people       who can take them
    public static Advice of(double callsPerHour, double talk, int people) {
        double traffic = callsPerHour * talk / 3600;
        double allBusy = ErlangB.blocking(traffic, people);
        boolean queue = allBusy > SELDOM;
        String says = String.format(
                Locale.ROOT,
                "%.1f calls an hour of %.0f s are %.2f erlangs; with %d people %.1f%% of calls find everybody busy, so a %s fits",
                callsPerHour,
                talk,
                traffic,
                people,
                allBusy * 100,
                queue ? "queue" : "ring group");
        return new Advice(queue, allBusy, says);
    }
}
