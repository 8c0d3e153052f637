package app.bittern.call;

import app.bittern.plan.Chain;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// A queue that a stage of a chain rings: its words are said, its keys and its callback are not offered, and callers
/// have no more time in it than the stage's. What is told to the agent comes after that.
///
/// @param queue as it is in the stage
/// @param scene the caller in it, spoken to in its language
/// @param time  of the stage, in seconds
public record QueueStage(Queue queue, Scene scene, int time) {
    /// The queue of a stage, where it rings one.
    static Optional<QueueStage> of(Chain.Stage stage, Scene chain) {
        return stage.rung(chain.plan(), Queue.class)
                .map(queue -> new QueueStage(
                        queue.inStage(),
                        chain.at(queue.ref()).speaking(queue.language()),
                        stage.time().value()));
    }

    /// The queue that a chain rings in a state, as it is in the stage with the longest wait that the stage has time
    /// for.
    public static Optional<Queue> in(Plan plan, State state) {
        return plan.find(state.at(), Chain.class)
                .flatMap(chain -> chain.stage(state.stage()))
                .flatMap(stage -> stage.rung(plan, Queue.class)
                        .map(queue -> queue.inStage().waiting(stage.time().value())));
    }

    /// The cause by which the stage is left where its queue is left by another.
    private static Cause left(Cause own) {
        if (own instanceof Cause.Answered) {
            return own;
        }
        if (own instanceof Cause.Full) {
            return new Cause.Busy();
        }
        return own instanceof Cause.NoAgents ? new Cause.Unreachable() : new Cause.NoAnswer();
    }

    /// A cause by which its queue is left where the stage is left by another.
    public static Cause own(Cause left) {
        if (left instanceof Cause.Answered) {
            return left;
        }
        if (left instanceof Cause.Busy) {
            return new Cause.Full();
        }
        return left instanceof Cause.Unreachable ? new Cause.NoAgents() : new Cause.Overflow();
    }

    /// The queue with as much time as is left when it has said what it says on joining.
    private Queue limited(QueueCourse course) {
        return queue.waiting(Math.max(0, time - course.joining()));
    }

    /// @param answered how the call ends where somebody answers
    /// @param next     where it goes on else
    List<Outcome> outcomes(Onward answered, Onward next) {
        return QueueBehaviour.together(QueueCourse.all(queue, scene), course -> ways(course, answered, next));
    }

    private List<Outcome> ways(QueueCourse course, Onward answered, Onward next) {
        boolean inTime = course.joining() <= time;
        List<Outcome> outcomes = new ArrayList<>();
        Optional<Window> unanswered = Optional.empty();
        for (Outcome way : QueueBehaviour.ways(limited(course), scene, course)) {
            switch (left(way.cause())) {
                case Cause.NoAnswer none -> {
                    Window window = inTime ? way.window() : Window.at(time);
                    unanswered = Optional.of(unanswered.map(window::union).orElse(window));
                }
                case Cause.Answered cause when inTime -> outcomes.add(Outcome.of(cause, way.window(), answered));
                case Cause.Answered late -> {}
                case Cause cause ->
                    outcomes.add(Outcome.of(cause, way.window(), next).by("then"));
            }
        }
        unanswered.ifPresent(window ->
                outcomes.add(Outcome.of(new Cause.NoAnswer(), window, next).by("then")));
        return outcomes;
    }

    Decision decide(Chain chain, int stage, BenchInHand bench) {
        QueueCourse course = QueueCourse.on(queue, scene, bench);
        Wait wait = new Wait(limited(course), scene, bench);
        Decision own = decided(wait, course);
        Account account = new Account.AtStage(chain, stage, List.of(), Optional.of(own.account()));
        return new Decision(left(own.cause()), own.after(), own.hears(), account, own.by(), own.voiceChannels());
    }

    private Decision decided(Wait wait, QueueCourse course) {
        if (queue.longestLine().isPresent() && wait.full()) {
            return wait.refused(new Cause.Full());
        }
        if (wait.nobodyIn(0) && queue.noAgents().refuseNew()) {
            return wait.refused(new Cause.NoAgents());
        }
        if (course.joining() > time) {
            Account account = wait.refused(new Cause.Overflow()).account();
            return Decision.of(new Cause.Overflow(), time, scene.said(course.first(), 0, time), account)
                    .speaking();
        }
        return wait.decide();
    }

    /// What the world must do for the stage to be left by a cause.
    List<Visit> visits(Cause cause) {
        return QueueCourse.all(queue, scene).stream()
                .map(this::limited)
                .distinct()
                .flatMap(limited -> own(limited, cause).stream()
                        .flatMap(own -> new QueueStaging(limited, scene).visits(own).stream()))
                .toList();
    }

    private static List<Cause> own(Queue limited, Cause left) {
        return left instanceof Cause.NoAnswer && limited.noAgents().moveWaiting()
                ? List.of(new Cause.Overflow(), new Cause.AgentsGone())
                : List.of(own(left));
    }
}
