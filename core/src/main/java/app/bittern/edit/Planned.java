package app.bittern.edit;

import java.util.List;

/// What became of the wish to change something: an edit, or why there is none.
public sealed interface Planned {
    record Made(PlanEdit edit) implements Planned {}

    /// @param says what is wrong and what is allowed, a sentence for each
    record Refused(List<String> says) implements Planned {
        public Refused {
            says = List.copyOf(says);
        }
    }

    static Planned refused(String says) {
        return new Refused(List.of(says));
    }
}
