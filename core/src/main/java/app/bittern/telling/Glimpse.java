package app.bittern.telling;

import app.bittern.call.Account;
import app.bittern.call.Ending;
import app.bittern.call.Rung;
import app.bittern.call.Trace;
import app.bittern.plan.Count;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// A call in few words: what the caller meets first, whom it rings for how long, and where it rests:
/// `Reception, 3 phones, 21 s, else message in Reception`.
public final class Glimpse {
    /// What a caller meets at one step.
    ///
    /// @param waited whether the caller waits for somebody or is asked something, so that it could go otherwise
    /// @param rings  whether somebody is rung there
    private record Met(String words, boolean waited, boolean rings) {}

    private Glimpse() {}

    /// A call as it is seen at a glance; phones and seconds are those of the trace.
    public static String of(Plan plan, Trace trace) {
        List<Met> met =
                trace.steps().stream().flatMap(step -> met(plan, step).stream()).toList();
        List<Met> rung = met.stream().filter(Met::rings).toList();
        List<String> words = new ArrayList<>(
                Stream.concat(met.stream().limit(1), rung.stream().limit(1))
                        .distinct()
                        .map(Met::words)
                        .toList());
        if (rung.size() > 1) {
            words.add(rung.size() - 1 + " more");
        }
        String end = InWords.ended(plan, trace.ending());
        if (words.isEmpty()) {
            return end;
        }
        boolean answered = trace.ending().kind() == Ending.Kind.ANSWERED;
        String between = answered ? ": " : met.stream().anyMatch(Met::waited) ? ", else " : ", then ";
        return String.join(", then ", words) + between + end;
    }

    /// What the caller notices of a step; nothing where the call is only led on, or rests.
    private static Optional<Met> met(Plan plan, Trace.Step step) {
        String time = step.lasts() == 0 ? "" : ", " + Seconds.said(step.lasts());
        // The name of a chain often sounds like somebody's.
        String rung =
                step.account() instanceof Account.AtStage ? named(plan, step) : InWords.title(plan, step.object());
        return switch (what(step.account())) {
            case What.Nothing nothing -> Optional.empty();
            case What.Spoken(boolean asks) -> Optional.of(new Met(named(plan, step), asks, false));
            case What.One one -> time.isEmpty() ? Optional.empty() : Optional.of(new Met(rung + time, true, true));
            case What.Phones(long phones) ->
                phones == 0 || time.isEmpty()
                        ? Optional.empty()
                        : Optional.of(new Met(rung + ", " + Count.of(phones, "phone") + time, true, true));
            case What.Agents(long agents) -> {
                String who = agents == 0 ? "nobody in" : Count.of(agents, "agent");
                yield Optional.of(new Met(named(plan, step) + ", " + who + time, true, agents > 0 && !time.isEmpty()));
            }
        };
    }

    /// What an object is to a caller.
    private sealed interface What {
        record Nothing() implements What {}

        /// Something is said.
        ///
        /// @param asks whether the caller may press something then
        record Spoken(boolean asks) implements What {}

        /// Somebody is called.
        record One() implements What {}

        record Phones(long ringing) implements What {}

        record Agents(long in) implements What {}
    }

    private static What what(Account account) {
        return switch (account) {
            case Account.InMenu menu -> new What.Spoken(true);
            case Account.Asked asked -> new What.Spoken(true);
            case Account.Announced announced -> new What.Spoken(false);
            case Account.Called called -> new What.One();
            case Account.RangTogether group -> new What.Phones(phones(group.members()));
            case Account.Hunted group ->
                new What.Phones(group.members().stream()
                        .filter(Account.Hunt::takesPart)
                        .map(Account.Hunt::party)
                        .distinct()
                        .count());
            case Account.AtStage stage ->
                stage.inside().map(Glimpse::what).orElseGet(() -> new What.Phones(phones(stage.phones())));
            case Account.InQueue queue ->
                new What.Agents(queue.agents().stream()
                        .filter(one -> one.rings() && one.presence().in(0))
                        .count());
            case Account.Unmatched unmatched -> new What.Nothing();
            case Account.Routed routed -> new What.Nothing();
            case Account.Dialled dialled -> new What.Nothing();
            case Account.DidCode code -> new What.Nothing();
            case Account.Turned turned -> new What.Nothing();
            case Account.SentOut sent -> new What.Nothing();
            case Account.Branched branched -> new What.Nothing();
            case Account.Paged paged -> new What.Nothing();
            case Account.Forwarded forwarded -> new What.Nothing();
            case Account.InMailbox mailbox -> new What.Nothing();
        };
    }

    private static long phones(List<Rung> phones) {
        return phones.stream().filter(Rung::rings).map(Rung::party).distinct().count();
    }

    private static String named(Plan plan, Trace.Step step) {
        return Ref.parse(step.object())
                .map(ref -> ref.kind().title() + " " + plan.title(ref))
                .orElse(step.object());
    }
}
