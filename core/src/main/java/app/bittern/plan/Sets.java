package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// What a call is given where it passes by a choice or a rule: the language it is spoken to in from then on, and
/// tags that branches ahead can ask for.
///
/// @param language BCP 47
public record Sets(Optional<String> language, List<String> tags) {
    /// Nothing.
    public static final Sets NOTHING = new Sets(Optional.empty(), List.of());

    public Sets {
        tags = List.copyOf(tags);
    }

    /// A language alone.
    public static Sets language(String language) {
        return new Sets(Optional.of(language), List.of());
    }

    public boolean nothing() {
        return equals(NOTHING);
    }
}
