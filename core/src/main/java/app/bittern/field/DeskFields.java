package app.bittern.field;

import java.util.List;

/// The fields of what agents choose from and read.
final class DeskFields {
    static final List<Field> PAUSE_REASON = List.of(CommonFields.KEY, CommonFields.NAME, CommonFields.NOTE);

    static final List<Field> CALL_RESULT = List.of(
            CommonFields.KEY,
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("queues", "Queues", "Whose agents may choose it.")
                    .otherwise("all")
                    .with(Field.each("Queue", "A queue.")));

    static final List<Field> AGENT_NOTE = List.of(
            CommonFields.KEY,
            CommonFields.NOTE,
            Field.of("for", "For", "On whose calls agents read it."),
            Field.of("text", "Text", "What they read.").inSentences());

    private DeskFields() {}
}
