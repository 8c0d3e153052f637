package app.bittern.formats;

import app.bittern.field.Field;
import java.util.List;

/// The fields that are declared of a map that is being read; a reader that asks for what is declared nowhere is
/// at fault.
record Declared(List<Field> fields) {
    static final Declared NOTHING = new Declared(List.of());

    Declared {
        fields = List.copyOf(fields);
    }

    /// Those that are declared inside a field.
    Declared inside(String field) {
        return Field.find(fields, field).map(Field::inner).map(Declared::new).orElse(NOTHING);
    }

    /// The range of a whole number.
    ///
    /// @throws IllegalStateException where none is declared
    Field.Range range(String field) {
        return field(field)
                .range()
                .orElseThrow(() -> new IllegalStateException(field + " is declared without a range"));
    }

    /// What counts where a field is not given.
    ///
    /// @throws IllegalStateException where no value is declared
    String usual(String field) {
        return field(field)
                .usual()
                .filter(Field.Usual::value)
                .orElseThrow(() -> new IllegalStateException(field + " is declared without a usual value"))
                .text();
    }

    private Field field(String name) {
        return Field.find(fields, name).orElseThrow(() -> new IllegalStateException(name + " is declared nowhere"));
    }
}
