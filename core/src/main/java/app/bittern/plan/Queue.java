package app.bittern.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.stream.IntStream;

/// Holds callers until an agent is free.
///
/// @param agents         who takes its calls
/// @param ringEach       how long each agent rings
/// @param pauseBetweenRounds     the pause between two rounds
/// @param wrapUp         how long an agent is left alone after a call
/// @param maxWait        the longest wait after what is said on joining, then `overflow`; without it callers wait up to
///                       [#LONGEST_WAIT]
/// @param longestLine       callers who may wait at once, then `full`
/// @param precedence     which queue's callers come first among queues that share agents; the higher the sooner
/// @param overflow       where callers go who have waited too long
/// @param full           where callers go who find it full
/// @param onJoining      said before the wait begins
/// @param hears          heard during the wait
/// @param meanwhile      said and offered during the wait
/// @param tellAgent        said to the agent who takes the call
/// @param abandonedAfter callers who give up sooner are not counted as abandoned
/// @param sameAgentWithin for so long, somebody who calls again comes to the same agent if that one is free
/// @param recording      whether calls are recorded
public record Queue(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Order order,
        List<Agent> agents,
        Seconds ringEach,
        Seconds pauseBetweenRounds,
        Seconds wrapUp,
        Optional<Seconds> maxWait,
        Optional<Integer> longestLine,
        int precedence,
        NoAgents noAgents,
        Optional<Destination> overflow,
        Optional<Destination> full,
        Optional<Ref> onJoining,
        Optional<Ref> hears,
        List<Meanwhile> meanwhile,
        Optional<Ref> tellAgent,
        Optional<ServiceLevel> serviceLevel,
        Optional<Seconds> abandonedAfter,
        Optional<Seconds> sameAgentWithin,
        Optional<Boolean> recording)
        implements PlanObject {
    /// How long callers wait where no longest wait is given: nobody holds on for longer.
    public static final Seconds LONGEST_WAIT = new Seconds(3600);

    /// How long a place in the line or an expected wait takes to say, in seconds: about eight words.
    private static final int FIGURE = 3;

    public Queue {
        agents = List.copyOf(agents);
        meanwhile = List.copyOf(meanwhile);
    }

    /// Somebody who takes a queue's calls.
    ///
    /// @param byPhone whether the agent logs in by phone; else always in
    /// @param rank    1 is rung first
    /// @param joinsAfter how long a caller has waited before this agent is rung too
    public record Agent(Ref extension, boolean byPhone, int rank, Seconds joinsAfter) {}

    /// What happens when no agent is logged in.
    ///
    /// @param refuseNew whether callers are turned away at once
    /// @param moveWaiting  whether callers who wait leave
    /// @param to            where both go
    public record NoAgents(boolean refuseNew, boolean moveWaiting, Optional<Destination> to) {
        /// Callers may join and stay.
        public static final NoAgents WAIT = new NoAgents(false, false, Optional.empty());
    }

    /// Something said or offered during the wait.
    ///
    /// @param at    when first, counted from the end of what is said on joining; as `every` where absent
    /// @param every how often again
    /// @param say   what is said
    /// @param key   a key that is offered
    /// @param to    where the key leads; a callback where `callback` is set
    public record Meanwhile(
            Optional<Seconds> at,
            Optional<Seconds> every,
            Optional<Said> say,
            Optional<String> key,
            Optional<Destination> to,
            boolean callback) {
        Meanwhile over(Places places) {
            return new Meanwhile(
                    at,
                    every,
                    say.flatMap(said -> said.over(places)),
                    key,
                    key.isPresent() && !callback ? places.needs("to", to) : to,
                    callback);
        }

        /// When it comes first, counted from the end of what is said on joining.
        public int first() {
            return at.or(() -> every).map(Seconds::value).orElse(0);
        }

        /// Every second at which it comes in a wait of so many, counted from the end of what is said on joining.
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
        private Optional<Said> over(Places places) {
            return this instanceof Words(Ref prompt)
                    ? places.entry("say", Role.SAYS, prompt, Kind.PROMPT).map(Words::new)
                    : Optional.of(this);
        }

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

    /// The longest wait after what is said on joining, in seconds.
    public int longestWait() {
        return maxWait.orElse(LONGEST_WAIT).value();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.QUEUE, key);
    }

    @Override
    public Queue over(Places places) {
        Places none = places.in("noAgents");
        return new Queue(
                places.key(key),
                name,
                note,
                number,
                order,
                places.items(
                        "agents",
                        agents,
                        (agent, one) -> agent.entry("extension", Role.RINGS, one.extension(), Kind.EXTENSION)
                                .map(ref -> new Agent(ref, one.byPhone(), one.rank(), one.joinsAfter()))),
                ringEach,
                pauseBetweenRounds,
                wrapUp,
                maxWait,
                longestLine,
                precedence,
                new NoAgents(
                        noAgents.refuseNew(),
                        noAgents.moveWaiting(),
                        noAgents.refuseNew() || noAgents.moveWaiting()
                                ? none.needs("to", noAgents.to())
                                : none.may("to", noAgents.to())),
                places.needs("overflow", overflow),
                longestLine.isPresent() ? places.needs("full", full) : places.may("full", full),
                places.ref("onJoining", Role.SAYS, onJoining, Kind.PROMPT),
                places.ref("hears", Role.PLAYS, hears, Kind.MUSIC),
                places.items("meanwhile", meanwhile, (item, one) -> Optional.of(one.over(item))),
                places.ref("tellAgent", Role.SAYS, tellAgent, Kind.PROMPT),
                serviceLevel,
                abandonedAfter,
                sameAgentWithin,
                recording);
    }
}
