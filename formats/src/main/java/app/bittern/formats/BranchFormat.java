package app.bittern.formats;

import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import java.util.Map;
import java.util.Optional;

/// Splits.
final class BranchFormat implements KindFormat<Branch> {
    private static final Choosing BY =
            Choosing.of(Kind.HOURS, Kind.SWITCH, Kind.ASK).or("caller", "language");
    private static final String ALLOWED_CALLERS =
            "callers: tag haulier, prefix +4416, a number in E.164, withheld or unavailable (else stands outside the cases)";
    private static final String ALLOWED_FOUND = "found, not-found, or tag and its name, such as tag haulier";

    @Override
    public Optional<Branch> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Optional<String> number = fields.dialled("number");
        Optional<Branch.By> by = fields.choose("by", BY).read("by", Branch.By.ALLOWED, Branch.By::parse);
        fields.needed("by", by, Branch.By.ALLOWED, new Branch.By.OfCaller());
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
        return by.map(what -> new Branch(key, name, note, number, what, cases, otherwise));
    }

    /// What is allowed instead as a case, where a state is none.
    private static Optional<String> refusal(Branch.By by, String state) {
        return switch (by) {
            case Branch.By.OfCaller caller ->
                Branch.callers(state).isPresent() ? Optional.empty() : Optional.of(ALLOWED_CALLERS);
            case Branch.By.OfLanguage language ->
                SiteFormat.language(state).isPresent() ? Optional.empty() : Optional.of(SiteFormat.ALLOWED_LANGUAGE);
            case Branch.By.OfAsk ask ->
                state.equals("found") || state.equals("not-found") || state.startsWith("tag ")
                        ? Optional.empty()
                        : Optional.of(ALLOWED_FOUND);
            case Branch.By.OfHours hours -> Optional.empty();
            case Branch.By.OfSwitch turned -> Optional.empty();
        };
    }

    @Override
    public Writing write(Branch branch) {
        Writing cases = new Writing();
        branch.cases().forEach(cases::text);
        return new Writing()
                .text("name", branch.name())
                .text("note", branch.note())
                .text("number", branch.number())
                .text("by", branch.by().text())
                .fields("cases", cases)
                .text("else", branch.otherwise());
    }
}
