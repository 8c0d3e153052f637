package app.bittern.plan;

import java.util.Locale;

/// The order in which people are rung.
public enum Order {
    /// As they are listed.
    FIXED,
    /// Going on after the one who was rung last.
    ROTATING,
    /// Who has been idle longest first.
    LONGEST_IDLE,
    /// Who has had the fewest calls first.
    FEWEST_CALLS,
    RANDOM,
    /// All together (queues only).
    EVERYONE,
    /// Tier by rank, as listed within one (queues only).
    BY_RANK,
    /// Who knows most of what is needed first (queues only).
    BY_SKILL;

    /// As the plan file writes it: `longest-idle`.
    public String word() {
        return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
}
