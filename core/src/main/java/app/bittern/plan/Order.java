package app.bittern.plan;

import java.util.Locale;

/// The order in which people are rung: by a list, by what they have done, or by neither.
public enum Order {
    /// As they are listed.
    FIXED,
    /// As listed, going on after the one who was rung last.
    ROTATING,
    /// By rank, as listed within one (queues only).
    BY_RANK,
    /// Who knows most of what is needed first (queues only).
    BY_SKILL,
    /// Who has been idle longest first.
    LONGEST_IDLE,
    /// Who has had the fewest calls first.
    FEWEST_CALLS,
    /// All together (queues only).
    EVERYONE,
    RANDOM;

    /// As the plan file writes it: `longest-idle`.
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
