package app.bittern.call;

import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// The transition function: from a state to everything that can happen next.
public final class Transition {
    private static final Set<Kind> RUNG = Set.of(Kind.EXTENSION, Kind.RING_GROUP, Kind.HUNT_GROUP, Kind.CHAIN);

    private Transition() {}

    /// All outcomes of a state; a cause more than once only for calls that have none in common.
    ///
    /// @throws IllegalArgumentException where the plan has no such object, or calls do not go to its kind
    public static List<Outcome> outcomes(Plan plan, State state) {
        return greeted(state, asked(object(plan, state), new Scene(plan, state), new Question<>() {
            @Override
            public <T extends PlanObject> List<Outcome> ask(Behaviour<T> behaviour, T object, Scene scene) {
                return behaviour.outcomes(object, scene);
            }
        }));
    }

    /// An extension or a group that is left unanswered or busy is the reason of a greeting ahead.
    private static List<Outcome> greeted(State state, List<Outcome> outcomes) {
        return RUNG.contains(state.at().kind())
                ? outcomes.stream()
                        .map(outcome -> reason(outcome.cause())
                                .map(reason -> outcome.carrying(context -> context.greeted(Optional.of(reason))))
                                .orElse(outcome))
                        .toList()
                : outcomes;
    }

    private static Optional<Mailbox.Reason> reason(Cause cause) {
        if (cause instanceof Cause.Busy) {
            return Optional.of(Mailbox.Reason.BUSY);
        }
        return cause instanceof Cause.NoAnswer ? Optional.of(Mailbox.Reason.NO_ANSWER) : Optional.empty();
    }

    /// All outcomes of a state, whatever the caller carries: where it is a branch those of every case, where it is a
    /// queue whose agents are chosen by language those of callers in every language.
    public static List<Outcome> everyCase(Plan plan, State state) {
        PlanObject object = object(plan, state);
        if (object instanceof Branch branch) {
            return BranchBehaviour.everyCase(branch, new Scene(plan, state));
        }
        List<Outcome> all = new ArrayList<>(outcomes(plan, state));
        if (object instanceof Queue queue
                && queue.needs().filter(Queue.Needs::language).isPresent()) {
            plan.site().languages().stream()
                    .map(Optional::of)
                    .map(spoken -> new State(state.at(), state.context().speaking(spoken)))
                    .flatMap(other -> outcomes(plan, other).stream())
                    .filter(outcome -> all.stream().noneMatch(one -> one.cause().equals(outcome.cause())))
                    .toList()
                    .forEach(all::add);
        }
        return all;
    }

    /// The outcomes of one cause in a state, without making all the others; more than one only for calls that have
    /// none in common.
    public static List<Outcome> outcomes(Plan plan, State state, Cause cause) {
        return greeted(state, asked(object(plan, state), new Scene(plan, state), new Question<>() {
            @Override
            public <T extends PlanObject> List<Outcome> ask(Behaviour<T> behaviour, T object, Scene scene) {
                return behaviour.outcomes(object, scene, cause);
            }
        }));
    }

    /// What a bench decides on in a state.
    static Decision decide(Plan plan, State state, BenchInHand bench) {
        return asked(object(plan, state), new Scene(plan, state), new Question<>() {
            @Override
            public <T extends PlanObject> Decision ask(Behaviour<T> behaviour, T object, Scene scene) {
                return behaviour.decide(object, scene, bench);
            }
        });
    }

    private static PlanObject object(Plan plan, State state) {
        return plan.find(state.at())
                .orElseThrow(() -> new IllegalArgumentException("there is no " + state.at() + " in the plan"));
    }

    /// Something that can be asked of a behaviour and an object of its kind.
    private interface Question<A> {
        <T extends PlanObject> A ask(Behaviour<T> behaviour, T object, Scene scene);
    }

    private static <A> A asked(PlanObject object, Scene scene, Question<A> question) {
        return switch (object) {
            case Route route -> question.ask(new RouteBehaviour(), route, scene);
            case Branch branch -> question.ask(new BranchBehaviour(), branch, scene);
            case Announcement announcement -> question.ask(new AnnouncementBehaviour(), announcement, scene);
            case Menu menu -> question.ask(new MenuBehaviour(), menu, scene);
            case RingGroup group -> question.ask(new RingGroupBehaviour(), group, scene);
            case Extension extension
            when scene.context().dials().isPresent() -> question.ask(new DialBehaviour(), extension, scene);
            case Extension extension -> question.ask(new ExtensionBehaviour(), extension, scene);
            case Ask ask -> question.ask(new AskBehaviour(), ask, scene);
            case HuntGroup group -> question.ask(new HuntGroupBehaviour(), group, scene);
            case Queue queue -> question.ask(new QueueBehaviour(), queue, scene);
            case Chain chain -> question.ask(new ChainBehaviour(), chain, scene);
            case Page page -> question.ask(new PageBehaviour(), page, scene);
            case Mailbox mailbox -> question.ask(new MailboxBehaviour(), mailbox, scene);
            case Code code -> question.ask(new CodeBehaviour(), code, scene);
            case Switch turned -> question.ask(new SwitchBehaviour(), turned, scene);
            case Outbound outbound -> question.ask(new OutboundBehaviour(), outbound, scene);
            case Aside o -> throw notForCalls(o);
        };
    }

    private static IllegalArgumentException notForCalls(PlanObject object) {
        return new IllegalArgumentException("no call comes to " + object.ref());
    }
}
