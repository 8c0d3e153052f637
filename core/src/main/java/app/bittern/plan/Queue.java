package app.bittern.plan;

import app.bittern.number.E164;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToIntFunction;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/// Holds callers until an agent is free.
///
/// @param agents         who takes its calls
/// @param mayLogIn       who may log in besides those who are always in
/// @param pin            asked for on logging in
/// @param needs          what an agent must speak or know for a call
/// @param sameAgentWithin for so long, somebody who calls again comes to the same agent if that one is free
/// @param callerId       what agents show who call out for it
/// @param ringEach       how long each agent rings
/// @param pauseBetweenRounds     the pause between two rounds
/// @param wrapUp         how long an agent is left alone after a call
/// @param precedence     which queue's callers come first among queues that share agents; the higher the sooner
/// @param longestLine       callers who may wait at once, then `full`
/// @param full           where callers go who find it full
/// @param attempts       phones rung to the end before callers go to `overflow`; no limit where absent
/// @param maxWait        the longest wait after what is said on joining, then `overflow`; without it callers wait up to
///                       [#LONGEST_WAIT]
/// @param overflow       where callers go who have waited too long
/// @param notice         said to everyone first, for a while
/// @param onJoining      said before the wait begins
/// @param language       in which callers are spoken to from joining on
/// @param hears          heard during the wait
/// @param meanwhile      said and offered during the wait
/// @param callback       how callers are rung back who choose so
/// @param tellAgent      said to the agent who takes the call, before it is put through
/// @param shownAs        what the agent's phone shows
/// @param abandonedAfter callers who give up sooner are not counted as abandoned
/// @param recording      whether calls are recorded
public record Queue(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Order order,
        List<Agent> agents,
        MayLogIn mayLogIn,
        Optional<Pin> pin,
        Optional<Needs> needs,
        Optional<Seconds> sameAgentWithin,
        Optional<E164> callerId,
        Seconds ringEach,
        Seconds pauseBetweenRounds,
        Seconds wrapUp,
        int precedence,
        Optional<Integer> longestLine,
        Optional<Destination> full,
        NoAgents noAgents,
        Optional<Integer> attempts,
        Optional<Seconds> maxWait,
        Optional<Destination> overflow,
        Optional<Notice> notice,
        Optional<Spoken> onJoining,
        Optional<String> language,
        Optional<Hears> hears,
        List<Meanwhile> meanwhile,
        Optional<Callback> callback,
        List<Told> tellAgent,
        Optional<String> shownAs,
        Optional<ServiceLevel> serviceLevel,
        Optional<Seconds> abandonedAfter,
        Optional<Boolean> recording)
        implements PlanObject {
    /// How long callers wait where no longest wait is given: nobody holds on for longer.
    public static final Seconds LONGEST_WAIT = new Seconds(1800);

    /// How long a place in the line or an expected wait takes to say, in seconds: about eight words.
    public static final int FIGURE = 3;

    public Queue {
        agents = List.copyOf(agents);
        meanwhile = List.copyOf(meanwhile);
        tellAgent = List.copyOf(tellAgent);
    }

    /// Somebody who takes a queue's calls.
    ///
    /// @param byPhone whether the agent logs in by phone; else always in
    /// @param rank    1 is rung first
    /// @param joinsAfter how long a caller has waited before this agent is rung too
    /// @param keyToTake whether a key must be pressed to take the call, which may be declined then
    public record Agent(Party party, boolean byPhone, int rank, Seconds joinsAfter, boolean keyToTake) {
        /// The extension, where it is one.
        public Optional<Ref> extension() {
            return party instanceof Party.Inside(Ref extension) ? Optional.of(extension) : Optional.empty();
        }

        private Optional<Agent> over(Places places) {
            return switch (party) {
                case Party.Inside(Ref extension) ->
                    places.entry("extension", Role.RINGS, extension, Kind.EXTENSION)
                            .map(ref -> new Agent(new Party.Inside(ref), byPhone, rank, joinsAfter, keyToTake));
                case Party.Outside outside -> Optional.of(this);
            };
        }
    }

    /// Who may log in by phone.
    public sealed interface MayLogIn {
        /// What is allowed, as a refusal says it.
        String ALLOWED = "listed, everybody, or a class of service such as class-of-service/desk";

        /// Those who are listed as agents.
        static MayLogIn onlyListed() {
            return new Listed();
        }

        /// Those who are listed as agents.
        record Listed() implements MayLogIn {
            @Override
            public String toString() {
                return "listed";
            }
        }

        /// Whoever has a phone of the site.
        record Everybody() implements MayLogIn {
            @Override
            public String toString() {
                return "everybody";
            }
        }

        /// Those whose phone has that class of service.
        record OfClass(Ref classOfService) implements MayLogIn {
            @Override
            public String toString() {
                return classOfService.toString();
            }
        }

        /// Reads what `toString` writes.
        static Optional<MayLogIn> parse(String text) {
            return switch (text) {
                case "listed" -> Optional.of(onlyListed());
                case "everybody" -> Optional.of(new Everybody());
                default ->
                    Ref.parse(text)
                            .filter(ref -> ref.kind() == Kind.CLASS_OF_SERVICE)
                            .map(OfClass::new);
            };
        }

        private MayLogIn over(Places places) {
            return this instanceof OfClass(Ref classOfService)
                    ? places.entry("mayLogIn", Role.DECIDES_BY, classOfService, Kind.CLASS_OF_SERVICE)
                            .<MayLogIn>map(OfClass::new)
                            .orElse(onlyListed())
                    : this;
        }
    }

    /// What an agent must speak or know.
    ///
    /// @param language   whether it must be the call's language
    /// @param skill      by word, how well at least
    /// @param relaxAfter how long a caller has waited before the others are rung too; never where absent
    public record Needs(boolean language, Map<String, Skill> skill, Optional<Seconds> relaxAfter) {
        public Needs {
            skill = Collections.unmodifiableMap(new LinkedHashMap<>(skill));
        }

        /// Whether somebody has all that is asked for.
        public boolean met(Extension agent, String spoken) {
            return (!language || agent.languages().contains(spoken))
                    && skill.entrySet().stream()
                            .allMatch(
                                    asked -> Optional.ofNullable(agent.skills().get(asked.getKey()))
                                            .filter(level -> level.compareTo(asked.getValue()) >= 0)
                                            .isPresent());
        }
    }

    /// Said to everyone before all else.
    ///
    /// @param on    whether it is said
    /// @param until the last day on which it is
    public record Notice(Spoken say, boolean on, Optional<LocalDate> until) {
        private Optional<Notice> over(Places places) {
            return places.entry("say", Role.SAYS, say.prompt(), Kind.PROMPT)
                    .map(prompt -> new Notice(new Spoken(prompt, say.language()), on, until));
        }
    }

    /// Said to the agent who takes a call, before it is put through.
    public sealed interface Told {
        /// What is allowed, as a refusal says it.
        String ALLOWED = "prompt/key, or wait for how long the caller has waited";

        /// Words of a prompt.
        record Saying(Ref prompt) implements Told {
            @Override
            public String toString() {
                return prompt.toString();
            }
        }

        /// How long the caller has waited.
        record TheWait() implements Told {
            @Override
            public String toString() {
                return "wait";
            }
        }

        /// Reads what `toString` writes.
        static Optional<Told> parse(String text) {
            return text.equals("wait")
                    ? Optional.of(new TheWait())
                    : Ref.parse(text).filter(ref -> ref.kind() == Kind.PROMPT).map(Saying::new);
        }
    }

    /// How somebody is rung back who does not want to wait.
    ///
    /// @param number     which number is rung
    /// @param ask        where the number is asked for
    /// @param tries      how often it is tried
    /// @param every      how long after each other
    /// @param within     until when at the latest
    /// @param holdsWhile hours in which it is offered
    public record Callback(
            Numbers number,
            Optional<Ref> ask,
            int tries,
            Seconds every,
            Seconds within,
            Optional<Route.While> holdsWhile) {
        /// Where nothing is said of it: the caller's number, three times within four hours.
        public static final Callback USUAL = new Callback(
                Numbers.CALLER, Optional.empty(), 3, new Seconds(600), new Seconds(14400), Optional.empty());

        /// Which number is rung.
        public enum Numbers {
            /// That of the caller; who has none is not offered it.
            CALLER,
            /// One that is asked for.
            ASKED,
            /// That of the caller, and where there is none one that is asked for.
            EITHER;

            /// As the plan file writes it.
            public String word() {
                return name().toLowerCase(Locale.ROOT);
            }
        }

        /// How long after the first the last try is, in seconds.
        public long lastTry() {
            return (tries - 1L) * every.value();
        }

        private Callback over(Places places) {
            return new Callback(
                    number,
                    number == Numbers.CALLER
                            ? places.ref("ask", Role.ASKS, ask, Kind.ASK)
                            : places.needs("ask", Role.ASKS, ask, Kind.ASK),
                    tries,
                    every,
                    within,
                    holdsWhile.flatMap(hours -> hours.over(places, "while")));
        }
    }

    /// What happens when no agent is logged in.
    ///
    /// @param refuseNew whether callers are turned away at once
    /// @param moveWaiting  whether callers who wait leave
    /// @param to            where both go
    public record NoAgents(boolean refuseNew, boolean moveWaiting, Optional<Destination> to) {
        /// Callers may join and stay.
        public static final NoAgents WAIT = new NoAgents(false, false, Optional.empty());
    }

    /// What a key leads to that is offered to somebody who waits.
    public sealed interface Offer {
        /// Elsewhere.
        ///
        /// @param keepPlace whether it is a menu during which the caller keeps the place in the line
        record Leads(Optional<Destination> to, boolean keepPlace) implements Offer {}

        /// To be rung back.
        record CallsBack() implements Offer {}

        private Offer over(Places places) {
            return switch (this) {
                case CallsBack back -> back;
                case Leads(Optional<Destination> to, boolean keepPlace) -> new Leads(places.needs("to", to), keepPlace);
            };
        }
    }

    /// Something said or offered during the wait.
    ///
    /// @param at    when first, counted from the end of what is said on joining; as `every` where absent
    /// @param every how often again
    /// @param holdsWhile hours in which it is said and offered
    /// @param say   what is said
    /// @param keys  the keys that are offered from then on
    public record Meanwhile(
            Optional<Seconds> at,
            Optional<Seconds> every,
            Optional<Route.While> holdsWhile,
            Optional<Said> say,
            Map<String, Offer> keys,
            boolean enabled) {
        public Meanwhile {
            keys = Collections.unmodifiableMap(new LinkedHashMap<>(keys));
        }

        private Meanwhile offeringNothing() {
            return new Meanwhile(at, every, holdsWhile, say, Map.of(), enabled);
        }

        private Meanwhile first(Seconds first) {
            return new Meanwhile(Optional.of(first), every, holdsWhile, say, keys, enabled);
        }

        Meanwhile over(Places places) {
            return new Meanwhile(
                    at,
                    every,
                    holdsWhile.flatMap(hours -> hours.over(places, "while")),
                    say.flatMap(said -> said.over(places)),
                    places.entries("keys", keys, (all, key, offer) -> Optional.of(offer.over(all.in(key)))),
                    enabled);
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
        /// What is allowed, as a refusal says it.
        public static final String ALLOWED = "a service level such as 80% in 20s";

        private static final Pattern SHAPE = Pattern.compile("([0-9]{1,3})% in ([0-9hms]+)");

        /// Reads what [#toString()] writes.
        public static Optional<ServiceLevel> parse(String text) {
            Matcher read = SHAPE.matcher(text);
            return read.matches() && Integer.parseInt(read.group(1)) <= 100
                    ? Seconds.parse(read.group(2))
                            .map(within -> new ServiceLevel(Integer.parseInt(read.group(1)), within))
                    : Optional.empty();
        }

        /// As people read it: `80% in 20 s`.
        public String said() {
            return percent + "% in " + within.said();
        }

        @Override
        public String toString() {
            return percent + "% in " + within;
        }
    }

    private static Optional<Told> told(Places places, String position, Told told) {
        return told instanceof Told.Saying(Ref prompt)
                ? places.entry(position, Role.SAYS, prompt, Kind.PROMPT).map(Told.Saying::new)
                : Optional.of(told);
    }

    /// How callers are rung back.
    public Callback ringsBack() {
        return callback.orElse(Callback.USUAL);
    }

    /// The longest wait after what is said on joining, in seconds.
    public int longestWait() {
        return maxWait.orElse(LONGEST_WAIT).value();
    }

    /// The same as a stage of a chain rings it: what is said is said, and nothing is offered.
    public Queue inStage() {
        List<Meanwhile> words = meanwhile.stream()
                .filter(item -> item.say().isPresent())
                .map(Meanwhile::offeringNothing)
                .toList();
        return with(agents, words, Optional.empty(), maxWait);
    }

    /// The same where nobody waits for longer than so many seconds.
    public Queue waiting(int most) {
        return with(agents, meanwhile, callback, Optional.of(new Seconds(Math.min(longestWait(), most))));
    }

    /// The same with other agents.
    public Queue withAgents(List<Agent> others) {
        return with(others, meanwhile, callback, maxWait);
    }

    /// The same with something of what is said meanwhile first said at another time.
    ///
    /// @param place among what is said meanwhile, from 0
    public Queue said(int place, Seconds first) {
        List<Meanwhile> items = new ArrayList<>(meanwhile);
        items.set(place, items.get(place).first(first));
        return with(agents, items, callback, maxWait);
    }

    private Queue with(
            List<Agent> others, List<Meanwhile> items, Optional<Callback> offered, Optional<Seconds> longest) {
        return new Queue(
                key,
                name,
                note,
                number,
                order,
                others,
                mayLogIn,
                pin,
                needs,
                sameAgentWithin,
                callerId,
                ringEach,
                pauseBetweenRounds,
                wrapUp,
                precedence,
                longestLine,
                full,
                noAgents,
                attempts,
                longest,
                overflow,
                notice,
                onJoining,
                language,
                hears,
                items,
                offered,
                tellAgent,
                shownAs,
                serviceLevel,
                abandonedAfter,
                recording);
    }

    /// Whether somebody who calls again comes to the same agent; within no time at all nobody does.
    public boolean sameAgent() {
        return sameAgentWithin.filter(within -> within.value() > 0).isPresent();
    }

    /// Whether some agent is one of another queue, too.
    public boolean sharesAgents(Queue other) {
        return agents.stream()
                .map(Agent::party)
                .anyMatch(party -> other.agents.stream().map(Agent::party).anyMatch(party::equals));
    }

    @Override
    public List<Spoken> spoken() {
        return Stream.concat(notice.map(Notice::say).stream(), onJoining.stream())
                .toList();
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
                places.items("agents", agents, (place, agent) -> agent.over(place)),
                mayLogIn.over(places),
                pin,
                needs,
                sameAgentWithin,
                callerId,
                ringEach,
                pauseBetweenRounds,
                wrapUp,
                precedence,
                longestLine,
                longestLine.isPresent() ? places.needs("full", full) : places.may("full", full),
                new NoAgents(
                        noAgents.refuseNew(),
                        noAgents.moveWaiting(),
                        noAgents.refuseNew() || noAgents.moveWaiting()
                                ? none.needs("to", noAgents.to())
                                : none.may("to", noAgents.to())),
                attempts,
                maxWait,
                places.needs("overflow", overflow),
                notice.flatMap(one -> one.over(places.in("notice"))),
                places.spoken("onJoining", onJoining),
                language,
                Hears.over(hears, places, "hears"),
                places.items("meanwhile", meanwhile, (item, one) -> Optional.of(one.over(item))),
                callback.map(one -> one.over(places.in("callback"))),
                places.each("tellAgent", tellAgent, Queue::told),
                shownAs,
                serviceLevel,
                abandonedAfter,
                recording);
    }
}
