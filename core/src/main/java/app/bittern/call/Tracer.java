package app.bittern.call;

import app.bittern.number.E164;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Follows one call through a plan.
///
/// At each state the bench decides on an outcome, which is then looked up among all outcomes of the
/// transition function. A call that comes back to a state with no second passed and no choice by the
/// caller, and nothing used on the way of which there is more to come, is lost: endless; one that has come
/// 200 times to a state that it was in before is stopped.
public final class Tracer {
    /// How often a call may come to a state that it was in before.
    public static final int MOST_AGAIN = 200;

    private final Plan plan;
    private final BenchInHand bench;
    private final List<Trace.Step> steps = new ArrayList<>();
    private final Rounds rounds;
    private final int most;
    private int second;

    private Tracer(Plan plan, Bench bench, int most) {
        this.plan = plan;
        this.most = most;
        this.bench = new BenchInHand(bench, plan);
        this.rounds = new Rounds(plan);
    }

    /// What a call does on a bench.
    public static Trace trace(Plan plan, Bench bench) {
        return trace(plan, bench, Integer.MAX_VALUE);
    }

    /// How a call begins on a bench.
    ///
    /// @param most steps, after which one that has not ended is stopped
    public static Trace trace(Plan plan, Bench bench, int most) {
        return new Tracer(plan, bench, most).run();
    }

    /// How a call goes on that has come to an object, whatever brought it there.
    ///
    /// @param most steps, after which one that has not ended is stopped
    public static Trace from(Plan plan, State there, Bench bench, int most) {
        return new Tracer(plan, bench, most).follow(there, Optional.empty());
    }

    private Trace run() {
        Bench call = bench.bench();
        String language = Callers.language(plan, call.caller());
        return switch (call.called()) {
            case Arrival.Inside(String digits) -> dialled(call.phone(), digits, language);
            case Arrival.Meant(E164 number) -> arrived("number/" + number, language);
            case Arrival.Unclear unclear -> arrived(unclear.trunk().toString(), language);
        };
    }

    /// @param place where it is listed where no route takes it
    private Trace arrived(String place, String language) {
        return winner().map(route -> follow(new State(route, begun(language)), Optional.of(route)))
                .orElseGet(() -> unmatched(place, language));
    }

    private Context begun(String language) {
        Context plain = Context.in(language);
        return bench.bench().called() instanceof Arrival.Meant(E164 number) ? plain.calling(number) : plain;
    }

    private Optional<Ref> winner() {
        Bench call = bench.bench();
        return RouteChoice.winner(plan, call.called(), call.caller(), bench.local())
                .map(Route::ref);
    }

    private Trace dialled(Ref phone, String digits, String language) {
        Dialling dialling = Dialling.of(plan, digits);
        Optional<Ref> route = dialling.number().isEmpty() ? Optional.empty() : winner();
        Context context =
                Context.dialling(language, Origin.of(plan, bench.bench().caller()), new Dials(dialling, route));
        return follow(new State(phone, context), route);
    }

    private Trace follow(State begin, Optional<Ref> route) {
        State state = begin;
        while (true) {
            rounds.comesTo(state);
            if (rounds.again() == MOST_AGAIN || steps.size() == most) {
                return ended(Ending.of(Ending.Kind.STOPPED, state.at()), route, state.context());
            }
            if (rounds.endless()) {
                return ended(Ending.lost(Ending.Lost.ENDLESS, state.at()), route, state.context());
            }
            Decision decision = Transition.decide(plan, state, bench);
            bench.left(state, decision.after());
            if (bench.tookOneOfMore()) {
                rounds.timeOrChoice();
            }
            Outcome outcome = outcome(state, decision);
            step(state, decision, outcome);
            if (outcome.onward() instanceof Onward.Ends(Ending ending, Context carried)) {
                Optional<?> by =
                        decision.cause() instanceof Cause.ByTrunk(Ref trunk) ? Optional.of(trunk) : decision.by();
                return ended(by.map(ending::by).orElse(ending), route, carried);
            }
            state = ((Onward.Next) outcome.onward()).state();
        }
    }

    /// The outcome that was decided on, out of all; a decision that is none of them, or outside its window, is
    /// a fault of ours.
    private Outcome outcome(State state, Decision decision) {
        Outcome outcome = Transition.outcomes(plan, state, decision.cause()).stream()
                .filter(one -> bench.holds(one.when()))
                .findFirst()
                .orElseThrow(() -> new IllegalStateException(
                        state.at() + " decided on " + decision.cause() + ", which is none of its outcomes"));
        if (!outcome.window().contains(decision.after())) {
            throw new IllegalStateException(state.at() + ": " + decision.cause().id() + " after " + decision.after()
                    + " s, outside " + outcome.window());
        }
        return outcome;
    }

    private void step(State state, Decision decision, Outcome outcome) {
        Context after = switch (outcome.onward()) {
            case Onward.Next(State next) -> next.context();
            case Onward.Ends(Ending _, Context carried) -> carried;
        };
        int begun = second;
        boolean outside = outcome.onward() instanceof Onward.Ends(Ending ending, var _)
                && (ending.kind() == Ending.Kind.OUTSIDE
                        || decision.by().filter(Party.Outside.class::isInstance).isPresent());
        steps.add(new Trace.Step(
                begun,
                state.at().toString(),
                decision.account(),
                Optional.of(decision.cause()),
                decision.after(),
                decision.hears().stream().map(heard -> heard.later(begun)).toList(),
                decision.by(),
                new Trace.Variables(
                        after.language(),
                        after.firstCalled(),
                        after.tags(),
                        (outside ? 1 : 0) + (state.context().byTrunk() ? 1 : 0),
                        decision.voiceChannels())));
        second += decision.after();
        if (decision.after() > 0 || decision.cause().callersChoice()) {
            rounds.timeOrChoice();
        }
    }

    private Trace unmatched(String number, String language) {
        Bench call = bench.bench();
        steps.add(new Trace.Step(
                0,
                number,
                new Account.Unmatched(call.called()),
                Optional.empty(),
                0,
                List.of(new Heard(0, 0, Heard.Sound.TONE, "number unobtainable")),
                Optional.empty(),
                new Trace.Variables(language, Optional.empty(), List.of(), 1, 0)));
        return new Trace(Ending.of(Ending.Kind.UNMATCHED, number), 0, Optional.empty(), steps, language);
    }

    private Trace ended(Ending ending, Optional<Ref> route, Context context) {
        return new Trace(ending, second, route, steps, context.language());
    }
}
