package app.bittern.edit;

import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Locale;

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

    /// What is to be made, or named so, is there: `Extension 2030 is there already: choose another number.`
    static Planned there(Ref ref) {
        String kind = ref.kind().title();
        return refused(kind.substring(0, 1).toUpperCase(Locale.ROOT) + kind.substring(1) + " " + ref.key()
                + " is there already: choose another "
                + (ref.kind().keys() == Kind.Keys.WORDS ? "key" : "number") + ".");
    }
}
