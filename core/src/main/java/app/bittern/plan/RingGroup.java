package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Rings several phones together.
///
/// @param prefix            put before the caller's name
/// @param ringFor           how long it rings
/// @param honourForwarding  whether a member's own `forward: always` is followed
/// @param noAnswer          where an unanswered call goes
/// @param busy              where it goes when nobody rings and somebody is busy; as `noAnswer` where absent
/// @param unreachable       where it goes when every phone is off; as `busy` where absent
public record RingGroup(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        Optional<String> prefix,
        Seconds ringFor,
        List<Member> members,
        boolean honourForwarding,
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
}
