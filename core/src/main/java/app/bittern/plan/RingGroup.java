package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Rings several phones together.
///
/// @param shownAs           put before the caller's name
/// @param ringFor           how long it rings
/// @param followForwarding  whether a member's own `forward: always` is followed
/// @param hears             heard while it rings; the route's where absent, else the ringing tone
/// @param noAnswer          where an unanswered call goes
/// @param busy              where it goes when nobody rings and somebody is busy; as `noAnswer` where absent
/// @param unreachable       where it goes when every phone is off; as `busy` where absent
public record RingGroup(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<String> shownAs,
        Seconds ringFor,
        List<Member> members,
        boolean followForwarding,
        Optional<Hears> hears,
        Optional<Destination> noAnswer,
        Optional<Destination> busy,
        Optional<Destination> unreachable)
        implements Group {
    public RingGroup {
        members = List.copyOf(members);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.RING_GROUP, key);
    }

    @Override
    public RingGroup over(Places places) {
        return new RingGroup(
                places.key(key),
                name,
                note,
                number,
                shownAs,
                ringFor,
                places.items("members", members, (place, member) -> member.over(place)),
                followForwarding,
                Hears.over(hears, places, "hears"),
                places.needs("noAnswer", noAnswer),
                places.may("busy", busy),
                places.may("unreachable", unreachable));
    }
}
