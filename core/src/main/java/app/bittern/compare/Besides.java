package app.bittern.compare;

import app.bittern.call.Ending;
import app.bittern.call.Trace;
import app.bittern.effect.Effect;
import app.bittern.effect.What;
import app.bittern.plan.Code;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Page;
import app.bittern.plan.Pin;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What people meet of a call that its trace does not tell: how long the message may be that they leave, through which
/// phones they are heard, and the PIN that they are asked for.
final class Besides {
    private Besides() {}

    /// In words, such as "a message of up to 2 min".
    ///
    /// @param other the plan it is compared with
    /// @param later whether that is the one before
    static Stream<String> of(Plan plan, Plan other, boolean later, Trace trace, List<Effect> effects) {
        return Stream.of(
                        message(plan, trace.ending()).stream(),
                        pages(plan, trace.ending(), effects),
                        pins(plan, other, later, trace))
                .flatMap(words -> words);
    }

    private static Optional<String> message(Plan plan, Ending ending) {
        return ending.kind() == Ending.Kind.MESSAGE
                ? Ref.parse(ending.in())
                        .flatMap(in -> plan.find(in, Mailbox.class))
                        .flatMap(Mailbox::longestMessage)
                        .map(longest -> "a message of up to " + longest.said())
                : Optional.empty();
    }

    private static Stream<String> pages(Plan plan, Ending ending, List<Effect> effects) {
        Stream<Ref> over = effects.stream()
                .filter(Effect::happens)
                .map(Effect::what)
                .filter(What.Paged.class::isInstance)
                .map(what -> ((What.Paged) what).over());
        Stream<Ref> dialled = ending.kind() == Ending.Kind.PAGED ? Ref.parse(ending.in()).stream() : Stream.empty();
        return Stream.concat(dialled, over)
                .flatMap(page -> plan.find(page, Page.class).stream())
                .map(page -> page.multicast()
                        ? "heard at " + page.address().orElse("no address")
                        : "heard through "
                                + page.phones().stream().map(plan::title).collect(Collectors.joining(", ")));
    }

    private static Stream<String> pins(Plan plan, Plan other, boolean later, Trace trace) {
        return trace.steps().stream()
                .flatMap(step -> Ref.parse(step.object()).stream())
                .flatMap(ref -> plan.find(ref, Code.class).stream())
                .filter(code -> code.pin().isPresent())
                .map(code -> {
                    Optional<Pin> there = other.find(code.ref(), Code.class).flatMap(Code::pin);
                    return later && there.isPresent() && !there.equals(code.pin())
                            ? "after another PIN"
                            : "after a PIN";
                });
    }
}
