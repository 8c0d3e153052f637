package app.bittern.field;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What a reader of a field needs: "ringFor", titled "Rings for", usually 20s.
///
/// @param name  as in the plan file; [#EACH] for what stands under any name or in any place of a list
/// @param title as on a screen
/// @param help  one sentence
/// @param usual what counts where it is not given
/// @param range of a whole number
/// @param sentences whether its text is of sentences rather than of a word or two
/// @param inner the fields of a map, or of each item of a list
/// @param alone the one of a map that is written in place of the map where no other is given
public record Field(
        String name,
        String title,
        String help,
        Optional<Usual> usual,
        Optional<Range> range,
        boolean sentences,
        List<Field> inner,
        Optional<String> alone) {
    /// The name of a field whose name is not fixed.
    public static final String EACH = "*";

    public Field {
        inner = List.copyOf(inner);
    }

    /// What counts where a field is not given.
    ///
    /// @param text  a value as in the plan file ("20s"), or words ("as busy")
    /// @param value whether it is a value
    public record Usual(String text, boolean value) {}

    /// From the least to the most, both allowed.
    ///
    /// @param unit what is counted: "calls"
    public record Range(int least, int most, String unit) {
        /// "a whole number from 1 to 20".
        public String allowed() {
            return "a whole number from " + least + " to " + most;
        }

        public boolean holds(int number) {
            return number >= least && number <= most;
        }
    }

    static Field of(String name, String title, String help) {
        return new Field(name, title, help, Optional.empty(), Optional.empty(), false, List.of(), Optional.empty());
    }

    /// What stands under any name.
    static Field each(String title, String help) {
        return of(EACH, title, help);
    }

    Field usual(String value) {
        return new Field(name, title, help, Optional.of(new Usual(value, true)), range, sentences, inner, alone);
    }

    Field otherwise(String words) {
        return new Field(name, title, help, Optional.of(new Usual(words, false)), range, sentences, inner, alone);
    }

    Field between(int least, int most, String unit) {
        return new Field(name, title, help, usual, Optional.of(new Range(least, most, unit)), sentences, inner, alone);
    }

    Field inSentences() {
        return new Field(name, title, help, usual, range, true, inner, alone);
    }

    Field with(Field... fields) {
        List<Field> all = new ArrayList<>(inner);
        all.addAll(List.of(fields));
        return new Field(name, title, help, usual, range, sentences, all, alone);
    }

    /// Written by one of its fields alone, where no other is given.
    Field alone(String one) {
        return new Field(name, title, help, usual, range, sentences, inner, Optional.of(one));
    }

    /// The field of that name in it; one under any name where none has it.
    public Optional<Field> field(String one) {
        return find(inner, one);
    }

    /// The field of that name among some; one under any name where none has it.
    public static Optional<Field> find(List<Field> fields, String name) {
        return fields.stream()
                .filter(field -> field.name().equals(name))
                .findFirst()
                .or(() -> fields.stream()
                        .filter(field -> field.name().equals(EACH))
                        .findFirst());
    }
}
