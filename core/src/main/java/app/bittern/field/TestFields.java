package app.bittern.field;

import java.util.List;

/// The fields of what is expected, tried and accepted.
final class TestFields {
    private static final Field SET_OFF = Field.each("Effect", "alarm/medical, recorded, or another.");

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
            Field.of(
                            "patience",
                            "Patience",
                            "How long callers wait before they give up; ring times and service levels are held against it.")
                    .with(Field.of("mean", "Mean", "On average.")));

    static final List<Field> TEST_CALL = List.of(
            CommonFields.KEY,
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of(
                    "call",
                    "Calls",
                    "The number called, in E.164 or as it is dialled in the country; what a phone of the site dials, where one calls."),
            Field.of(
                    "from",
                    "From",
                    "Who calls; withheld, or unavailable, for nobody known; extension/2014 for a phone of the site."),
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
            Field.of("waiting", "Waiting", "What is found in queues, mailboxes and trunks, and what lookups say.")
                    .otherwise("nobody")
                    .with(REACTION),
            Field.of("expect", "Expects", "What must become of the call.")
                    .with(
                            Field.of("reaches", "Reaches", "An object that it passes."),
                            Field.of("ending", "Ends", "How it ends."),
                            Field.of("in", "In", "Where it ends."),
                            Field.of("by", "By", "Who answers."),
                            Field.of("within", "Within", "After how long at the latest."),
                            Field.of("notBefore", "Not before", "After how long at the earliest."),
                            Field.of(
                                            "says",
                                            "Says",
                                            "What is said to the caller, in that order, whatever is said between.")
                                    .with(Field.each("Prompt", "One of them.")),
                            Field.of("effects", "Sets off", "What it must set off.")
                                    .with(SET_OFF),
                            Field.of("language", "Language", "The language in force when it ends."),
                            Field.of("shownAs", "Shown as", "What some phone must show that rings."),
                            Field.of("not", "Not", "What must not become of it.")
                                    .with(
                                            Field.of("reaches", "Reaches", "An object that it must not pass."),
                                            Field.of("ending", "Ends", "How it must not end."),
                                            Field.of("in", "In", "Where it must not end."),
                                            Field.of("by", "By", "Who must not answer."),
                                            Field.of("effects", "Sets off", "What it must not set off.")
                                                    .with(SET_OFF))));

    static final List<Field> PROMISE = List.of(
            CommonFields.KEY,
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("about", "About", "Which calls it is about.")
                    .otherwise("all calls that come in")
                    .with(
                            Field.of("numbers", "Numbers", "Calls to these inbound numbers.")
                                    .with(Field.each("Number", "One of them.")),
                            Field.of("phones", "Phones", "Calls that these phones of the site make.")
                                    .with(Field.each("Phone", "One of them.")),
                            Field.of("dialled", "Dialled", "What these phones dial.")
                                    .otherwise("all that they can dial, by example")
                                    .with(Field.each("Digits", "One of them.")),
                            Field.of("caller", "From", "By whom.")
                                    .otherwise("anybody")
                                    .with(
                                            Field.of(
                                                    "prefix",
                                                    "Begins with",
                                                    "The first digits of the caller's number."),
                                            Field.of("tag", "Tagged", "A tag that contacts have.")),
                            Field.of("while", "While", "In which hours."),
                            Field.of("language", "Language", "Calls in that language when they end."),
                            Field.of("keys", "Keys", "Calls in which these are keyed first, in that order.")
                                    .with(Field.each("Keys", "What is keyed."))),
            Field.of("always", "Always", "What holds for each of these calls.").with(holds()),
            Field.of("never", "Never", "What holds for none of these calls.").with(holds()));

    private static Field[] holds() {
        return new Field[] {
            Field.of("ends", "Ends", "Calls end in one of these ways.").with(Field.each("Way", "One of them.")),
            Field.of("in", "In", "Calls end there."),
            Field.of("within", "Within", "Calls have ended so by then; under always alone."),
            Field.of("passes", "Passes", "Calls come to this object."),
            Field.of("silentFor", "Silent for", "Longer than that without words, music or ringing; under never alone."),
            Field.of("hears", "Hears", "Callers hear words in this language."),
            Field.of("setsOff", "Sets off", "Calls set this off: alarm/medical, or switch/timetable.")
        };
    }

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
