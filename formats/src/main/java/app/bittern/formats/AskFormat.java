package app.bittern.formats;

import app.bittern.plan.Ask;
import app.bittern.plan.Kind;
import app.bittern.plan.Takes;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Asks.
final class AskFormat implements KindFormat<Ask> {
    private static final Pattern DIGITS = Pattern.compile("([0-9]{1,2})(?:\\.\\.([0-9]{1,2}))?");
    private static final Choosing LOOK_IN = Choosing.of(Kind.LOOKUP).or("contacts.account", "contacts.number");
    static final String ALLOWED_DIGITS = "how many digits: 5, or 5..6 for 5 to 6 (1 to 32)";

    private record Range(int fewest, int most) {
        static Optional<Range> parse(String text) {
            Matcher read = DIGITS.matcher(text);
            return read.matches()
                    ? of(
                            Integer.parseInt(read.group(1)),
                            Integer.parseInt(read.group(2) == null ? read.group(1) : read.group(2)))
                    : Optional.empty();
        }

        static Optional<Range> of(int fewest, int most) {
            return fewest >= 1 && most >= fewest && most <= 32
                    ? Optional.of(new Range(fewest, most))
                    : Optional.empty();
        }
    }

    @Override
    public Optional<Ask> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Range digits = fields.needed(
                "digits",
                fields.integerOr("digits", ALLOWED_DIGITS, count -> Range.of(count, count), Range::parse),
                ALLOWED_DIGITS,
                new Range(1, 1));
        return Optional.of(new Ask(
                key,
                name,
                note,
                fields.dialled("number"),
                fields.spoken("prompts"),
                digits.fewest(),
                digits.most(),
                fields.usualDuration("keyWait"),
                fields.usualInteger("tries"),
                MenuFormat.failed(fields, "noKey", Takes.DESTINATION_IN_ASK),
                MenuFormat.failed(fields, "wrongKey", Takes.DESTINATION_IN_ASK),
                fields.choose("lookIn", LOOK_IN).read("lookIn", Ask.LookIn.ALLOWED, Ask.LookIn::parse),
                fields.usualFlag("dials"),
                SetsFormat.read(fields),
                fields.destination("to", Takes.DESTINATION_IN_ASK),
                fields.destination("giveUp", Takes.DESTINATION_IN_ASK)));
    }

    @Override
    public Writing write(Ask ask) {
        Writing written = new Writing()
                .text("name", ask.name())
                .text("note", ask.note())
                .text("number", ask.number())
                .texts("prompts", ask.prompts());
        if (ask.fewest() == ask.most()) {
            written.integer("digits", ask.most());
        } else {
            written.text("digits", ask.fewest() + ".." + ask.most());
        }
        written.text("keyWait", ask.keyWait())
                .integer("tries", ask.tries())
                .fields("noKey", MenuFormat.failed(ask.noKey()))
                .fields("wrongKey", MenuFormat.failed(ask.wrongKey()))
                .text("lookIn", ask.lookIn())
                .flag("dials", ask.dials(), false);
        return SetsFormat.write(written, ask.sets()).text("to", ask.to()).text("giveUp", ask.giveUp());
    }
}
