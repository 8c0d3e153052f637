package app.bittern.formats.answer;

import app.bittern.call.Trace;
import app.bittern.effect.Effects;
import app.bittern.telling.Telling;
import app.bittern.telling.Told;
import com.fasterxml.jackson.annotation.JsonInclude;
import java.util.List;
import java.util.Optional;
import tools.jackson.databind.json.JsonMapper;

/// A trace as JSON: the ending, the route, and each step with what is heard and why.
///
/// @param route    null where no route took the call
/// @param language the language in force at the end
public record TraceJson(
        Ending ending,
        @JsonInclude(JsonInclude.Include.ALWAYS) Optional<String> route,
        List<Step> steps,
        List<Effect> effects,
        String language) {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .changeDefaultPropertyInclusion(value -> value.withValueInclusion(JsonInclude.Include.NON_ABSENT))
            .build();

    /// @param second counted from the beginning of the call
    public record Ending(String kind, String in, Optional<String> by, Optional<String> cause, int second) {}

    /// What the call sets off.
    ///
    /// @param second   counted from the beginning of the call
    /// @param what     as promises and test calls name it: `alarm/medical`
    /// @param says     in words, its texts filled in
    /// @param heldBack why it does not happen after all; absent where it does
    public record Effect(int second, String object, String what, String says, Optional<String> heldBack) {}

    /// @param second when the call came to the object
    /// @param exit   the outcome taken
    public record Step(
            int second, String object, String what, List<Heard> hears, List<Why> why, String exit, After after) {}

    /// @param from second from the beginning of the call
    /// @param sound speech, ringing, silence, key or tone
    public record Heard(int from, int to, String sound, String text) {}

    public record Why(String rule, boolean held, String because) {}

    public record After(
            String language, Optional<String> firstCalled, List<String> tags, int channels, int voiceChannels) {}

    public static TraceJson of(Telling telling, Trace trace) {
        return new TraceJson(
                ending(trace),
                trace.route().map(Object::toString),
                trace.steps().stream()
                        .map(step -> step(step, telling.told(step)))
                        .toList(),
                Effects.of(telling.plan(), telling.bench(), trace).stream()
                        .map(effect -> new Effect(
                                effect.second(),
                                effect.object().toString(),
                                effect.what().id(),
                                effect.what().words(telling.plan()::title),
                                effect.heldBack()))
                        .toList(),
                trace.language());
    }

    /// How it ends, alone.
    public static Ending ending(Trace trace) {
        return new Ending(
                trace.ending().kind().word(),
                trace.ending().in(),
                trace.ending().by(),
                trace.ending().cause().map(cause -> cause.word()),
                trace.second());
    }

    private static Step step(Trace.Step step, Told told) {
        Trace.Variables after = step.after();
        return new Step(
                step.second(),
                step.object(),
                told.what(),
                step.hears().stream()
                        .map(heard -> new Heard(
                                heard.from(), heard.to(), heard.sound().word(), heard.text()))
                        .toList(),
                told.why().stream()
                        .map(why -> new Why(why.rule(), why.held(), why.because()))
                        .toList(),
                step.exit(),
                new After(
                        after.language(),
                        after.firstCalled().map(Object::toString),
                        after.tags(),
                        after.channels(),
                        after.voiceChannels()));
    }

    /// As a text of its own, indented.
    public static String pretty(Telling telling, Trace trace) {
        return MAPPER.writerWithDefaultPrettyPrinter().writeValueAsString(of(telling, trace));
    }
}
