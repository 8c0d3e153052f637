package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Takes a message (voicemail).
///
/// @param greetings  what is said instead to callers who come for a reason
/// @param pin        asked for when messages are collected
/// @param email      where messages are sent
/// @param maxMessage the longest message
/// @param maxMessages       how many messages are kept; then it is full
/// @param operator   where key 0 leads while the greeting is said
public record Mailbox(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<Ref> greeting,
        Map<Reason, Ref> greetings,
        Optional<Pin> pin,
        List<String> email,
        Optional<Seconds> maxMessage,
        Optional<Integer> maxMessages,
        Optional<Destination> operator)
        implements PlanObject {
    public Mailbox {
        greetings = Collections.unmodifiableMap(new LinkedHashMap<>(greetings));
        email = List.copyOf(email);
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
    public Optional<Ref> greeting(Optional<Reason> reason) {
        return reason.flatMap(why -> Optional.ofNullable(greetings.get(why))).or(() -> greeting);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.MAILBOX, key);
    }

    @Override
    public Mailbox over(Places places) {
        String always = greetings.isEmpty() ? "greeting" : "always";
        Places said = greetings.isEmpty() ? places : places.in("greeting");
        Map<Reason, Ref> kept = new LinkedHashMap<>();
        Optional<Ref> greets = said.ref(always, Role.SAYS, greeting, Kind.PROMPT);
        greetings.forEach((reason, prompt) -> said.ref(reason.word(), Role.SAYS, Optional.of(prompt), Kind.PROMPT)
                .ifPresent(one -> kept.put(reason, one)));
        return new Mailbox(
                places.key(key),
                name,
                note,
                number,
                greets,
                kept,
                pin,
                email,
                maxMessage,
                maxMessages,
                places.may("operator", operator));
    }
}
