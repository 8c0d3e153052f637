package app.bittern.paths;

import app.bittern.call.Cause;
import app.bittern.call.Context;
import app.bittern.call.QueueCourse;
import app.bittern.call.QueueStage;
import app.bittern.call.Schedule;
import app.bittern.call.State;
import app.bittern.graph.Hush;
import app.bittern.graph.StateGraph;
import app.bittern.graph.Way;
import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Extension;
import app.bittern.plan.Group;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Spoken;
import app.bittern.plan.Switch;
import java.util.List;
import java.util.Optional;

/// How long an object leaves a caller without a word, music or ringing, on each way out of it.
public final class Hushes {
    private final Plan plan;
    private final StateGraph graph;
    private final Optional<Boolean> route;

    /// @param route whether the music that the route lets callers hear sounds; absent where it has none
    Hushes(StateGraph graph, Optional<Boolean> route) {
        this.graph = graph;
        this.route = route;
        this.plan = graph.plan();
    }

    /// What is heard on a way out of a state, where it takes the longest.
    Hush of(int id, Way way) {
        State state = graph.state(id);
        String language = state.context().language();
        PlanObject object = plan.find(state.at()).orElseThrow();
        return switch (object) {
            case Announcement announcement -> said(announcement.prompts(), language, 0, way);
            case Menu menu -> {
                int wait = menu.keyWait().value();
                boolean dialled = way.causes().getFirst() instanceof Cause.Dialled;
                int further = dialled
                        ? (way.latest() == 0
                                ? 0
                                : digits(way) * menu.interDigit().value())
                        : 0;
                yield said(menu.prompts(), language, wait + further, way);
            }
            case Ask ask ->
                said(ask.prompts(), language, ask.most() * ask.keyWait().value(), way);
            case Mailbox mailbox -> way.latest() > 0 ? Hush.SOUND : Hush.silent(0);
            case Group group ->
                group.hears().filter(hears -> hears.sounds(plan)).isPresent() ? Hush.SOUND : rung(group, way);
            case Extension extension -> rung(way);
            case Chain chain ->
                QueueStage.in(plan, state)
                        .map(queue -> queue(queue, state, way))
                        .orElseGet(() -> rung(way));
            case Queue queue -> queue(queue, state, way);
            case Branch branch -> Hush.silent(way.latest());
            case Page page -> Hush.silent(way.latest());
            case Route route -> Hush.silent(way.latest());
            case Code code -> Hush.silent(way.latest());
            case Switch turned -> Hush.silent(way.latest());
            case Outbound outbound -> Hush.silent(way.latest());
            case Aside aside -> Hush.silent(way.latest());
        };
    }

    private static int digits(Way way) {
        return way.causes().getFirst() instanceof Cause.Dialled(String extension) ? extension.length() - 1 : 0;
    }

    private Hush rung(Group group, Way way) {
        return group.hears().isPresent() ? Hush.silent(way.latest()) : rung(way);
    }

    private Hush rung(Way way) {
        // Where longer numbers begin so, a phone that has dialled waits in silence.
        boolean dialled = way.causes().getFirst() instanceof Cause.Dialled;
        return !dialled && way.latest() > 0 && route.orElse(true) ? Hush.SOUND : Hush.silent(way.latest());
    }

    /// Prompts, and then a wait in silence.
    private Hush said(List<Spoken> prompts, String language, int wait, Way way) {
        int length = prompts.stream()
                .mapToInt(one -> length(one.prompt(), one.in(language)))
                .sum();
        int silent = Math.min(wait, way.latest());
        return length > 0 ? new Hush(true, 0, silent, silent) : Hush.silent(way.latest());
    }

    private int length(Ref prompt, String language) {
        return plan.seconds(prompt, language);
    }

    private Hush queue(Queue queue, State state, Way way) {
        if (way.latest() == 0) {
            return Hush.silent(0);
        }
        if (sounds(plan, queue, route.orElse(false))) {
            return Hush.SOUND;
        }
        List<QueueCourse> courses = QueueCourse.all(queue, plan, state);
        Gaps gaps = courses.stream()
                .map(course -> gaps(plan, queue, course, language(queue, state)))
                .reduce(Gaps::and)
                .orElseThrow();
        int longest = gaps.longest() + QueueCourse.told(queue, plan, state);
        boolean joining = courses.stream().allMatch(course -> course.joining() > 0);
        return joining || gaps.some()
                ? new Hush(true, joining ? 0 : gaps.first(), longest, longest)
                : Hush.silent(way.latest());
    }

    private static String language(Queue queue, State state) {
        return queue.language().orElse(state.context().language());
    }

    /// Whether something is heard all the time in a queue: what it has of its own, or where it has nothing the
    /// route's.
    private static boolean sounds(Plan plan, Queue queue, boolean byRoute) {
        return queue.hears().map(hears -> hears.sounds(plan)).orElse(byRoute);
    }

    /// @param some  whether anything is said at all
    /// @param first how long nothing is at first
    private record Gaps(boolean some, int first, int longest) {
        private Gaps and(Gaps other) {
            return new Gaps(some && other.some, Math.max(first, other.first), Math.max(longest, other.longest));
        }
    }

    /// The silences between what is said in a wait to its end, and while an agent is told something.
    private static Gaps gaps(Plan plan, Queue queue, QueueCourse course, String language) {
        List<Schedule.Said> said =
                Schedule.all(course, ref -> plan.seconds(ref, language), queue.longestWait()).stream()
                        .filter(one -> one.item().said().say().isPresent())
                        .toList();
        int longest = 0;
        int until = 0;
        for (Schedule.Said one : said) {
            longest = Math.max(longest, one.start() - until);
            until = one.end();
        }
        return new Gaps(
                !said.isEmpty(),
                said.isEmpty() ? queue.longestWait() : said.getFirst().start(),
                Math.max(longest, queue.longestWait() - until));
    }

    /// The longest silence in a queue, in seconds; 0 where music is heard.
    ///
    /// @param byRoute whether callers come by routes that let them hear music
    public static int inQueue(Plan plan, Queue queue, boolean byRoute) {
        State state = new State(queue.ref(), Context.in(plan.site().defaultLanguage()));
        return sounds(plan, queue, byRoute)
                ? 0
                : QueueCourse.all(queue, plan, state).stream()
                        .mapToInt(course -> gaps(plan, queue, course, language(queue, state))
                                .longest())
                        .max()
                        .orElse(0);
    }
}
