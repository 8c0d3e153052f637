package app.bittern.field;

import java.util.List;

/// The fields of what rings phones.
final class RingFields {
    static final Field KEY_TO_TAKE = Field.of(
                    "keyToTake",
                    "Key to take",
                    "Whether who picks up must press a key to take the call, so that a voicemail of its own cannot.")
            .usual("false");
    private static final Field MEMBERS = Field.of("members", "Members", "Who is rung.")
            .with(
                    Field.of("extension", "Extension", "An extension of the site."),
                    Field.of("outside", "Outside number", "A phone elsewhere."),
                    Field.of("after", "After", "How long the call has rung before this phone begins to.")
                            .usual("0s"),
                    KEY_TO_TAKE);
    private static final Field SHOWN_AS =
            Field.of("shownAs", "Shown as", "Stands before the caller's name on the phones that ring.");
    private static final Field FOLLOWS = Field.of(
                    "followForwarding",
                    "Follows forwarding",
                    "Whether the phone is rung to which a member forwards all calls.")
            .usual("false");
    private static final Field HEARS = Field.of("hears", "Hears", "What callers hear while it rings: music or ringing.")
            .otherwise("the route's, else ringing");
    private static final Field NO_ANSWER = Field.of("noAnswer", "No answer", "Where the call goes that nobody takes.");
    private static final Field BUSY = Field.of("busy", "Busy", "Where it goes where nobody rings and somebody is busy.")
            .otherwise("as no answer");
    private static final Field UNREACHABLE = Field.of(
                    "unreachable", "Unreachable", "Where it goes where every phone is off.")
            .otherwise("as busy");

    static final List<Field> RING_GROUP = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            SHOWN_AS,
            Field.of("ringFor", "Rings for", "How long the members ring in all.")
                    .usual("20s"),
            MEMBERS,
            FOLLOWS,
            HEARS,
            NO_ANSWER,
            BUSY,
            UNREACHABLE);

    static final List<Field> HUNT_GROUP = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            SHOWN_AS,
            Field.of("order", "Order", "Who is rung first.").usual("fixed"),
            Field.of("ringEach", "Rings each for", "How long each member rings.")
                    .usual("15s"),
            Field.of("laps", "Laps", "How often all are rung in turn.")
                    .usual("1")
                    .between(1, 20, "laps"),
            MEMBERS,
            FOLLOWS,
            HEARS,
            NO_ANSWER,
            BUSY,
            UNREACHABLE);

    static final List<Field> EXTENSION = List.of(
            Field.of("phones", "Phones", "What rings: a desk phone, a program, a mobile.")
                    .usual("[desk]")
                    .with(Field.each("Phone", "desk, soft or mobile.")),
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("ringFor", "Rings for", "How long it rings before a call counts as not answered.")
                    .usual("20s"),
            Field.of("callWaiting", "Call waiting", "Whether it rings during a call, and so is never busy.")
                    .usual("false"),
            Field.of("doNotDisturb", "Do not disturb", "Whether it never rings and is always busy.")
                    .usual("false"),
            Field.of("forward", "Forwards", "Where its calls go instead.")
                    .otherwise("to its mailbox, else busy or hang-up")
                    .with(
                            Field.of("always", "Always", "All calls, without ringing."),
                            Field.of("busy", "Busy", "Calls that find it busy."),
                            Field.of("noAnswer", "No answer", "Calls that nobody takes."),
                            Field.of("unreachable", "Unreachable", "Calls that find its phone off.")),
            Field.of("mailbox", "Mailbox", "Where messages for it are left."),
            Field.of("classOfService", "Class of service", "What it may dial."),
            Field.of("languages", "Speaks", "Languages in which it can be talked to.")
                    .with(CommonFields.LANGUAGE),
            Field.of(
                    "callerId",
                    "Shows",
                    "The number shown when it calls out, and to routes and branches when it calls an inbound number of"
                            + " the site; where absent, the outbound route's is shown outside."),
            Field.of("email", "Email", "Where its person gets mail."),
            Field.of("place", "Place", "Where the phone stands; told in emergencies.")
                    .with(
                            Field.of("building", "Building", "Which building."),
                            Field.of("floor", "Floor", "Which floor."),
                            Field.of("room", "Room", "Which room.")),
            Field.of("agentId", "Agent ID", "What its person logs in with as an agent."),
            Field.of("skills", "Skills", "What its person knows, and how well.")
                    .with(Field.each("Skill", "basic, sure or expert.")));

    static final List<Field> CHAIN = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            Field.of("stages", "Stages", "What is rung, one after another.")
                    .with(
                            Field.of("ring", "Rings", "An extension, a ring group or an outside number."),
                            Field.of("for", "For", "How long it rings before the next.")
                                    .usual("20s"),
                            KEY_TO_TAKE),
            Field.of("then", "Then", "Where the call goes that no stage takes."));

    private RingFields() {}
}
