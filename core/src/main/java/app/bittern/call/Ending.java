package app.bittern.call;

import java.util.Locale;
import java.util.Optional;

/// Where a call comes to rest: `message in mailbox/bookings`.
///
/// @param kind  how it ended
/// @param in    where: a reference, or `outside/` and the number
/// @param by    who answered, where the bench says so
/// @param cause why it is lost
public record Ending(Kind kind, String in, Optional<String> by, Optional<Lost> cause) {
    /// How a call can end.
    public enum Kind {
        ANSWERED,
        MESSAGE,
        OUTSIDE,
        CALLBACK,
        PAGED,
        /// A code has done what it is for.
        DONE,
        BUSY,
        /// The phone may not dial so.
        BARRED,
        /// No trunk has a free channel.
        NO_CHANNEL,
        HUNG_UP,
        UNMATCHED,
        /// Followed no further: it has come too often to where it was before.
        STOPPED,
        LOST;

        /// As it is written: `hung-up`.
        public String word() {
            return name().toLowerCase(Locale.ROOT).replace('_', '-');
        }
    }

    /// Why a call is lost.
    public enum Lost {
        /// A destination is missing.
        HOLE,
        /// Round and round, with no second passed and no choice by the caller.
        ENDLESS,
        /// Nobody to answer and nothing after.
        NOBODY;

        public String word() {
            return name().toLowerCase(Locale.ROOT);
        }
    }

    public static Ending of(Kind kind, Object in) {
        return new Ending(kind, in.toString(), Optional.empty(), Optional.empty());
    }

    public static Ending lost(Lost cause, Object in) {
        return new Ending(Kind.LOST, in.toString(), Optional.empty(), Optional.of(cause));
    }

    /// The same, whoever answered.
    public Ending anybody() {
        return by.isEmpty() ? this : new Ending(kind, in, Optional.empty(), cause);
    }

    Ending by(Object who) {
        return new Ending(kind, in, Optional.of(who.toString()), cause);
    }
}
