package app.bittern.formats;

import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Split;
import java.util.Map;
import java.util.Optional;

/// Splits.
final class SplitFormat implements KindFormat<Split> {
    private static final String ALLOWED_BY = "hours that decide, such as hours/terminal";

    @Override
    public Optional<Split> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Optional<String> number = fields.dialled("number");
        Optional<Ref> hours =
                fields.read("by", ALLOWED_BY, text -> Ref.parse(text).filter(ref -> ref.kind() == Kind.HOURS));
        fields.needed("by", hours, ALLOWED_BY, new Ref(Kind.HOURS, "missing"));
        Map<String, Destination> cases = fields.map(
                "cases",
                (state, entry) -> Reading.scalar(
                        entry.node(),
                        entry.where(),
                        Destination.ALLOWED,
                        text -> Destination.parse(text).filter(to -> !to.menusOnly()),
                        entry.problems()));
        Optional<Destination> otherwise = fields.destination("else", false);
        return hours.map(by -> new Split(key, name, note, number, new Split.By.OfHours(by), cases, otherwise));
    }

    @Override
    public Writing write(Split split) {
        Writing cases = new Writing();
        split.cases().forEach(cases::text);
        Writing written = new Writing()
                .text("name", split.name())
                .text("note", split.note())
                .text("number", split.number());
        switch (split.by()) {
            case Split.By.OfHours(Ref hours) -> written.text("by", hours);
        }
        return written.fields("cases", cases).text("else", split.otherwise());
    }
}
