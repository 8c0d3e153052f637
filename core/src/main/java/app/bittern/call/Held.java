package app.bittern.call;

import app.bittern.plan.Ask;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What one caller hears and keys in a wait, up to a second of it.
///
/// The wait goes on during a menu that keeps the place and during an ask for a number to ring back. What is due
/// meanwhile is said once when the caller is back; keys pressed in there are the menu's or the ask's.
final class Held {
    /// A caller who leaves by a key.
    ///
    /// @param second of the wait
    record Left(Cause cause, int second, Account.Pressed pressed) {}

    /// A key that the caller presses, at a second of the wait.
    ///
    /// @param atEnd whether it is pressed as what is said ends, and not at a second of its own
    /// @param row   whether those behind it are pressed in a row with it
    private record Press(int second, String key, boolean atEnd, boolean row) {}

    private final Queue queue;
    private final Scene scene;
    private final BenchInHand hand;
    private final int until;
    private final int last;
    private final int joining;
    private final Schedule schedule;
    private final List<Heard> hears = new ArrayList<>();
    private final List<QueueCourse.Item> offered = new ArrayList<>();
    private final List<Press> coming = new ArrayList<>();
    private int second;

    /// @param hand     whose keys are taken
    /// @param until    when the wait ends at the latest
    /// @param answered whether somebody answers then: that comes before a key in the same second
    Held(Queue queue, QueueCourse course, Scene scene, BenchInHand hand, int until, boolean answered) {
        this.queue = queue;
        this.scene = scene;
        this.hand = hand;
        this.until = until;
        this.last = answered ? until - 1 : until;
        this.joining = course.joining();
        this.schedule = new Schedule(course, scene::length, Math.min(until, queue.longestWait()));
    }

    /// What was heard, by seconds of the wait.
    List<Heard> hears() {
        return hears;
    }

    /// Plays what is said, and takes the first key that leads out.
    Optional<Left> play() {
        while (true) {
            Optional<Integer> next = schedule.nextStart();
            Optional<Press> before = pressed(next.map(start -> start - 1).orElse(last));
            if (before.isPresent()) {
                quiet(before.get().second());
                Optional<Left> left = follows(before.get());
                if (left.isPresent()) {
                    return left;
                }
                continue;
            }
            Optional<Schedule.Said> said = schedule.next();
            if (said.isEmpty()) {
                quiet(until);
                return Optional.empty();
            }
            Optional<Left> left = hears(said.get());
            if (left.isPresent()) {
                return left;
            }
        }
    }

    private Optional<Left> hears(Schedule.Said said) {
        quiet(said.start());
        if (!said.item().keys().isEmpty()) {
            offered.add(said.item());
            if (coming.isEmpty()) {
                coming.addAll(asked(said));
            }
        }
        // A key at a second of its own at which this ends may be for what is offered next.
        boolean atEnd = !coming.isEmpty() && coming.getFirst().atEnd();
        Optional<Press> during = pressed(said.end() - (atEnd ? 0 : 1));
        int cut = during.map(Press::second).orElse(Math.min(said.end(), until));
        speak(said, cut);
        second = Math.max(said.start(), cut);
        return during.flatMap(this::follows);
    }

    /// The keys that the caller presses when something is offered: at their seconds of the wait, those that
    /// are past left out; else at once or when it has been said.
    private List<Press> asked(Schedule.Said said) {
        KeyPress key = hand.take();
        List<Press> all = new ArrayList<>();
        for (int index = 0; index < key.at().size(); index++) {
            if (key.at().get(index) >= said.start()) {
                all.add(new Press(key.at().get(index), key.digits().substring(index, index + 1), false, false));
            }
        }
        if (!key.timed()) {
            int at = key.atOnce() ? said.start() : said.end();
            key.digits()
                    .chars()
                    .forEach(digit -> all.add(new Press(at, Character.toString(digit), !key.atOnce(), true)));
        }
        return all;
    }

    /// The first of the keys pressed up to a second that has been offered; those pressed by then are used up.
    private Optional<Press> pressed(int by) {
        while (!coming.isEmpty() && coming.getFirst().second() <= by) {
            Press press = coming.removeFirst();
            if (press.second() <= last && offer(press.key()).isPresent()) {
                return Optional.of(press);
            }
        }
        return Optional.empty();
    }

    private Optional<QueueCourse.Offered> offer(String key) {
        return offered.stream().flatMap(item -> item.offer(key).stream()).findFirst();
    }

