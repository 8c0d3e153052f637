package app.bittern.paths;

import app.bittern.plan.Announcement;
import app.bittern.plan.Ask;
import app.bittern.plan.Chain;
import app.bittern.plan.Extension;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.RingGroup;
import java.util.List;
import java.util.TreeSet;

/// How long an object leaves a caller without words or music; ringing counts as neither.
public final class Quiet {
    private Quiet() {}

    /// @param spoken  whether words or music are heard in the object at all
    /// @param longest the longest without, in seconds
    record Of(boolean spoken, int longest) {}

    static Of of(StateGraph graph, int state) {
        PlanObject object = graph.plan().find(graph.state(state).at()).orElseThrow();
        return switch (object) {
            case Announcement announcement -> new Of(true, 0);
            case Menu menu -> new Of(true, menu.keyWait().value());
            case Ask ask -> new Of(true, ask.most() * ask.keyWait().value());
            case Mailbox mailbox -> new Of(true, 0);
            case RingGroup group -> new Of(false, group.ringFor().value());
            case Extension extension -> new Of(false, extension.ringFor().value());
            case Chain chain -> new Of(false, Integer.MAX_VALUE / 2);
            case HuntGroup group ->
                new Of(
                        false,
                        group.laps() * group.members().size() * group.ringEach().value());
            case Queue queue ->
                new Of(queue.hears().isPresent() || !queue.meanwhile().isEmpty(), inQueue(queue));
            default -> new Of(false, 0);
        };
    }

    /// The longest between two things said to somebody who waits without music, in seconds; 0 with music.
    public static int inQueue(Queue queue) {
        if (queue.hears().isPresent()) {
            return 0;
        }
        TreeSet<Integer> said = new TreeSet<>(List.of(0, queue.longestWait()));
        queue.meanwhile().stream()
                .filter(item -> item.say().isPresent())
                .forEach(item -> item.seconds(queue.longestWait()).forEach(said::add));
        int longest = 0;
        int before = 0;
        for (int second : said) {
            longest = Math.max(longest, second - before);
            before = second;
        }
        return longest;
    }
}
