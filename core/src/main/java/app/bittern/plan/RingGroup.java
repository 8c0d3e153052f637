package app.bittern.plan;

import app.bittern.number.E164;
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
        implements PlanObject {
    public RingGroup {
        members = List.copyOf(members);
    }

    /// Somebody who is rung.
    ///
    /// @param after   how long after the others this one begins to ring
    /// @param confirm whether the person must press a key to take the call
    public record Member(Party party, Seconds after, boolean confirm) {}

    /// A phone that can be rung.
    public sealed interface Party {
        record Inside(Ref extension) implements Party {
            @Override
            public String toString() {
                return extension.toString();
            }
        }

        record Outside(E164 number) implements Party {
            @Override
            public String toString() {
                return "outside/" + number;
            }
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
        return new Ref(Kind.RING_GROUP, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        for (int index = 0; index < members.size(); index++) {
            if (members.get(index).party() instanceof Party.Inside(Ref extension)) {
                links.ref("members/" + index + "/extension", extension);
            }
        }
        return links.needs("noAnswer", noAnswer)
                .may("busy", busy)
                .may("unreachable", unreachable)
                .done();
    }
}
