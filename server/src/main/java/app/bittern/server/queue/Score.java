package app.bittern.server.queue;

import app.bittern.call.Context;
import app.bittern.call.QueueCourse;
import app.bittern.call.Schedule;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.plan.Code;
import app.bittern.plan.Destination;
import app.bittern.plan.Menu;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.score.WaitScore;
import app.bittern.server.object.Said;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

/// The score of a wait, in the words of a screen.
final class Score {
    private final Plan plan;
    private final Queue queue;
    private final WaitScore wait;

    /// @param queue as it is in the plan, or would be
    Score(Plan before, Queue queue, LocalDateTime at) {
        this.plan = before.with(queue);
        this.queue = queue;
        this.wait = WaitScore.of(plan, queue, at.atZone(plan.site().timeZone()).toInstant());
    }

    QueueApi.ScoreView view(long version) {
        Trace.Step step = wait.step();
        int joining = wait.course().joining();
        return new QueueApi.ScoreView(
                version,
                queue.ref().toString(),
                queue.title(),
                step.lasts(),
                joining,
                step.hears().stream()
                        .map(heard -> new QueueApi.HeardView(
                                heard.from(), heard.to(), heard.sound().word(), heard.text()))
                        .toList(),
                items(),
                keys(),
                agents(),
                leaves(joining),
                together(joining),
                queue.notice()
                        .map(notice -> new QueueApi.NoticeView(
                                notice.on(),
                                plan.title(notice.say().prompt()),
                                notice.until().map(Object::toString))),
                codes());
    }

    private List<QueueApi.ItemView> items() {
        return IntStream.range(0, queue.meanwhile().size())
                .mapToObj(place -> {
                    Queue.Meanwhile item = queue.meanwhile().get(place);
                    return new QueueApi.ItemView(
                            place,
                            said(item),
                            item.first(),
                            item.every().map(Seconds::value),
                            item.at().isPresent(),
                            item.enabled(),
                            item.holdsWhile().map(hours -> plan.title(hours.hours()) + ": " + hours.state()),
                            wait.said(place));
                })
                .toList();
    }

    private String said(Queue.Meanwhile item) {
        return item.say()
                .map(words -> switch (words) {
                    case Queue.Said.Words(Ref prompt) -> plan.title(prompt);
                    case Queue.Said.Position position -> "the place in the line";
                    case Queue.Said.ExpectedWait expected -> "the expected wait";
                })
                .orElse("nothing is said");
    }

    private List<QueueApi.KeyView> keys() {
        return wait.keys().stream()
                .map(key -> new QueueApi.KeyView(key.key(), key.from(), leads(key.leads())))
                .toList();
    }

    private String leads(QueueCourse.Offered offered) {
        return switch (offered) {
            case QueueCourse.Offered.Leads(Optional<Destination> to) -> to(to);
            case QueueCourse.Offered.Keeps(Menu menu) ->
                Said.destination(plan, new Destination.To(menu.ref())) + ", turn kept";
            case QueueCourse.Offered.Callback callback -> calledBack();
            case QueueCourse.Offered.Asked asked -> calledBack() + ", at a number that is asked for";
        };
    }

    private String calledBack() {
        return "be called back, within " + queue.ringsBack().within().said();
    }

    private List<QueueApi.AgentView> agents() {
        return queue.agents().stream()
                .map(agent -> new QueueApi.AgentView(
                        plan.title(agent.party()),
                        agent.extension().map(Ref::toString),
                        agent.rank(),
                        agent.joinsAfter().value(),
                        agent.byPhone(),
                        wait.rings(agent.party()),
                        also(agent.party())))
                .toList();
    }

    private List<QueueApi.AlsoView> also(Party party) {
        return plan.all(Queue.class)
                .filter(other -> !other.ref().equals(queue.ref()))
                .flatMap(other -> other.agents().stream()
                        .filter(agent -> agent.party().equals(party))
                        .map(agent -> new QueueApi.AlsoView(
                                other.ref().toString(),
                                other.title(),
                                agent.rank(),
                                other.precedence(),
                                other.precedence() == queue.precedence()
                                        ? Optional.empty()
                                        : Optional.of(other.precedence() > queue.precedence()))))
                .toList();
    }

    private List<QueueApi.LeaveView> leaves(int joining) {
        List<QueueApi.LeaveView> leaves = new ArrayList<>();
        queue.longestLine()
                .ifPresent(line -> leaves.add(new QueueApi.LeaveView(
                        "full at " + line + (line == 1 ? " caller" : " callers"), Optional.of(0), to(queue.full()))));
        Queue.NoAgents none = queue.noAgents();
        if (none.refuseNew() || none.moveWaiting()) {
            leaves.add(new QueueApi.LeaveView(
                    none.refuseNew() && none.moveWaiting()
                            ? "nobody logged in, at any time"
                            : none.refuseNew() ? "nobody logged in on joining" : "nobody logged in any more",
                    Optional.empty(),
                    to(none.to())));
        }
        leaves.add(new QueueApi.LeaveView(
                "waited too long", Optional.of(joining + queue.longestWait()), to(queue.overflow())));
        return leaves;
    }

    private String to(Optional<Destination> destination) {
        return destination.map(one -> Said.destination(plan, one)).orElse("nowhere: a hole");
    }

    private List<QueueApi.TogetherView> together(int joining) {
        String language = queue.language().orElse(plan.site().defaultLanguage());
        List<QueueCourse> courses = QueueCourse.all(
                queue, plan, new State(queue.ref(), Context.in(plan.site().defaultLanguage())));
        return courses.stream()
                .flatMap(course ->
                        Schedule.collisions(course, ref -> plan.seconds(ref, language), queue.longestWait()).stream())
                .map(two -> new QueueApi.TogetherView(
                        joining + two.second(),
                        said(two.one().said()),
                        said(two.next().said()),
                        two.next().place()))
                .distinct()
                .toList();
    }

    private List<QueueApi.CodeView> codes() {
        return plan.all(Code.class)
                .flatMap(code -> code
                        .does()
                        .flatMap(this::does)
                        .flatMap(words -> code.number()
                                .map(number -> new QueueApi.CodeView(
                                        number, words, code.pin().isPresent())))
                        .stream())
                .toList();
    }

    /// What a code does for agents of this queue.
    private Optional<String> does(Code.Does does) {
        return switch (does) {
            case Code.Does.LogIn(Ref to) -> Optional.of("log in").filter(words -> to.equals(queue.ref()));
            case Code.Does.LogOut(Ref from) -> Optional.of("log out").filter(words -> from.equals(queue.ref()));
            case Code.Does.Pause(Optional<Ref> reason) ->
                Optional.of("pause" + reason.map(one -> ", " + plan.title(one)).orElse(""));
            case Code.Does.SetOff setOff -> Optional.empty();
            case Code.Does.Turn turn -> Optional.empty();
            case Code.Does.Speak speak -> Optional.empty();
            case Code.Does.Messages messages -> Optional.empty();
        };
    }
}
