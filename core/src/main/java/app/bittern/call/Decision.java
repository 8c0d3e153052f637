package app.bittern.call;

import java.util.List;
import java.util.Optional;

/// What a bench makes of an object: which outcome, when, and why.
///
/// @param cause the outcome decided on
/// @param after seconds from entering the object
/// @param what  what happened, one sentence
/// @param hears what the caller hears, in seconds from entering the object
/// @param by    who answered
/// @param voiceChannels voice channels in use: 1 where the system itself speaks or listens
record Decision(
        Cause cause, int after, String what, List<Heard> hears, List<Why> why, Optional<String> by, int voiceChannels) {
    static Decision of(Cause cause, int after, String what, List<Heard> hears, List<Why> why) {
        return new Decision(cause, after, what, hears, why, Optional.empty(), 0);
    }

    Decision answeredBy(String who) {
        return new Decision(cause, after, what, hears, why, Optional.of(who), voiceChannels);
    }

    Decision speaking() {
        return new Decision(cause, after, what, hears, why, by, 1);
    }
}
