package app.bittern.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/// Holds callers until an agent is free.
///
/// @param agents         who takes its calls
/// @param ringEach       how long each agent rings
/// @param retryAfter     the pause between two rounds
/// @param wrapUp         how long an agent is left alone after a call
/// @param maxWait        the longest wait after the entry prompt, then `overflow`; without it callers wait up to
///                       [#LONGEST_WAIT]
/// @param capacity       callers who may wait at once, then `full`
/// @param precedence     which queue's callers come first among queues that share agents; the higher the sooner
/// @param overflow       where callers go who have waited too long
/// @param full           where callers go who find it full
/// @param entry          said before the wait begins
/// @param music          heard during the wait
/// @param during         said and offered during the wait
/// @param whisper        said to the agent who takes the call
/// @param abandonedAfter callers who give up sooner are not counted as abandoned
/// @param lastAgentFirst for so long, somebody who calls again comes to the same agent if that one is free
/// @param recording      always, never or inherit
public record Queue(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Order order,
        List<Agent> agents,
        Optional<String> loginCode,
        Optional<String> logoutCode,
        Seconds ringEach,
        Seconds retryAfter,
        Seconds wrapUp,
        Optional<Seconds> maxWait,
        Optional<Integer> capacity,
        int precedence,
        NoAgents noAgents,
        Optional<Destination> overflow,
        Optional<Destination> full,
        Optional<Ref> entry,
        Optional<Ref> music,
        List<During> during,
        Optional<Ref> whisper,
        Optional<ServiceLevel> serviceLevel,
        Optional<Seconds> abandonedAfter,
        Optional<Seconds> lastAgentFirst,
        Optional<String> recording)
        implements PlanObject {
    /// How long callers wait where no longest wait is given: nobody holds on for longer.
    public static final Seconds LONGEST_WAIT = new Seconds(3600);

    /// How long a place in the line or an expected wait takes to say, in seconds: about eight words.
    private static final int FIGURE = 3;

    public Queue {
        agents = List.copyOf(agents);
        during = List.copyOf(during);
    }

    /// Somebody who takes a queue's calls.
    ///
    /// @param byPhone whether the agent logs in by phone; else always in
    /// @param tier    1 is rung first
    /// @param after   how long a caller has waited before this agent is added
    public record Agent(Ref extension, boolean byPhone, int tier, Seconds after) {}

    /// What happens when no agent is logged in.
    ///
    /// @param refuseJoining whether callers are turned away at once
    /// @param leaveWaiting  whether callers who wait leave
    /// @param to            where both go
    public record NoAgents(boolean refuseJoining, boolean leaveWaiting, Optional<Destination> to) {
        /// Callers may join and stay.
        public static final NoAgents WAIT = new NoAgents(false, false, Optional.empty());
    }

    /// Something said or offered during the wait.
    ///
    /// @param at    when first, counted from the end of the entry prompt; as `every` where absent
    /// @param every how often again
    /// @param say   what is said
    /// @param key   a key that is offered
    /// @param to    where the key leads; a callback where `callback` is set
    public record During(
            Optional<Seconds> at,
            Optional<Seconds> every,
            Optional<Said> say,
            Optional<String> key,
            Optional<Destination> to,
            boolean callback) {
        /// When it comes first, counted from the end of the entry prompt.
        public int first() {
            return at.or(() -> every).map(Seconds::value).orElse(0);
        }

        /// Every second at which it comes in a wait of so many, counted from the end of the entry prompt.
        public IntStream seconds(int wait) {
            int again = every.map(Seconds::value).orElse(0);
            return again == 0
                    ? IntStream.of(first()).filter(second -> second < wait)
                    : IntStream.iterate(first(), second -> second < wait, second -> second + again);
        }

        /// How long what is said takes, in seconds; 0 where nothing is.
        ///
        /// @param prompts the length of each prompt
        public int length(ToIntFunction<Ref> prompts) {
            return say.map(said -> said instanceof Said.Words(Ref prompt) ? prompts.applyAsInt(prompt) : FIGURE)
                    .orElse(0);
        }
    }

    /// What is said to somebody who waits.
    public sealed interface Said {
        record Words(Ref prompt) implements Said {
            @Override
            public String toString() {
                return prompt.toString();
            }
        }

        /// The caller's place in the line.
        record Position() implements Said {
            @Override
            public String toString() {
                return "position";
            }
        }

        /// How long it is expected to take.
        record ExpectedWait() implements Said {
            @Override
            public String toString() {
                return "expected-wait";
            }
        }
    }

    /// So many per cent of calls answered within so long: `80% in 20s`.
    public record ServiceLevel(int percent, Seconds within) {
        @Override
        public String toString() {
            return percent + "% in " + within;
        }
    }

    /// The longest wait after the entry prompt, in seconds.
    public int longestWait() {
        return maxWait.orElse(LONGEST_WAIT).value();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.QUEUE, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        for (int index = 0; index < agents.size(); index++) {
            links.ref("agents/" + index + "/extension", agents.get(index).extension());
        }
        if (noAgents.refuseJoining() || noAgents.leaveWaiting()) {
            links.needs("noAgents/to", noAgents.to());
        } else {
            links.may("noAgents/to", noAgents.to());
        }
        links.needs("overflow", overflow);
        if (capacity.isPresent()) {
            links.needs("full", full);
        } else {
            links.may("full", full);
        }
        links.ref("entry", entry).ref("music", music).ref("whisper", whisper);
        for (int index = 0; index < during.size(); index++) {
            During item = during.get(index);
            if (item.say().orElse(null) instanceof Said.Words(Ref prompt)) {
                links.ref("during/" + index + "/say", prompt);
            }
            if (item.key().isPresent() && !item.callback()) {
                links.needs("during/" + index + "/to", item.to());
            }
        }
        return links.done();
    }
}
