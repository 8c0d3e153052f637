package app.bittern.field;

import java.util.List;

/// The fields of who is outside, and of what phones may dial.
final class OutsideFields {
    static final List<Field> CONTACT = List.of(
            Field.of("number", "Number", "The number that they call from."),
            Field.of("name", "Name", "Who it is."),
            CommonFields.NOTE,
            Field.of("company", "Company", "Whom they work for."),
            Field.of("account", "Account", "What they key in an ask."),
            Field.of("tags", "Tags", "What routes and branches can ask for.").with(Field.each("Tag", "A word.")),
            Field.of("language", "Language", "In which they are spoken to.").otherwise("the default"));

    static final List<Field> CLASS_OF_SERVICE = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("may", "May dial", "Which categories its extensions may dial.")
                    .with(Field.each("Category", "As outbound routes have them.")));

    static final List<Field> OUTBOUND = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("dialled", "Dialled", "Which digits it is for, as digit maps (RFC 3435).")
                    .with(Field.each("Digit map", "Digits, x for any digit, [1-3], and a last x. for any rest.")),
            Field.of("category", "Category", "What a class of service must have for it."),
            Field.of("strip", "Strips", "How many digits are taken away from the beginning.")
                    .usual("0")
                    .between(0, 15, "digits"),
            Field.of("before", "Puts before", "Digits that are put before the rest."),
            Field.of("trunks", "Trunks", "Over which calls go, in order.").with(Field.each("Trunk", "A trunk.")),
            Field.of("callerId", "Caller ID", "The number that is shown to who is called."),
            CommonFields.enabled("One that is off is kept and takes no call."));

    static final List<Field> PAGE = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            CommonFields.NUMBER,
            Field.of("mode", "Mode", "Whether each phone is rung, or all listen to one address.")
                    .usual("each-phone"),
            Field.of("address", "Address", "Where they listen, in multicast."),
            Field.of("phones", "Phones", "Which speak it aloud.").with(Field.each("Phone", "An extension.")));

    static final List<Field> CODE = List.of(
            CommonFields.NAME,
            CommonFields.NOTE,
            Field.of("number", "Number", "What is dialled for it; it may begin with * or #."),
            Field.of("pin", "PIN", "Asked of who dials it; kept as its hash."),
            Field.of("does", "Does", "What it does."),
            CommonFields.enabled("One that is off is kept and does nothing."));

    private OutsideFields() {}
}
