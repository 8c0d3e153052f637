package app.bittern.call;

import app.bittern.plan.Ref;
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

    /// A call at one object.
    ///
    /// @param second when it came there
    /// @param object where
    /// @param what   what happened, one sentence
    /// @param hears  what the caller hears, in seconds from the beginning of the call
    /// @param why    the rule that held and those that did not
    /// @param exit   the id of the outcome taken
    /// @param after  what is carried and in use after the step
    public record Step(
            int second, String object, String what, List<Heard> hears, List<Why> why, String exit, Variables after) {
        public Step {
            hears = List.copyOf(hears);
            why = List.copyOf(why);
        }
    }

    /// What a call carries and holds.
    ///
    /// @param channels trunk channels in use
    /// @param voiceChannels    voice channels in use
    public record Variables(
            String language, Optional<Ref> firstCalled, List<String> tags, int channels, int voiceChannels) {}
}
