package app.bittern.telling;

import java.util.List;

/// What is told of one step of a call.
///
/// @param what what happened, one sentence
/// @param why  the rule that held and those that did not
public record Told(String what, List<Why> why) {
    public Told {
        why = List.copyOf(why);
    }
}
