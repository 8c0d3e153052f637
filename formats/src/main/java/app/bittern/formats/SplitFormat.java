package app.bittern.formats;

import app.bittern.plan.Destination;
import app.bittern.plan.Split;
import java.util.Map;
import java.util.Optional;

/// Splits.
final class SplitFormat implements KindFormat<Split> {
    private static final String ALLOWED_CALLERS =
            "callers: tag haulier, prefix +4416, a number in E.164, or withheld (else stands outside the cases)";
    private static final String ALLOWED_FOUND = "found, not-found, or tag and its name, such as tag haulier";

    @Override
    public Optional<Split> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Optional<String> number = fields.dialled("number");
        Optional<Split.By> by = fields.read("by", Split.By.ALLOWED, Split.By::parse);
        fields.needed("by", by, Split.By.ALLOWED, new Split.By.OfCaller());
        Map<String, Destination> cases = fields.map("cases", (state, entry) -> {
            by.flatMap(what -> refusal(what, state)).ifPresent(allowed -> entry.keyRefused(state, allowed));
            return Scalars.text(
                    entry.node(),
                    entry.where(),
                    Destination.ALLOWED,
                    text -> Destination.parse(text).filter(to -> !to.menusOnly()),
                    entry.problems());
        });
        Optional<Destination> otherwise = fields.destination("else", false);
        return by.map(what -> new Split(key, name, note, number, what, cases, otherwise));
    }

    /// What is allowed instead as a case, where a state is none.
    private static Optional<String> refusal(Split.By by, String state) {
        return switch (by) {
            case Split.By.OfCaller caller ->
                Split.callers(state).isPresent() ? Optional.empty() : Optional.of(ALLOWED_CALLERS);
            case Split.By.OfLanguage language ->
                SiteFormat.language(state).isPresent() ? Optional.empty() : Optional.of(SiteFormat.ALLOWED_LANGUAGE);
            case Split.By.OfAsk ask ->
                state.equals("found") || state.equals("not-found") || state.startsWith("tag ")
                        ? Optional.empty()
                        : Optional.of(ALLOWED_FOUND);
            case Split.By.OfHours hours -> Optional.empty();
            case Split.By.OfSwitch turned -> Optional.empty();
        };
    }

    @Override
    public Writing write(Split split) {
        Writing cases = new Writing();
        split.cases().forEach(cases::text);
        return new Writing()
                .text("name", split.name())
                .text("note", split.note())
                .text("number", split.number())
                .text("by", split.by().text())
                .fields("cases", cases)
                .text("else", split.otherwise());
    }
}
