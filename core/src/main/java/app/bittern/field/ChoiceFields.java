package app.bittern.field;

import java.util.List;
import java.util.stream.Stream;

/// The fields of what a call passes by a rule, or by what its caller keys.
final class ChoiceFields {
    private static final Field PROMPTS =
            Field.of("prompts", "Says", "What is said, one after another.").with(Field.each("Prompt", "What is said."));
    private static final Field GIVE_UP = Field.of("giveUp", "Giving up", "Where callers go whose last try has failed.");

    static final List<Field> BRANCH = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            Field.of(
                    "by",
                    "By",
                    "What decides: hours, a switch, the caller, the language, or what was keyed in an ask."),
            Field.of("cases", "Cases", "Where each case leads; for callers the first that holds counts.")
                    .with(Field.each("Case", "Where this case leads.")),
            Field.of("else", "Else", "Where all others go."));

    static final List<Field> ANNOUNCEMENT =
            List.of(CommonFields.NAME, CommonFields.NOTE, CommonFields.NUMBER, PROMPTS, CommonFields.TO);

    static final List<Field> MENU = Stream.of(
                    Stream.of(
                            CommonFields.NAME,
                            CommonFields.NOTE,
                            CommonFields.NUMBER,
                            PROMPTS,
                            Field.of(
                                            "bargeIn",
                                            "Barge-in",
                                            "Whether a key counts while the prompts are being said (VoiceXML 2.1).")
                                    .usual("true")),
                    Stream.of(CommonFields.waits()),
                    Stream.of(
                            GIVE_UP,
                            Field.of(
                                            "dialExtensions",
                                            "Extensions can be dialled",
                                            "Whether callers who know an extension may dial it here.")
                                    .usual("false"),
                            Field.of(
                                            "interDigit",
                                            "Waits for a further digit",
                                            "How long the next digit of an extension is waited for.")
                                    .usual("3s"),
                            Field.of("keys", "Keys", "What each key does.")
                                    .with(Field.each("Key", "0 to 9, * or #.")
                                            .with(
                                                    Field.of("label", "Label", "What it is for, in a word or two."),
                                                    CommonFields.TO,
                                                    Field.of(
                                                            "language",
                                                            "Sets the language",
                                                            "In which the caller is spoken to from then on."),
                                                    Field.of("tags", "Sets tags", "What branches ahead can ask for.")
                                                            .with(Field.each("Tag", "A word.")),
                                                    Field.of(
                                                            "say",
                                                            "Says first",
                                                            "What is said before the call goes on.")))))
            .flatMap(fields -> fields)
            .toList();

    static final List<Field> ASK = Stream.of(
                    Stream.of(
                            CommonFields.NAME,
                            CommonFields.NOTE,
                            Field.of("digits", "Digits", "How many digits are asked for: 5, or 5..6 for 5 to 6.")
                                    .between(1, 32, "digits"),
                            CommonFields.NUMBER,
                            PROMPTS),
                    Stream.of(CommonFields.waits()),
                    Stream.of(
                            Field.of("lookIn", "Looks in", "Where the digits are looked for; nobody's are sound too.")
                                    .otherwise("nowhere"),
                            CommonFields.TO,
                            GIVE_UP))
            .flatMap(fields -> fields)
            .toList();

    private ChoiceFields() {}
}