    /// Where an offered key leads: out, or into a menu or an ask from which the caller may come back.
    private Optional<Left> follows(Press press) {
        dialAhead(press);
        hears.add(new Heard(press.second(), press.second(), Heard.Sound.KEY, press.key()));
        return switch (offer(press.key()).orElseThrow()) {
            case QueueCourse.Offered.Leads(Optional<Destination> to) ->
                Optional.of(left(new Cause.Key(press.key()), press.second(), List.of(press.key()), to, false));
            case QueueCourse.Offered.Callback callback -> Optional.of(callback(press, press.second()));
            case QueueCourse.Offered.Asked(Optional<Ref> ask) ->
                ask.flatMap(ref -> scene.plan().find(ref, Ask.class))
                        .map(one -> asked(press, one))
                        .orElseGet(() -> Optional.of(callback(press, press.second())));
            case QueueCourse.Offered.Keeps(Menu menu) -> inMenu(press, menu);
        };
    }

    /// Keys pressed in a row with one that leads somewhere are for what that leads to.
    private void dialAhead(Press press) {
        StringBuilder rest = new StringBuilder();
        while (press.row() && !coming.isEmpty() && coming.getFirst().row()) {
            rest.append(coming.removeFirst().key());
        }
        hand.dialledAhead(rest.isEmpty() ? KeyPress.SILENCE : new KeyPress(rest.toString(), true));
    }

    private static Left left(Cause cause, int second, List<String> keys, Optional<Destination> to, boolean callback) {
        return new Left(cause, second, new Account.Pressed(keys, to, callback));
    }

    private static Left callback(Press press, int second) {
        return left(new Cause.Callback(press.key()), second, List.of(press.key()), Optional.empty(), true);
    }

    private Optional<Left> asked(Press press, Ask ask) {
        hand.aside(joining + press.second());
        Decision decision = AskBehaviour.decide(ask.forDigits(), scene.at(ask.ref()), hand, last - press.second());
        int end = press.second() + decision.after();
        boolean keyed = decision.cause() instanceof Cause.Digits && end <= last;
        return aside(press, decision, end, keyed ? Optional.of(callback(press, end)) : Optional.empty());
    }

    private Optional<Left> inMenu(Press press, Menu menu) {
        Scene there = scene.at(menu.ref());
        hand.aside(joining + press.second());
        Decision decision = MenuBehaviour.decide(menu, there, hand, last - press.second());
        int end = press.second() + decision.after();
        Optional<Left> leaves = end > last ? Optional.empty() : keyed(press, menu, decision.cause(), end);
        return aside(press, decision, end, leaves);
    }

    private Optional<Left> keyed(Press press, Menu menu, Cause cause, int end) {
        if (cause instanceof Cause.Key(String digits)) {
            return Optional.ofNullable(menu.keys().get(digits))
                    .filter(MenuBehaviour::leads)
                    .map(does -> within(press, digits, does.to(), end));
        }
        if (cause instanceof Cause.Dialled(String digits)) {
            Optional<Destination> to = scene.plan()
                    .find(new Ref(Kind.EXTENSION, digits), Extension.class)
                    .map(extension -> new Destination.To(extension.ref()));
            return Optional.of(within(press, digits, to, end));
        }
        return Optional.empty();
    }

    private static Left within(Press press, String digits, Optional<Destination> to, int end) {
        return left(new Cause.Within(press.key(), digits), end, List.of(press.key(), digits), to, false);
    }

    /// Hears what is said aside, up to the end of the wait; keys pressed during it are not the wait's.
    private Optional<Left> aside(Press press, Decision decision, int end, Optional<Left> leaves) {
        for (Heard heard : decision.hears()) {
            Heard later = heard.later(press.second());
            if (later.from() < until || (later.from() == later.to() && later.to() <= last)) {
                hears.add(new Heard(later.from(), Math.min(later.to(), until), later.sound(), later.text()));
            }
        }
        second = Math.max(press.second(), Math.min(end, until));
        schedule.hold(end);
        hand.aside(0);
        coming.removeIf(later -> later.second() < end);
        return leaves;
    }

    private void speak(Schedule.Said said, int end) {
        if (end > said.start() && said.item().said().say().isPresent()) {
            hears.add(new Heard(
                    said.start(), end, Heard.Sound.SPEECH, words(said.item().said())));
        }
    }

    private void quiet(int to) {
        if (to > second) {
            hears.add(hand.waiting(
                    second,
                    to,
                    queue.hears(),
                    Heard.Sound.SILENCE,
                    queue.hears().map(hears -> hears.title(scene.plan())).orElse("waiting")));
            second = to;
        }
    }

    private String words(Queue.Meanwhile item) {
        return item.say()
                .map(said -> switch (said) {
                    case Queue.Said.Words(Ref prompt) -> scene.words(prompt);
                    case Queue.Said.Position position -> "the place in the line";
                    case Queue.Said.ExpectedWait expected -> "the expected wait";
                })
                .orElse("");
    }
}
