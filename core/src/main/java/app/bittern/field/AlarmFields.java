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
                            Field.of(
                                    "dialled",
                                    "Dialled",
                                    "A phone dials by this outbound route, or any emergency number of the site."),
                            Field.of("route", "Route", "This route takes a call."),
                            Field.of("code", "Code", "This code is dialled."),
                            Field.of("equipment", "Equipment", "Something is told by a trunk or a phone.")
                                    .with(Field.each("Event", "What is told.")),
                            Field.of("queue", "Queue", "This queue is in trouble:"),
                            Field.of("noAgentsFor", "Nobody in for", "For so long no agent has been in."),
                            Field.of("waitingFor", "Waiting for", "Somebody has waited for so long."),
                            Field.of("switch", "Switch", "This switch has been turned away:"),
                            Field.of("awayFrom", "Away from", "From this position."),
                            Field.of("for", "For", "For so long.").otherwise("at once")),
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
            Field.of("notAgainFor", "Not again for", "How long the same is not told again."),
            Field.of("until", "Until", "Whether it is told again until somebody acknowledges it.")
                    .otherwise("told once"),
            Field.of("again", "Again", "How long after each other it is told again.")
                    .otherwise("5 min"),
            CommonFields.enabled("One that is off is kept and is not set off."));

    static final List<Field> TRAP_TARGET = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("address", "Address", "Where traps are sent."),
            Field.of("port", "Port", "Where it listens there.").usual("162").between(1, 65535, "ports"),
            Field.of("version", "Version", "Of SNMP.").usual("v2c"),
            Field.of("community", "Community", "What v2c asks for."),
            Field.of("user", "User", "What v3 asks for."),
            Field.of("auth", "Signs with", "How v3 signs (RFC 7860)."),
            Field.of("authSecret", "Signs by", "The secret that v3 signs by."),
            Field.of("privacy", "Encrypts with", "How v3 encrypts (RFC 3826)."),
            Field.of("privacySecret", "Encrypts by", "The secret that v3 encrypts by."),
            Field.of("send", "Sends", "A trap, or an inform that the target confirms.")
                    .usual("trap"),
            Field.of("waits", "Waits", "How long an inform waits to be confirmed.")
                    .usual("5s"),
            Field.of("repeats", "Repeats", "How often an inform is sent again that was not confirmed.")
                    .usual("3")
                    .between(0, 20, "times"),
            Field.of("from", "From", "Which sources it gets.").with(Field.each("Source", "A source.")),
            CommonFields.enabled("One that is off is kept and gets nothing."));

    private AlarmFields() {}
}
