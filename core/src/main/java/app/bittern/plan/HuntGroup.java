package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Rings phones one after another.
///
/// @param shownAs     put before the caller's name
/// @param order       in which order
/// @param ringEach    how long each rings
/// @param laps        how often the whole list is gone through, 1 to 20
/// @param followForwarding whether a member's own `forward: always` is followed
/// @param hears       heard while it rings; the route's where absent, else the ringing tone
/// @param noAnswer    where an unanswered call goes
/// @param busy        where it goes when nobody is idle and somebody is busy; as `noAnswer` where absent
/// @param unreachable where it goes when every phone is off; as `busy` where absent
public record HuntGroup(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<String> shownAs,
        Order order,
        Seconds ringEach,
        int laps,
        List<Member> members,
        boolean followForwarding,
        Optional<Hears> hears,
        Optional<Destination> noAnswer,
        Optional<Destination> busy,
        Optional<Destination> unreachable)
        implements Group {
    /// @throws IllegalArgumentException where the laps are out of range
    public HuntGroup {
        members = List.copyOf(members);
        if (laps < 1 || laps > 20) {
            throw new IllegalArgumentException(laps + " laps: 1 to 20 are allowed");
        }
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.HUNT_GROUP, key);
    }

    @Override
    public HuntGroup over(Places places) {
        return new HuntGroup(
                places.key(key),
                name,
                note,
                number,
                shownAs,
                order,
                ringEach,
                laps,
                places.items("members", members, (place, member) -> member.over(place)),
                followForwarding,
                Hears.over(hears, places, "hears"),
                places.needs("noAnswer", noAnswer),
                places.may("busy", busy),
                places.may("unreachable", unreachable));
    }
}
