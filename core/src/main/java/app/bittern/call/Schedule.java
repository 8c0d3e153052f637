package app.bittern.call;

import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
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
    public record Said(QueueCourse.Item item, int start, int end) {}

    /// The next time that an item is due.
    private record Due(int second, QueueCourse.Item item) {}

    private final PriorityQueue<Due> due = new PriorityQueue<>((one, other) -> one.second() == other.second()
            ? Integer.compare(one.item().place(), other.item().place())
            : Integer.compare(one.second(), other.second()));
    private final ToIntFunction<Ref> lengths;
    private final int wait;
    private int free;

    /// @param lengths how long each prompt takes
    /// @param wait    how long the wait is at most
    Schedule(QueueCourse course, ToIntFunction<Ref> lengths, int wait) {
        this.lengths = lengths;
        this.wait = wait;
        course.items().forEach(item -> due.add(new Due(item.said().first(), item)));
    }

    /// The second at which something is said next, where anything more is said before the wait is over.
    Optional<Integer> nextStart() {
        return Optional.ofNullable(due.peek())
                .map(one -> Math.max(free, one.second()))
                .filter(start -> start < wait);
    }

    /// What is said next, where anything more is said before the wait is over.
    Optional<Said> next() {
        Optional<Integer> start = nextStart();
        if (start.isEmpty()) {
            return Optional.empty();
        }
        Due one = due.remove();
        int end = start.get() + one.item().said().length(lengths);
        free = end;
        again(one, start.get());
        return Optional.of(new Said(one.item(), start.get(), end));
    }

    /// Nothing is said until a second, as the caller is in a menu or an ask.
    void hold(int until) {
        free = until;
    }

    /// What has been said is due again the next time after it has begun.
    private void again(Due one, int start) {
        int every = one.item().said().every().map(Seconds::value).orElse(0);
        if (every > 0) {
            due.add(new Due(one.second() + ((start - one.second()) / every + 1) * every, one.item()));
        }
    }

    /// Everything that is said in a wait of so long, in order, where the caller does nothing.
    ///
    /// @param lengths how long each prompt takes, in seconds
    public static List<Said> all(QueueCourse course, ToIntFunction<Ref> lengths, int wait) {
        Schedule schedule = new Schedule(course, lengths, wait);
        List<Said> all = new ArrayList<>();
        for (Optional<Said> said = schedule.next(); said.isPresent(); said = schedule.next()) {
            all.add(said.get());
        }
        return all;
    }

    /// When each key is offered first in a wait of so long, in which the caller does nothing: as soon as what offers it
    /// begins.
    ///
    /// @param lengths how long each prompt takes, in seconds
    public static Map<String, Said> offers(QueueCourse course, ToIntFunction<Ref> lengths, int wait) {
        Map<String, Said> first = new LinkedHashMap<>();
        for (Said said : all(course, lengths, wait)) {
            said.item().keys().keySet().forEach(key -> first.putIfAbsent(key, said));
        }
        return first;
    }

    /// Two things that are due while one of them is still said.
    ///
    /// @param second of the wait at which the later is due
    public record Collision(QueueCourse.Item one, QueueCourse.Item next, int second) {}

    /// What is due in a wait while something else would still be said, had both been said when they were due; in order.
    ///
    /// @param lengths how long each prompt takes, in seconds
    public static List<Collision> collisions(QueueCourse course, ToIntFunction<Ref> lengths, int wait) {
        List<Said> all = new ArrayList<>();
        for (QueueCourse.Item item : course.items()) {
            int length = item.said().length(lengths);
            if (length > 0) {
                item.said().seconds(wait).forEach(second -> all.add(new Said(item, second, second + length)));
            }
        }
        all.sort(Comparator.comparingInt(Said::start));
        List<Collision> collisions = new ArrayList<>();
        for (int index = 0; index + 1 < all.size(); index++) {
            Said next = all.get(index + 1);
            if (next.start() < all.get(index).end()) {
                collisions.add(new Collision(all.get(index).item(), next.item(), next.start()));
            }
        }
        return collisions;
    }
}
