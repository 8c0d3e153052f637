package app.bittern.field;

import java.util.List;

/// The fields of mailboxes, prompts and music.
final class MessageFields {
    static final List<Field> MAILBOX = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            Field.of("owner", "Owner", "Whose it is.").otherwise("those whose mailbox it is"),
            Field.of("greeting", "Greeting", "What callers hear before the tone; one for all, or by why they come.")
                    .with(
                            Field.of("always", "Always", "Where there is none for the reason."),
                            Field.of("busy", "Busy", "For callers who found the phone busy."),
                            Field.of("noAnswer", "No answer", "For callers whom nobody answered."),
                            Field.of("closed", "Closed", "For callers who come while it is closed."))
                    .alone("always"),
            Field.of("keyZero", "Key 0", "Where key 0 leads while the greeting is being said."),
            Field.of("email", "Email", "Who is sent each message.").with(Field.each("Address", "An address.")),
            Field.of("deliver", "Delivery", "How messages are sent; the mail that a call sets off says so.")
                    .with(
                            Field.of("withSound", "With the sound", "Whether the message itself is sent.")
                                    .usual("false"),
                            Field.of("thenRemove", "Then removed", "Whether it is not kept once it is sent.")
                                    .usual("false")),
            Field.of("longestMessage", "Longest message", "How long a message may be."),
            Field.of("mostMessages", "Most messages", "How many it keeps; then it is full, and calls are hung up.")
                    .otherwise("any number")
                    .between(1, 100_000, "messages"),
            Field.of("pin", "PIN", "Asked of who listens to its messages; kept as its hash."));

    static final List<Field> PROMPT = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("music", "Music", "Whether it is music and not words.").usual("false"),
            Field.each("Language", "The script in this language, alone or with its sound.")
                    .inSentences()
                    .with(
                            Field.of("script", "Script", "The words.").inSentences(),
                            Field.of("sound", "Sound", "The file with the recording."),
                            Field.of("seconds", "Seconds", "How long the sound is."),
                            Field.of(
                                    "digest",
                                    "Digest",
                                    "Of the file, as sha256: and 64 digits; by it one sound beside other words is found."),
                            Field.of("made", "Made", "How it was made: spoken, uploaded, or recorded by phone."),
                            Field.of("from", "Made from", "The words that it was made from.")
                                    .inSentences())
                    .alone("script"));

    static final List<Field> MUSIC = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("tracks", "Tracks", "Prompts played round and round; none is silence.")
                    .with(Field.each("Track", "A prompt that is music.")));

    private MessageFields() {}
}
