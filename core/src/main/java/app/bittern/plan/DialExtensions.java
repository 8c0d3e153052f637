package app.bittern.plan;

import java.util.List;
import java.util.Set;

/// Which extensions can be dialled in a menu: none, any, or those of some numbers and blocks.
///
/// @param any  whether any can
/// @param some the blocks of those that can, where not any can
public record DialExtensions(boolean any, List<Span> some) {
    /// None can be dialled.
    public static final DialExtensions NONE = new DialExtensions(false, List.of());

    /// Any can be dialled.
    public static final DialExtensions ANY = new DialExtensions(true, List.of());

    /// Numbers from one to another of the same length; one number where they are the same.
    public record Span(String from, String to) {
        /// @throws IllegalArgumentException where the last is before the first, or of another length
        public Span {
            if (from.length() != to.length() || from.compareTo(to) > 0) {
                throw new IllegalArgumentException(from + " to " + to + ": the last must not be before the first");
            }
        }

        boolean holds(String number) {
            return number.length() == from.length() && number.compareTo(from) >= 0 && number.compareTo(to) <= 0;
        }
    }

    public DialExtensions {
        some = List.copyOf(some);
    }

    /// Whether some can be dialled at all.
    public boolean possible() {
        return any || !some.isEmpty();
    }

    /// Whether one can be dialled.
    public boolean takes(String number) {
        return any || some.stream().anyMatch(span -> span.holds(number));
    }

    /// The numbers that can be dialled where some keys are taken at once: none of them begins with one.
    public DialledNumbers numbers(Plan plan, Set<String> keys) {
        return plan.dialledNumbers(this, keys);
    }

    /// Whether one can be dialled where some keys are taken at once.
    public boolean takes(String number, Set<String> keys) {
        return takes(number) && keys.stream().noneMatch(number::startsWith);
    }
}
