package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Rings phones one after another.
///
/// @param order       in which order
/// @param ringEach    how long each rings
/// @param laps        how often the whole list is gone through, 1 to 20
/// @param noAnswer    where an unanswered call goes
/// @param busy        where it goes when nobody is idle and somebody is busy; as `noAnswer` where absent
/// @param unreachable where it goes when every phone is off; as `busy` where absent
public record HuntGroup(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Order order,
        Seconds ringEach,
        int laps,
        List<Member> members,
        Optional<Destination> noAnswer,
        Optional<Destination> busy,
        Optional<Destination> unreachable)
        implements PlanObject {
    /// @throws IllegalArgumentException where the laps are out of range
    public HuntGroup {
        members = List.copyOf(members);
        if (laps < 1 || laps > 20) {
            throw new IllegalArgumentException(laps + " laps: 1 to 20 are allowed");
        }
    }

    /// Where the call goes on busy.
    public Optional<Destination> onBusy() {
        return busy.or(() -> noAnswer);
    }

    /// Where the call goes when nobody can be reached.
    public Optional<Destination> onUnreachable() {
        return unreachable.or(this::onBusy);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.HUNT_GROUP, key);
    }

    @Override
    public List<Link> links() {
        return Member.links(new Link.Collector(), members)
                .needs("noAnswer", noAnswer)
                .may("busy", busy)
                .may("unreachable", unreachable)
                .done();
    }
}
