package app.bittern.field;

import java.util.List;

/// The fields of the site, its trunks and numbers, and of what decides where their calls go.
final class SiteFields {
    static final List<Field> SITE = List.of(
            Field.of("key", "Key", "Names the site."),
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("timeZone", "Time zone", "By which hours and dates are meant (IANA)."),
            Field.of("country", "Country", "How numbers are dialled, and which are emergency numbers (ISO 3166)."),
            Field.of("languages", "Languages", "What callers can be spoken to in; the first is the default.")
                    .with(CommonFields.LANGUAGE),
            Field.of("ringCycle", "Ring cycle", "How long one ring and the pause after it last.")
                    .otherwise("the country's, as in the ITU's table of tones"),
            Field.of("blocks", "Blocks", "Which numbers are for what.")
                    .with(
                            Field.of("from", "From", "The first number of the block."),
                            Field.of("to", "To", "The last number of the block."),
                            Field.of("for", "For", "What kind of object has its number there."),
                            CommonFields.NOTE),
            Field.of(
                            "voiceChannels",
                            "Voice channels",
                            "How many calls the system can speak or listen to at once. Findings hold the expected calls against it.")
                    .otherwise("no limit")
                    .between(1, 100_000, "calls"),
            Field.of("emergency", "Emergency numbers", "What is dialled for help.")
                    .otherwise("the country's")
                    .with(Field.each("Number", "A number.")));

    static final List<Field> TRUNK = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("channels", "Channels", "How many calls it carries at once.")
                    .between(1, 10_000, "calls"),
            Field.of("delivers", "Delivers", "The form in which called numbers arrive."),
            Field.of(
                            "deliversCaller",
                            "Delivers the caller",
                            "The form in which callers' numbers arrive: e164, national or none. Rules for callers are looked at by it.")
                    .usual("e164"));

    static final List<Field> NUMBER = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("trunk", "Trunk", "On which calls to it arrive."),
            Field.of("status", "Status", "Whether it works yet, and whether it is needed.")
                    .usual("active"),
            Field.of("due", "Due", "The day from which it works, or on which it is given up."),
            Field.of(
                    "report",
                    "Report tag",
                    "Under which its calls are counted, apart from others that lead to the same."),
            Field.of("carrier", "Carrier", "Who provides it; named where it is late."),
            Field.of("order", "Order", "Under which the carrier knows the order; named where it is late."));

    static final List<Field> ROUTE = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("called", "Called", "Which called numbers it takes.")
                    .otherwise("any")
                    .with(
                            Field.of("prefix", "Begins with", "The first digits of the numbers."),
                            Field.of("from", "From", "The first number of a range."),
                            Field.of("to", "To", "The last number of a range.")),
            Field.of("caller", "Caller", "Whose calls it takes.")
                    .otherwise("anybody's")
                    .with(
                            Field.of("prefix", "Begins with", "The first digits of the caller's number."),
                            Field.of("tag", "Tagged", "A tag that contacts have.")),
            Field.of("while", "While", "Takes calls only while hours are in this state.")
                    .otherwise("always"),
            Field.of(
                            "before",
                            "Before",
                            "Others that it stands before, whatever they are for: all, for callers to be blocked or let through whatever they call, or some.")
                    .otherwise("none")
                    .with(Field.each("Route", "A route that it stands before.")),
            CommonFields.enabled("One that is off is kept and takes no call."),
            CommonFields.TO,
            Field.of(
                            "withheld",
                            "Without a number",
                            "Where callers go who withhold their number, or whose number is unavailable.")
                    .otherwise("as everyone"),
            CommonFields.SETS.otherwise("the contact's, else the default"),
            Field.of(
                            "hears",
                            "Hears",
                            "What callers hear while they wait or a phone rings, where nothing else is said to be heard.")
                    .otherwise("ringing, or silence in queues"),
            Field.of("record", "Record", "Whether calls are recorded.").otherwise("as the queue says"),
            Field.of("shownAs", "Shown as", "Stands before the caller's name on the phones that ring."),
            Field.of(
                            "alert",
                            "Alert",
                            "How phones ring, so that people can tell such calls by ear (RFC 7462, Alert-Info).")
                    .otherwise("as the phone does"));

    static final List<Field> HOURS = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("timeZone", "Time zone", "Whose time the rules are of (IANA).")
                    .otherwise("the site's"),
            Field.of(
                            "states",
                            "States",
                            "In order: the first that holds counts, and the last holds whenever no other does.")
                    .with(
                            Field.of("state", "State", "What the state is called, as branches ask for it."),
                            Field.of(
                                    "season",
                                    "Season",
                                    "Holds only from one day of the year to another, both included."),
                            Field.of(
                                            "weekly",
                                            "Weekly",
                                            "Days and hours of the week; the end is not included, and may be past midnight.")
                                    .with(Field.each("Range", "Days and hours.")),
                            Field.of(
                                            "on",
                                            "On",
                                            "Days of every year, single days, days from one to another, or rules (RFC 5545).")
                                    .with(Field.each(
                                                    "Day",
                                                    "A day of every year, a single day, days from one to another, or a rule.")
                                            .with(
                                                    Field.of("rule", "Rule", "A recurrence rule (RFC 5545, 3.3.10)."),
                                                    Field.of(
                                                            "from",
                                                            "From",
                                                            "The day from which INTERVAL and COUNT count.")))));

    static final List<Field> SWITCH = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.number("turning it to its next position"),
            Field.of("positions", "Positions", "What it can be turned to, in order.")
                    .with(Field.each("Position", "What a position is called, as branches ask for it.")),
            Field.of("now", "Now", "The position it is at.").otherwise("the first"),
            Field.of("pin", "PIN", "Asked of who turns it by phone; kept as its hash."),
            Field.of("revertsAfter", "Goes back after", "How long after it has been turned it goes back by itself.")
                    .otherwise("stays"));

    private SiteFields() {}
}
