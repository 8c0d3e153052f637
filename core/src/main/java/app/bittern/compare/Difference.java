package app.bittern.compare;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.callset.CallSet;
import app.bittern.number.E164;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// What callers notice of a change, the same calls doing the same before and after.
///
/// @param number  the number called
/// @param at      the object in which the plans part
/// @param calls   for which calls
/// @param when    at which times, with which switches turned where, in words; where these hang together with
///                who
///                calls, all of it
/// @param caller  who calls, in words, where that hangs together with nothing; else anybody, or as `when` says
/// @param choices what the caller keys up to there
/// @param witness a call that shows it when both plans are traced with it; none where no single call does
public record Difference(
        Notice notice,
        E164 number,
        Ref at,
        CallSet calls,
        String when,
        Optional<String> caller,
        List<String> choices,
        Side before,
        Side after,
        Optional<Bench> witness) {
    public Difference {
        choices = List.copyOf(choices);
    }

    /// In what it shows.
    public enum Notice {
        /// Calls end elsewhere.
        ENDS("ends"),
        /// It takes longer or less long.
        WAITS("waits"),
        /// Callers hear other words or music.
        HEARS("hears"),
        /// Phones show something else.
        SHOWN("shown"),
        /// Something else is set off.
        SETS_OFF("sets off");

        private final String word;

        Notice(String word) {
            this.word = word;
        }

        public String word() {
            return word;
        }
    }

    /// What a call does in one of the plans.
    ///
    /// @param ending where it ends; where no call shows it, only if it ends at once
    /// @param second how long it takes in seconds: to its end, or there where that is what differs
    /// @param words  what is said and played, shown or set off there, where that is what differs
    /// @param leads  the object that it goes on to, where no call shows more
    public record Side(Optional<Ending> ending, int second, List<String> words, Optional<Ref> leads) {
        public Side {
            words = List.copyOf(words);
        }
    }
}
