package app.bittern.formats;

import app.bittern.call.Answer;
import app.bittern.plan.Branch;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Sets;
import app.bittern.plan.Takes;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Splits.
final class BranchFormat implements KindFormat<Branch> {
    private static final Choosing BY =
            Choosing.of(Kind.HOURS, Kind.SWITCH, Kind.ASK, Kind.LOOKUP).or("caller", "language");
    private static final String ALLOWED_CALLERS =
            "callers: tag haulier, prefix +4416, a number in E.164, withheld or unavailable (else stands outside the cases)";
    private static final List<String> FOUND = List.of(Answer.FOUND, Answer.NOT_FOUND);
    private static final List<String> REASONS =
            Stream.of(Mailbox.Reason.values()).map(Mailbox.Reason::word).toList();
    private static final String ALLOWED_FOUND = "found, not-found, or tag and its name, such as tag haulier";

    @Override
    public Optional<Branch> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        Optional<String> number = fields.dialled("number");
        Optional<Branch.By> by = fields.choose("by", BY).read("by", Branch.By.ALLOWED, Branch.By::parse);
        fields.needed("by", by, Branch.By.ALLOWED, new Branch.By.OfCaller());
        Map<String, Branch.Case> cases = fields.map("cases", (state, entry) -> {
            by.flatMap(what -> refusal(what, state)).ifPresent(allowed -> entry.keyRefused(state, allowed));
            return Reading.either(
                    entry.node(),
                    entry.where(),
                    entry.problems(),
                    entry.declared(),
                    Destination.ALLOWED,
                    BranchFormat::plain,
                    BranchFormat::inFull);
        });
        Optional<Branch.Case> otherwise = fields.choose("else", Choosing.of(Takes.DESTINATION))
                .either("else", Destination.ALLOWED, BranchFormat::plain, BranchFormat::inFull);
        return by.map(what -> new Branch(key, name, note, number, what, cases, otherwise));
    }

    /// A case that leads somewhere, and does nothing else.
    private static Optional<Branch.Case> plain(String text) {
        return Reading.destinationOf(text, Takes.DESTINATION).map(Branch.Case::to);
    }

    private static Optional<Branch.Case> inFull(Reading fields) {
        Optional<Destination> to = fields.destination("to");
        Sets sets = SetsFormat.read(fields);
        Optional<Mailbox.Reason> greetAs = fields.oneOf("greetAs", REASONS)
                .flatMap(word -> Stream.of(Mailbox.Reason.values())
                        .filter(reason -> reason.word().equals(word))
                        .findFirst());
        fields.needed("to", to, Destination.ALLOWED, new Destination.HangUp());
        fields.done();
        return to.map(one -> new Branch.Case(one, sets, greetAs));
    }

    /// What is allowed instead as a case, where a state is none.
    private static Optional<String> refusal(Branch.By by, String state) {
        return switch (by) {
            case Branch.By.OfCaller caller ->
                Branch.callers(state).isPresent() ? Optional.empty() : Optional.of(ALLOWED_CALLERS);
            case Branch.By.OfLanguage language ->
                SiteFormat.language(state).isPresent() ? Optional.empty() : Optional.of(SiteFormat.ALLOWED_LANGUAGE);
            case Branch.By.OfAsk ask ->
                FOUND.contains(state) || state.startsWith(Answer.TAG) ? Optional.empty() : Optional.of(ALLOWED_FOUND);
            case Branch.By.OfLookup lookup ->
                FOUND.contains(state) || state.equals(Answer.FAILED) || state.startsWith(Answer.TAG)
                        ? Optional.empty()
                        : Optional.of("failed, " + ALLOWED_FOUND);
            case Branch.By.OfHours hours -> Optional.empty();
            case Branch.By.OfSwitch turned -> Optional.empty();
        };
    }

    @Override
    public Writing write(Branch branch) {
        Writing cases = new Writing();
        branch.cases().forEach((state, one) -> write(cases, state, one));
        Writing written = new Writing()
                .text("name", branch.name())
                .text("note", branch.note())
                .text("number", branch.number())
                .text("by", branch.by().text())
                .fields("cases", cases);
        branch.otherwise().ifPresent(one -> write(written, "else", one));
        return written;
    }

    private static void write(Writing written, String name, Branch.Case one) {
        if (one.plain()) {
            written.text(name, one.to());
        } else {
            written.fields(
                    name,
                    SetsFormat.write(new Writing().text("to", one.to()), one.sets())
                            .text("greetAs", one.greetAs().map(Mailbox.Reason::word)));
        }
    }
}
