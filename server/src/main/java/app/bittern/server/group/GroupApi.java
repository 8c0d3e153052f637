package app.bittern.server.group;

import app.bittern.score.Ring;
import java.util.List;
import java.util.Optional;

/// What the endpoints of groups give.
public final class GroupApi {
    private GroupApi() {}

    /// A window on the groups of a plan.
    ///
    /// @param total groups that are found in all
    public record GroupsView(long version, int total, List<GroupView> groups) {}

    /// A group as it rings when nobody answers.
    ///
    /// @param together whether all ring together; else one after another
    /// @param order    how, in words
    /// @param seconds  until the call leaves it; 0 where nobody can be rung
    /// @param leaves   by which of its places: `/noAnswer`, `/busy` or `/unreachable`
    /// @param moves    the place that says how long: `/ringFor` or `/ringEach`
    /// @param length   what that is, in seconds
    /// @param laps     how often the list is gone through; 1 where all ring together
    /// @param ends     where it leads, and when
    /// @param calls    expected an hour at the busiest; absent where nothing is expected
    /// @param advice   group or queue, with the arithmetic
    public record GroupView(
            String object,
            String title,
            Optional<String> number,
            boolean together,
            String order,
            Optional<String> shownAs,
            int seconds,
            String leaves,
            String moves,
            int length,
            int laps,
            List<RungView> members,
            List<EndView> ends,
            boolean followed,
            Optional<Double> calls,
            Optional<AdviceView> advice) {}

    /// A member and when its phone rings.
    ///
    /// @param place   among the members, from 0
    /// @param after   seconds after the others
    /// @param key     whether a key must be pressed to take the call
    /// @param able      whether it can ring at all
    /// @param stretches of ringing, as the engine has them
    /// @param notes   what is odd: in the group twice, does not ring, forwards all calls
    public record RungView(
            int place,
            String title,
            Optional<String> object,
            int after,
            boolean key,
            boolean able,
            List<Ring> stretches,
            List<String> notes) {}

    /// @param when  in words: `nobody answers`, `all are busy`
    /// @param field its place in the object
    /// @param leads in words
    /// @param given whether it is said; else it is as the one before
    public record EndView(String when, String field, String leads, boolean given) {}

    /// @param queue   whether a queue fits better
    /// @param allBusy the share of calls that find everybody busy, 0 to 1
    /// @param pays    from how many calls an hour on a queue would
    public record AdviceView(boolean queue, double allBusy, String says, double pays) {}
}
