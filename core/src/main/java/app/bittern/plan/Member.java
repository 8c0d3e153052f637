package app.bittern.plan;

import java.util.Optional;

/// Somebody whom a group rings.
///
/// @param after   how long after the others this one begins to ring; 0 s where they ring one after another
/// @param keyToTake whether the person must press a key to take the call
public record Member(Party party, Seconds after, boolean keyToTake) {
    Optional<Member> over(Places places) {
        return switch (party) {
            case Party.Inside(Ref extension) ->
                places.entry("extension", Role.RINGS, extension, Kind.EXTENSION)
                        .map(ref -> new Member(new Party.Inside(ref), after, keyToTake));
            case Party.Outside outside -> Optional.of(this);
        };
    }
}
