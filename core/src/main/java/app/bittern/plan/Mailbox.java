package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Takes a message (voicemail).
///
/// @param owner          whose it is, where it is not that of those whose extension has it
/// @param greetings      what is said instead to callers who come for a reason
/// @param keyZero        where key 0 leads while the greeting is said
/// @param email          where messages are sent
/// @param deliver        how messages are sent
/// @param longestMessage the longest message
/// @param mostMessages   how many messages are kept; then it is full
/// @param pin            asked for when messages are collected
public record Mailbox(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<Ref> owner,
        Optional<Spoken> greeting,
        Map<Reason, Spoken> greetings,
        Optional<Destination> keyZero,
        List<String> email,
        Deliver deliver,
        Optional<Seconds> longestMessage,
        Optional<Integer> mostMessages,
        Optional<Pin> pin)
        implements PlanObject {
    public Mailbox {
        greetings = Collections.unmodifiableMap(new LinkedHashMap<>(greetings));
        email = List.copyOf(email);
    }

    /// How messages are sent to those who are sent them.
    ///
    /// @param withSound  whether with the sound
    /// @param thenRemove whether they are not kept then
    public record Deliver(boolean withSound, boolean thenRemove) {
        /// Told of, and kept.
        public static final Deliver TOLD = new Deliver(false, false);
    }

    /// One of nobody in particular.
    public Mailbox(
            String key,
            Optional<String> name,
            Optional<String> note,
            Optional<String> number,
            Optional<Spoken> greeting,
            Map<Reason, Spoken> greetings,
            Optional<Destination> keyZero,
            List<String> email,
            Optional<Seconds> longestMessage,
            Optional<Integer> mostMessages,
            Optional<Pin> pin) {
        this(
                key,
                name,
                note,
                number,
                Optional.empty(),
                greeting,
                greetings,
                keyZero,
                email,
                Deliver.TOLD,
                longestMessage,
                mostMessages,
                pin);
    }

    /// Why a caller has come to a mailbox.
    public enum Reason {
        BUSY("busy"),
        NO_ANSWER("noAnswer"),
        CLOSED("closed");

        private final String word;

        Reason(String word) {
            this.word = word;
        }

        /// As the plan file writes it.
        public String word() {
            return word;
        }
    }

    /// What is said to somebody who comes for a reason.
    public Optional<Spoken> greeting(Optional<Reason> reason) {
        return reason.flatMap(why -> Optional.ofNullable(greetings.get(why))).or(() -> greeting);
    }

    @Override
    public List<Spoken> spoken() {
        return Stream.concat(greeting.stream(), greetings.values().stream()).toList();
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.MAILBOX, key);
    }

    @Override
    public Mailbox over(Places places) {
        Optional<Ref> owned = places.ref("owner", Role.BELONGS_TO, owner, Kind.EXTENSION);
        String always = greetings.isEmpty() ? "greeting" : "always";
        Places said = greetings.isEmpty() ? places : places.in("greeting");
        Map<Reason, Spoken> kept = new LinkedHashMap<>();
        Optional<Spoken> greets = said.spoken(always, greeting);
        greetings.forEach((reason, prompt) ->
                said.spoken(reason.word(), Optional.of(prompt)).ifPresent(one -> kept.put(reason, one)));
        return new Mailbox(
                places.key(key),
                name,
                note,
                number,
                owned,
                greets,
                kept,
                places.may("keyZero", keyZero),
                email,
                deliver,
                longestMessage,
                mostMessages,
                pin);
    }
}
