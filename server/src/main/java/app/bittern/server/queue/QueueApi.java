package app.bittern.server.queue;

import app.bittern.score.Ring;
import java.util.List;
import java.util.Optional;

/// What the endpoints of queues give.
public final class QueueApi {
    private QueueApi() {}

    /// The score of a wait in which nobody answers, at an instant.
    ///
    /// @param seconds  of the whole wait, with what is said on joining
    /// @param joining  how long the notice and what is said on joining take
    /// @param hears    what the caller hears
    /// @param items    what is said and offered, and where it can be moved
    /// @param keys     what can be pressed, and from when
    /// @param agents   who takes calls, and when their phones ring
    /// @param leaves   how the call leaves
    /// @param together second at which two things are due at once
    public record ScoreView(
            long version,
            String object,
            String title,
            int seconds,
            int joining,
            List<HeardView> hears,
            List<ItemView> items,
            List<KeyView> keys,
            List<AgentView> agents,
            List<LeaveView> leaves,
            List<TogetherView> together,
            Optional<NoticeView> notice,
            List<CodeView> codes) {}

    /// @param sound speech, music, ringing or silence
    public record HeardView(int from, int to, String sound, String text) {}

    /// Something said in the wait.
    ///
    /// @param place among the items of the queue, from 0
    /// @param says  in words
    /// @param first second of the wait, counted from the end of what is said on joining
    /// @param every again after so many seconds
    /// @param at    whether its first time is given; else it is as `every`
    /// @param holds the hours in which it is said; absent where always
    /// @param here  whether it is said at the instant
    public record ItemView(
            int place,
            String says,
            int first,
            Optional<Integer> every,
            boolean at,
            boolean on,
            Optional<String> holds,
            boolean here) {}

    /// @param from second of the call in the queue
    public record KeyView(String key, int from, String leads) {}

    /// Somebody who takes calls.
    ///
    /// @param rings  seconds at which the phone begins to ring, for a caller whom nobody takes
    /// @param also   other queues of the agent, and whose callers come first
    public record AgentView(
            String title,
            Optional<String> object,
            int rank,
            int joinsAfter,
            boolean byPhone,
            List<Ring> rings,
            List<AlsoView> also) {}

    /// @param first whether its callers come before those of this queue; absent where neither does
    public record AlsoView(String object, String title, int rank, int precedence, Optional<Boolean> first) {}

    /// @param second where it is known when
    public record LeaveView(String when, Optional<Integer> second, String leads) {}

    public record TogetherView(int second, String one, String other, int place) {}

    /// @param says  the prompt
    /// @param until its last day
    public record NoticeView(boolean on, String says, Optional<String> until) {}

    /// @param does in words
    public record CodeView(String number, String does, boolean pin) {}

    /// How many agents the calls of an hour need.
    ///
    /// @param calls    expected in that hour; absent where the plan expects none here
    /// @param handling seconds that a call takes, with the wrap-up
    /// @param patience mean seconds after which callers give up, where that is known
    /// @param agents   in the queue
    /// @param target   share to be answered in time, 0 to 1, and `within` so many seconds
    /// @param needed   agents that reach it
    /// @param curve    by number of agents, from 1
    public record StaffView(
            long version,
            Optional<Double> calls,
            int handling,
            Optional<Integer> patience,
            int agents,
            Optional<Double> target,
            int within,
            Optional<Integer> needed,
            List<PointView> curve) {}

    /// @param level    share answered in time, 0 to 1
    /// @param meanWait in seconds; absent where the line grows without end
    /// @param abandons share that gives up, 0 to 1
    public record PointView(int agents, double level, Optional<Double> meanWait, double abandons) {}
}
