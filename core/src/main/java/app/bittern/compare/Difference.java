package app.bittern.compare;

import app.bittern.call.Bench;
import app.bittern.call.Ending;
import app.bittern.callset.CallSet;
import app.bittern.callset.Calling;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;

/// What callers notice of a change, the same calls doing the same before and after.
///
/// @param calling how such calls begin
/// @param at      the object in which the plans part
/// @param calls   for which calls
/// @param when    at which times, with which switches turned where, in words; where these hang together with
///                who
///                calls, all of it
/// @param caller  who calls, in words, where that hangs together with nothing; else anybody, or as `when` says
/// @param choices what the caller keys up to there
/// @param inside  whether calls of phones of the site that come there differ in the same way
/// @param witness a call that shows it when both plans are traced with it; none where no single call does
public record Difference(
        Notice notice,
        Calling calling,
        Ref at,
        CallSet calls,
        String when,
        Optional<String> caller,
        List<String> choices,
        Side before,
        Side after,
        boolean inside,
        Optional<Bench> witness) {
    public Difference {
        choices = List.copyOf(choices);
    }

    /// The same, of phones of the site too.
    Difference alsoInside() {
        return new Difference(notice, calling, at, calls, when, caller, choices, before, after, true, witness);
    }

    /// Whether it is the same as another, for calls that are all among its own.
    boolean holdsFor(Difference other) {
        return notice == other.notice
                && at.equals(other.at)
                && choices.equals(other.choices)
                && before.alike(other.before)
                && after.alike(other.after)
                && other.calls.minus(calls).isEmpty();
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

        /// Whether a call does the same, apart from the seconds to its end.
        private boolean alike(Side other) {
            return ending.map(one -> List.of(one.kind(), one.in(), one.cause()))
                            .equals(other.ending.map(one -> List.of(one.kind(), one.in(), one.cause())))
                    && (ending.isPresent() || second == other.second)
                    && words.equals(other.words)
                    && leads.equals(other.leads);
        }
    }
}
