package app.bittern.server.queue;

import app.bittern.call.Account;
import app.bittern.call.Bench;
import app.bittern.call.Context;
import app.bittern.call.Presence;
import app.bittern.call.QueueCourse;
import app.bittern.call.Schedule;
import app.bittern.call.State;
import app.bittern.call.Trace;
import app.bittern.call.Tracer;
import app.bittern.plan.Code;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.server.group.GroupApi.RingsView;
import app.bittern.server.object.Said;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/// The score of a wait: what the engine does with a call that dials the queue while every agent is in and nobody
/// answers.
///
/// The call comes from a phone that is put beside the plan for the question, and dials a number that the queue is given
/// for it; neither is in any other plan.
final class Score {
    private static final String PHONE = "999999999999";
    private static final String DIALLED = "999999999998";

    private final Plan plan;
    private final Queue queue;
    private final LocalDateTime at;

    Score(Plan plan, Queue queue, LocalDateTime at) {
        this.plan = plan;
        this.queue = queue;
        this.at = at;
    }

    /// The call in the queue.
    private Trace.Step waited() {
        Extension phone = new Extension(
                PHONE,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Extension.RING_FOR,
                false,
                false,
                Extension.Forward.NONE,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Extension.Person.UNKNOWN);
        Plan asked = plan.with(phone).with(queue.numbered(DIALLED));
        Map<String, List<Presence>> in = new LinkedHashMap<>();
        queue.agents().forEach(agent -> in.put(agent.party().phone(), List.of(Presence.IN)));
        Bench bench = Bench.dialled(
                phone.ref(), DIALLED, at.atZone(plan.site().timeZone()).toInstant());
        Bench staffed = new Bench(
                bench.called(), bench.caller(), bench.at(), List.of(), false, Map.of(), Map.of(), in, Map.of());
        return Tracer.trace(asked, staffed).steps().stream()
                .filter(step -> step.account() instanceof Account.InQueue)
                .findFirst()
                .orElseThrow();
    }

    QueueApi.ScoreView view(long version) {
        Trace.Step step = waited();
        Account.InQueue account = (Account.InQueue) step.account();
        int begun = step.second();
        return new QueueApi.ScoreView(
                version,
                queue.ref().toString(),
                queue.title(),
                step.lasts(),
                account.joining(),
                step.hears().stream()
                        .map(heard -> new QueueApi.HeardView(
                                heard.from() - begun,
                                heard.to() - begun,
                                heard.sound().word(),
                                heard.text()))
                        .toList(),
                items(),
                keys(account.joining()),
                agents(account, step.lasts()),
                leaves(account.joining()),
                together(account.joining()),
                queue.notice()
                        .map(notice -> new QueueApi.NoticeView(
                                notice.on(),
                                plan.title(notice.say().prompt()),
                                notice.until().map(Object::toString))),
                codes());
    }

    private boolean holds(Optional<Route.While> during) {
        return during.map(hours -> plan.find(hours.hours(), Hours.class)
                        .filter(one -> one.at(plan.site()).stateAt(at).equals(hours.state()))
                        .isPresent())
                .orElse(true);
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
                            item.enabled() && holds(item.holdsWhile()));
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

    private List<QueueApi.KeyView> keys(int joining) {
        List<QueueApi.KeyView> keys = new ArrayList<>();
        for (Queue.Meanwhile item : queue.meanwhile()) {
            if (!item.enabled() || !holds(item.holdsWhile())) {
                continue;
            }
            item.keys()
                    .forEach((key, offer) -> offered(offer)
                            .ifPresent(leads -> keys.add(new QueueApi.KeyView(key, joining + item.first(), leads))));
        }
        return keys;
    }

    private Optional<String> offered(Queue.Offer offer) {
        return switch (offer) {
            case Queue.Offer.Leads(Optional<Destination> to, boolean keepPlace) ->
                Optional.of(to.map(one -> Said.destination(plan, one)).orElse("nowhere: a hole")
                        + (keepPlace ? ", turn kept" : ""));
            case Queue.Offer.CallsBack back ->
                holds(queue.ringsBack().holdsWhile())
                        ? Optional.of("be called back, within "
                                + queue.ringsBack().within().said())
                        : Optional.empty();
        };
    }

    private List<QueueApi.AgentView> agents(Account.InQueue account, int lasts) {
        return queue.agents().stream()
                .map(agent -> new QueueApi.AgentView(
                        plan.title(agent.party()),
                        agent.extension().map(Ref::toString),
                        agent.rank(),
                        agent.joinsAfter().value(),
                        agent.byPhone(),
                        account.rung().stream()
                                .filter(rung -> rung.party().equals(agent.party()))
                                .map(rung -> new RingsView(
                                        rung.second(),
                                        Math.min(
                                                lasts,
                                                rung.second() + queue.ringEach().value())))
                                .toList(),
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
