package app.bittern.field;

import java.util.List;

/// The fields of alarms and of whom they reach.
final class AlarmFields {
    private static final Field TO_RECIPIENTS =
            Field.of("to", "To", "Who is told.").with(Field.each("Recipients", "Whom."));
    private static final Field BODY = Field.of(
                    "body", "Body", "What is written; {caller}, {place} and others are filled in.")
            .inSentences();

    static final List<Field> RECIPIENTS = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("emails", "Emails", "Addresses.").with(Field.each("Email", "An address.")),
            Field.of("texts", "Texts", "Mobile numbers.").with(Field.each("Text", "A number in E.164.")));

    static final List<Field> ALARM = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("severity", "Severity", "How grave it is (ITU-T X.733).").usual("warning"),
            Field.of("on", "Set off by", "What sets it off.")
                    .with(
                            Field.of("dialled", "Dialled", "A phone dials by this outbound route."),
                            Field.of("route", "Route", "This route takes a call."),
                            Field.of("code", "Code", "This code is dialled."),
                            Field.of("equipment", "Equipment", "Something is told by a trunk or a phone.")
                                    .with(Field.each("Event", "What is told.")),
                            Field.of("queue", "Queue", "This queue is in trouble:"),
                            Field.of("noAgentsFor", "Nobody in for", "For so long no agent has been in."),
                            Field.of("waitingFor", "Waiting for", "Somebody has waited for so long.")),
            Field.of("while", "While", "Is set off only while hours are in this state.")
                    .otherwise("always"),
            Field.of("email", "Email", "Mail that is sent.")
                    .with(TO_RECIPIENTS, Field.of("subject", "Subject", "Its subject."), BODY),
            Field.of("text", "Text", "A short message that is sent.").with(TO_RECIPIENTS, BODY),
            Field.of("page", "Page", "What is spoken aloud.")
                    .with(
                            Field.of("say", "Says", "What is said."),
                            Field.of("over", "Over", "Where."),
                            Field.of("times", "Times", "How often.").usual("1").between(1, 10, "times")),
            Field.of("traps", "Traps", "Which targets get a trap (SNMP).").with(Field.each("Target", "A trap target.")),
            Field.of("notAgainFor", "Not again for", "How long the same is not told again."));

    static final List<Field> TRAP_TARGET = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("address", "Address", "Where traps are sent."),
            Field.of("version", "Version", "Of SNMP.").usual("v2c"),
            Field.of("community", "Community", "What v2c asks for."),
            Field.of("user", "User", "What v3 asks for."),
            Field.of("send", "Sends", "A trap, or an inform that the target confirms.")
                    .usual("trap"),
            Field.of("from", "From", "Which sources it gets.").with(Field.each("Source", "A source.")));

    private AlarmFields() {}
}
