package app.bittern.call;

import app.bittern.plan.Party;
import app.bittern.plan.Ref;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/// What one call does, step by step.
///
/// @param ending   where it comes to rest
/// @param second   when, counted from the beginning of the call
/// @param route    the route that took it
/// @param language the language in force at the end
public record Trace(Ending ending, int second, Optional<Ref> route, List<Step> steps, String language) {
    public Trace {
        steps = List.copyOf(steps);
    }

    /// The longest that the caller hears neither words nor music nor ringing nor a tone, in seconds.
    public int longestSilence() {
        List<Heard> sounds = steps.stream()
                .flatMap(step -> step.hears().stream())
                .filter(heard -> heard.sound() != Heard.Sound.SILENCE && heard.sound() != Heard.Sound.KEY)
                .sorted(Comparator.comparingInt(Heard::from))
                .toList();
        int longest = 0;
        int until = 0;
        for (Heard sound : sounds) {
            longest = Math.max(longest, sound.from() - until);
            until = Math.max(until, sound.to());
        }
        return Math.max(longest, second - until);
    }

    /// A call at one object.
    ///
    /// @param second when it came there
    /// @param object where
    /// @param account what was decided by, as facts: sentences are made of it by `app.bittern.telling`
    /// @param cause  the outcome taken; none where no route took the call
    /// @param lasts  seconds that the call was there
    /// @param hears  what the caller hears, in seconds from the beginning of the call
    /// @param by     who answered
    /// @param after  what is carried and in use after the step
    public record Step(
            int second,
            String object,
            Account account,
            Optional<Cause> cause,
            int lasts,
            List<Heard> hears,
            Optional<Party> by,
            Variables after) {
        public Step {
            hears = List.copyOf(hears);
        }

        /// The id of the outcome taken.
        public String exit() {
            return cause.map(Cause::id).orElse(Ending.Kind.UNMATCHED.word());
        }
    }

    /// What a call carries and holds.
    ///
    /// @param channels trunk channels in use
    /// @param voiceChannels    voice channels in use
    public record Variables(
            String language, Optional<Ref> firstCalled, List<String> tags, int channels, int voiceChannels) {}
}
