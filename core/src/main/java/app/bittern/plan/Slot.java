package app.bittern.plan;

import java.util.Optional;

/// A place in an object where another is named, or could be: `/overflow`, which leads to `mailbox/bookings`.
///
/// @param at    its address in the object
/// @param role  what it is for
/// @param takes what may stand there
/// @param holds what stands there, if anything does
/// @param need  what it means that nothing does
public record Slot(Pointer at, Role role, Takes takes, Optional<Filling> holds, Need need) {
    /// What it means for an object that nothing stands in a place.
    public enum Need {
        /// A call falls in a hole.
        REQUIRED,
        /// The object does without.
        OPTIONAL,
        /// The entry of the list or map that it is in is nothing without it, and goes.
        ENTRY,
        /// The object is nothing without it; only another can be put there.
        WHOLE
    }

    /// The object that it names.
    public Optional<Ref> target() {
        return holds.flatMap(Filling::target);
    }

    /// Whether a call goes on from here.
    public boolean leads() {
        return role == Role.LEADS_TO;
    }

    /// Whether something must stand here and does not.
    public boolean missing() {
        return holds.isEmpty() && need == Need.REQUIRED;
    }
}
