package app.bittern.call;

import app.bittern.plan.Party;
import java.util.List;
import java.util.Optional;

/// What a bench makes of an object: which outcome, when, and the facts that it was decided by.
///
/// @param cause the outcome decided on
/// @param after seconds from entering the object
/// @param hears what the caller hears, in seconds from entering the object
/// @param by    who answered
/// @param voiceChannels voice channels in use: 1 where the system itself speaks or listens
record Decision(Cause cause, int after, List<Heard> hears, Account account, Optional<Party> by, int voiceChannels) {
    static Decision of(Cause cause, int after, List<Heard> hears, Account account) {
        return new Decision(cause, after, hears, account, Optional.empty(), 0);
    }

    /// Decided on at once, and in silence.
    static Decision atOnce(Cause cause, Account account) {
        return of(cause, 0, List.of(), account);
    }

    Decision answeredBy(Party who) {
        return new Decision(cause, after, hears, account, Optional.of(who), voiceChannels);
    }

    /// The same told otherwise.
    Decision told(Account otherwise) {
        return new Decision(cause, after, hears, otherwise, by, voiceChannels);
    }

    Decision speaking() {
        return new Decision(cause, after, hears, account, by, 1);
    }
}
