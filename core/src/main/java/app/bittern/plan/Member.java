package app.bittern.plan;

/// Somebody whom a group rings.
///
/// @param after   how long after the others this one begins to ring; 0 s where they ring one after another
/// @param confirm whether the person must press a key to take the call
public record Member(Party party, Seconds after, boolean confirm) {}
