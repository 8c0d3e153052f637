package app.bittern.field;

import java.util.List;

/// The fields of what is expected, tried and accepted.
final class TestFields {
    private static final Field REACTION = Field.each("Reaction", "One for all times, or several in order.")
            .with(Field.each("Time", "What happens this time."));

    static final List<Field> TRAFFIC = List.of(
            CommonFields.NOTE,
            Field.of("numbers", "Numbers", "How many calls are expected.")
                    .with(Field.each("Number", "Calls to this number.")
                            .with(Field.of("perHour", "Per hour", "Calls an hour, by range of the week.")
                                    .with(
                                            Field.of("else", "Else", "At all other times."),
                                            Field.each("Range", "In this range of the week.")))),
            Field.of("choices", "Choices", "What callers key.")
                    .with(Field.each("Menu", "In this menu.")
                            .with(Field.each("Key", "The share that keys it; none for no key."))),
            Field.of("talk", "Talk", "How long calls last when they are answered.")
                    .with(
                            Field.of("else", "Else", "Everywhere else."),
                            Field.each("Object", "Where they are answered in this object.")),
            Field.of("patience", "Patience", "How long callers wait before they give up.")
                    .with(Field.of("mean", "Mean", "On average.")));

    static final List<Field> TEST_CALL = List.of(
            CommonFields.KEY,
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("call", "Calls", "The number called, in E.164 or as it arrives on a trunk."),
            Field.of("from", "From", "Who calls; withheld, or unavailable, for nobody known."),
            Field.of("at", "At", "When, by the site's clock."),
            Field.of("keys", "Keys", "What the caller keys, in the order in which it is asked for.")
                    .with(Field.each(
                            "Keys", "A key, - for silence, ! before what is keyed at once, 5@7s for a second.")),
            Field.of("phones", "Phones", "What phones do.").otherwise("silent").with(REACTION),
            Field.of("switches", "Switches", "What switches are turned to.")
                    .otherwise("as they are now")
                    .with(Field.each("Switch", "Its position.")),
            Field.of("agents", "Agents", "Where agents are.")
                    .otherwise("in, where they always are")
                    .with(REACTION),
            Field.of("waiting", "Waiting", "What is found in queues and mailboxes.")
                    .otherwise("nobody")
                    .with(REACTION),
            Field.of("expect", "Expects", "What must become of the call.")
                    .with(
                            Field.of("reaches", "Reaches", "An object that it passes."),
                            Field.of("ending", "Ends", "How it ends."),
                            Field.of("in", "In", "Where it ends."),
                            Field.of("by", "By", "Who answers."),
                            Field.of("within", "Within", "After how long at the latest.")));

    static final List<Field> ACCEPTED = List.of(
            CommonFields.KEY,
            Field.of("object", "Object", "What it is about."),
            CommonFields.NOTE,
            Field.of("finding", "Finding", "Its code."),
            Field.of("field", "Field", "The address of its place, such as /keys/3/to.")
                    .otherwise("the object as a whole"),
            Field.of("values", "Values", "What else it is about; it comes back when they change.")
                    .with(Field.each("Value", "As the finding names it.")),
            Field.of("reason", "Reason", "Why it is left as it is.").inSentences());

    private TestFields() {}
}
