package app.bittern.plan;

import java.util.Optional;

/// What becomes of a try in which nothing valid was keyed.
///
/// @param prompt said after it, where it is not the last
/// @param to     where the last such try leads; where the menu or the ask gives up, where absent
public record FailedTry(Optional<Spoken> prompt, Optional<Destination> to) {
    /// Nothing is said.
    public static final FailedTry SILENT = new FailedTry(Optional.empty(), Optional.empty());

    /// Something is said.
    public static FailedTry saying(Ref prompt) {
        return new FailedTry(Optional.of(Spoken.of(prompt)), Optional.empty());
    }

    FailedTry over(Places places, Takes takes) {
        return new FailedTry(places.spoken("prompt", prompt), places.may("to", to, takes));
    }
}
