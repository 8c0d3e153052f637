package app.bittern.call;

import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.function.ToIntFunction;

/// What is said and offered in a wait, one thing after another.
///
/// What is due while something else is said is said once when that ends, however often it has become due; what is due
/// first comes first, and of two due at once the one listed first.
public final class Schedule {
    /// One time that something is said or offered.
    ///
    /// @param start second of the wait
    /// @param end   second at which it has been said
    public record Said(Queue.Meanwhile item, int start, int end) {}

    /// The next time that an item is due.
    private record Due(int second, int place, Queue.Meanwhile item) {}

    private final PriorityQueue<Due> due = new PriorityQueue<>((one, other) -> one.second() == other.second()
            ? Integer.compare(one.place(), other.place())
            : Integer.compare(one.second(), other.second()));
    private final ToIntFunction<Ref> lengths;
    private final int wait;
    private int free;

    /// @param lengths how long each prompt takes
    /// @param wait    how long the wait is at most
    private Schedule(Queue queue, ToIntFunction<Ref> lengths, int wait) {
        this.lengths = lengths;
        this.wait = wait;
        for (int place = 0; place < queue.meanwhile().size(); place++) {
            Queue.Meanwhile item = queue.meanwhile().get(place);
            due.add(new Due(item.first(), place, item));
        }
    }

    /// What is said next, where anything more is said before the wait is over.
    Optional<Said> next() {
        if (due.isEmpty()) {
            return Optional.empty();
        }
        Due one = due.remove();
        int start = Math.max(free, one.second());
        if (start >= wait) {
            return Optional.empty();
        }
        int end = start + one.item().length(lengths);
        free = end;
        again(one, end);
        return Optional.of(new Said(one.item(), start, end));
    }

    /// What has been said is due again the next time after it has begun; times gone by meanwhile count once.
    private void again(Due one, int end) {
        int every = one.item().every().map(Seconds::value).orElse(0);
        if (every > 0) {
            int next = one.second() + every;
            int passed = Math.max(0, (end - next) / every);
            due.add(new Due(next + passed * every, one.place(), one.item()));
        }
    }

    static Schedule of(Queue queue, Scene scene, int wait) {
        return new Schedule(queue, prompt -> scene.length(Optional.of(prompt)), wait);
    }

    static List<Said> all(Queue queue, Scene scene) {
        return all(queue, prompt -> scene.length(Optional.of(prompt)));
    }

    /// Everything that is said in the longest wait, in order.
    ///
    /// @param lengths how long each prompt takes, in seconds
    public static List<Said> all(Queue queue, ToIntFunction<Ref> lengths) {
        Schedule schedule = new Schedule(queue, lengths, queue.longestWait());
        List<Said> all = new ArrayList<>();
        for (Optional<Said> said = schedule.next(); said.isPresent(); said = schedule.next()) {
            all.add(said.get());
        }
        return all;
    }
}
