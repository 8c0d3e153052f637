package app.bittern.call;

import app.bittern.hours.Calendar;
import app.bittern.number.Caller;
import app.bittern.plan.Destination;
import app.bittern.plan.Hours;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Spoken;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// What a queue says and offers to those callers for whom a condition holds: its notice is for a while, items are for
/// some hours, and a callback to the caller's own number is offered to those who have one.
///
/// @param when    whom it is for; the courses of a queue share no caller, and together they are for all
/// @param joining how long the notice and what is said on joining take, in seconds
/// @param first   what is said on joining, one after another
/// @param items   what is said and offered in the wait
public record QueueCourse(Condition when, int joining, List<Spoken> first, List<Item> items) {
    public QueueCourse {
        first = List.copyOf(first);
        items = List.copyOf(items);
    }

    /// Something said or offered, with the keys that are offered to these callers.
    ///
    /// @param place among all items of the queue
    public record Item(Queue.Meanwhile said, int place, Map<String, Offered> keys) {
        /// What a key leads to here.
        public Optional<Offered> offer(String key) {
            return Optional.ofNullable(keys.get(key));
        }
    }

    /// Where a key leads that is offered.
    public sealed interface Offered {
        /// Elsewhere.
        record Leads(Optional<Destination> to) implements Offered {}

        /// Into a menu, the place in the line being kept.
        record Keeps(Menu menu) implements Offered {}

        /// To be rung back at the caller's number.
        record Callback() implements Offered {}

        /// To be rung back at a number that is asked for; a hole where the ask is missing.
        record Asked(Optional<Ref> ask) implements Offered {}
    }

    /// What decides which course a call takes.
    ///
    /// @param states   of the hours that are asked
    /// @param notice   whether the notice is said
    /// @param numbered whether the caller has a number
    private record Given(Condition when, Map<Ref, String> states, boolean notice, boolean numbered) {
        boolean holds(Optional<Route.While> hours) {
            return hours.map(one -> one.state().equals(states.get(one.hours()))).orElse(true);
        }
    }

    /// All courses of a queue, in the language that it speaks to a caller.
    public static List<QueueCourse> all(Queue queue, Plan plan, State state) {
        return all(queue, new Scene(plan, state).speaking(queue.language()));
    }

    /// How long an agent is told something before a call is put through, in seconds.
    public static int told(Queue queue, Plan plan, State state) {
        return Wait.told(queue, new Scene(plan, state).speaking(queue.language()));
    }

    /// All courses of a queue.
    static List<QueueCourse> all(Queue queue, Scene scene) {
        Map<List<Object>, QueueCourse> courses = new LinkedHashMap<>();
        for (Given given : given(queue, scene)) {
            QueueCourse course = of(queue, scene, given);
            courses.merge(
                    List.of(course.first, course.items),
                    course,
                    (one, other) ->
                            new QueueCourse(Condition.any(one.when, other.when), one.joining, one.first, one.items));
        }
        List<QueueCourse> all = List.copyOf(courses.values());
        return all.size() == 1
                ? List.of(new QueueCourse(
                        new Condition.Always(), all.getFirst().joining, all.getFirst().first, all.getFirst().items))
                : all;
    }

    /// The course that a bench takes which comes to a queue, in the language that it speaks to a caller.
    public static QueueCourse on(Queue queue, Plan plan, State state, Bench bench) {
        return on(queue, new Scene(plan, state).speaking(queue.language()), new BenchInHand(bench, plan));
    }

    /// The course that a bench takes.
    static QueueCourse on(Queue queue, Scene scene, BenchInHand bench) {
        Map<Ref, String> states = new HashMap<>();
        asked(queue)
                .flatMap(ref -> scene.plan().find(ref, Hours.class).stream())
                .forEach(hours ->
                        states.put(hours.ref(), hours.at(scene.plan().site()).stateAt(bench.local())));
        boolean notice = queue.notice()
                .filter(one -> one.until()
                        .map(last -> !bench.local().toLocalDate().isAfter(last))
                        .orElse(true))
                .isPresent();
        Caller caller = bench.bench().caller();
        boolean numbered =
                caller instanceof Caller.Inside || !Callers.is(scene.plan(), caller, new Route.From.Without());
        return of(queue, scene, new Given(new Condition.Always(), states, notice, numbered));
    }

    /// The hours that a queue asks, each once.
    private static Stream<Ref> asked(Queue queue) {
        return hours(queue).map(Route.While::hours).distinct();
    }

