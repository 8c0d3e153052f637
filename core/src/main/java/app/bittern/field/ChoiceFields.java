package app.bittern.field;

import java.util.List;
import java.util.stream.Stream;

/// The fields of what a call passes by a rule, or by what its caller keys.
final class ChoiceFields {
    private static final Field PROMPTS =
            Field.of("prompts", "Says", "What is said, one after another.").with(Field.each("Prompt", "What is said."));
    private static final Field GIVE_UP = Field.of("giveUp", "Giving up", "Where callers go whose last try has failed.");

    private static final Field[] INNER = {
        CommonFields.TO,
        CommonFields.SETS,
        Field.of("greetAs", "Greeted as", "The greeting that a mailbox gives to these calls.")
    };
    private static final Field CASE =
            Field.each("Case", "Where this case leads.").with(INNER).alone("to");

    static final List<Field> LOOKUP = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of(
                            "answersWithin",
                            "Answers within",
                            "How long an answer is waited for, 1 to 10 s; then it has failed.")
                    .usual("5s"),
            Field.of("tags", "Tags", "What it may say of somebody; branches can ask for them.")
                    .with(Field.each("Tag", "A word.")));

    static final List<Field> BRANCH = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            Field.of(
                    "by",
                    "By",
                    "What decides: hours, a switch, the caller, the language, what was keyed in an ask, or what a lookup says."),
            Field.of("cases", "Cases", "Where each case leads; for callers the first that holds counts.")
                    .with(CASE),
            Field.of("else", "Else", "Where all others go.").with(INNER).alone("to"));

    static final List<Field> ANNOUNCEMENT = List.of(
            CommonFields.NAME, CommonFields.NOTE, CommonFields.NUMBER, PROMPTS, CommonFields.SETS, CommonFields.TO);

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
                                    .usual("true"),
                            Field.of(
                                            "dialledAhead",
                                            "Keys dialled ahead",
                                            "Whether keys count that callers pressed before they came here: taken or dropped.")
                                    .usual("taken")),
                    Stream.of(CommonFields.waits()),
                    Stream.of(
                            GIVE_UP,
                            Field.of(
                                            "dialExtensions",
                                            "Extensions can be dialled",
                                            "Whether callers who know an extension may dial it here: true, or a list"
                                                    + " of numbers and blocks.")
                                    .usual("false")
                                    .with(Field.each("Numbers", "A number, or those from one to another.")
                                            .with(
                                                    Field.of("from", "From", "The first of them."),
                                                    Field.of("to", "To", "The last of them."))),
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
                                                    CommonFields.SETS,
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
                            Field.of(
                                            "dials",
                                            "Numbers can be dialled",
                                            "Whether digits that are a number of the site go there.")
                                    .usual("false"),
                            CommonFields.SETS,
                            CommonFields.TO,
                            GIVE_UP))
            .flatMap(fields -> fields)
            .toList();

    private ChoiceFields() {}
}