    /// The hours, and the states they must be in, of all that is for some hours.
    public static Stream<Route.While> hours(Queue queue) {
        return Stream.concat(
                queue.meanwhile().stream().filter(Queue.Meanwhile::enabled).flatMap(item -> item.holdsWhile().stream()),
                callsBack(queue) ? queue.ringsBack().holdsWhile().stream() : Stream.empty());
    }

    private static boolean callsBack(Queue queue) {
        return queue.meanwhile().stream()
                .filter(Queue.Meanwhile::enabled)
                .flatMap(item -> item.keys().values().stream())
                .anyMatch(Queue.Offer.CallsBack.class::isInstance);
    }

    /// Whether it matters to a queue whether its caller has a number.
    public static boolean asksForNumber(Queue queue) {
        return callsBack(queue) && queue.ringsBack().number() != Queue.Callback.Numbers.ASKED;
    }

    private static List<Given> given(Queue queue, Scene scene) {
        List<Hours> hours = asked(queue)
                .flatMap(ref -> scene.plan().find(ref, Hours.class).stream())
                .toList();
        List<Given> all = Calendar.together(
                        hours.stream().map(one -> one.at(scene.plan().site())).toList())
                .stream()
                .map(states -> inStates(hours, states))
                .toList();
        Optional<LocalDate> until = queue.notice().filter(Queue.Notice::on).flatMap(Queue.Notice::until);
        if (until.isPresent()) {
            LocalDate last = until.get();
            all = all.stream()
                    .flatMap(one -> Stream.of(false, true)
                            .map(after -> new Given(
                                    Condition.all(one.when, new Condition.Day(last, after)), one.states, !after, true)))
                    .toList();
        }
        if (asksForNumber(queue) && scene.context().byTrunk()) {
            Condition without = new Condition.CallerIs(List.of(), Optional.of(new Route.From.Without()));
            Condition with = new Condition.CallerIs(List.of(new Route.From.Without()), Optional.empty());
            all = all.stream()
                    .flatMap(one -> Stream.of(true, false)
                            .map(numbered -> new Given(
                                    Condition.all(one.when, numbered ? with : without),
                                    one.states,
                                    one.notice,
                                    numbered)))
                    .toList();
        }
        return all;
    }

    private static Given inStates(List<Hours> hours, List<String> names) {
        Map<Ref, String> states = new HashMap<>();
        Condition when = new Condition.Always();
        for (int index = 0; index < hours.size(); index++) {
            states.put(hours.get(index).ref(), names.get(index));
            when = Condition.all(when, new Condition.HoursIn(hours.get(index).ref(), names.get(index)));
        }
        return new Given(when, states, true, true);
    }

    private static QueueCourse of(Queue queue, Scene scene, Given given) {
        List<Spoken> first = Stream.concat(
                        queue.notice().filter(notice -> notice.on() && given.notice).map(Queue.Notice::say).stream(),
                        queue.onJoining().stream())
                .toList();
        List<Item> items = new ArrayList<>();
        for (int place = 0; place < queue.meanwhile().size(); place++) {
            Queue.Meanwhile item = queue.meanwhile().get(place);
            if (!item.enabled() || !given.holds(item.holdsWhile())) {
                continue;
            }
            Map<String, Offered> keys = new LinkedHashMap<>();
            item.keys()
                    .forEach((key, offer) -> offered(queue, scene, offer, given).ifPresent(one -> keys.put(key, one)));
            // What is said of keys none of which is offered to these callers is not said to them either.
            if (item.keys().isEmpty() || !keys.isEmpty()) {
                items.add(new Item(item, place, keys));
            }
        }
        return new QueueCourse(given.when, scene.length(first), first, items);
    }

    private static Optional<Offered> offered(Queue queue, Scene scene, Queue.Offer offer, Given given) {
        return switch (offer) {
            case Queue.Offer.Leads(Optional<Destination> to, boolean keepPlace) ->
                Optional.of(to.filter(one -> keepPlace)
                        .flatMap(Destination::target)
                        .filter(ref -> ref.kind() == Kind.MENU)
                        .flatMap(ref -> scene.plan().find(ref, Menu.class))
                        .<Offered>map(Offered.Keeps::new)
                        .orElseGet(() -> new Offered.Leads(to)));
            case Queue.Offer.CallsBack back -> {
                Queue.Callback how = queue.ringsBack();
                if (!given.holds(how.holdsWhile())) {
                    yield Optional.empty();
                }
                yield switch (how.number()) {
                    case CALLER -> given.numbered ? Optional.of(new Offered.Callback()) : Optional.empty();
                    case ASKED -> Optional.of(new Offered.Asked(how.ask()));
                    case EITHER -> Optional.of(given.numbered ? new Offered.Callback() : new Offered.Asked(how.ask()));
                };
            }
        };
    }
}
