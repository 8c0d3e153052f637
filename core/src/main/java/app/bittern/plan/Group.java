package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// A group of phones, rung together or one after another, with where a call goes that nobody takes.
public sealed interface Group extends PlanObject permits RingGroup, HuntGroup {
    List<Member> members();

    /// Whether a member's own `forward: always` is followed.
    boolean followForwarding();

    /// Heard while it rings, if that is given.
    Optional<Hears> hears();

    /// Put before the caller's name on the phones that ring, if that is given.
    Optional<String> shownAs();

    /// The same with other members.
    default Group with(List<Member> others) {
        return switch (this) {
            case RingGroup ring ->
                new RingGroup(
                        ring.key(),
                        ring.name(),
                        ring.note(),
                        ring.number(),
                        ring.shownAs(),
                        ring.ringFor(),
                        others,
                        ring.followForwarding(),
                        ring.hears(),
                        ring.noAnswer(),
                        ring.busy(),
                        ring.unreachable());
            case HuntGroup hunt ->
                new HuntGroup(
                        hunt.key(),
                        hunt.name(),
                        hunt.note(),
                        hunt.number(),
                        hunt.shownAs(),
                        hunt.order(),
                        hunt.ringEach(),
                        hunt.laps(),
                        others,
                        hunt.followForwarding(),
                        hunt.hears(),
                        hunt.noAnswer(),
                        hunt.busy(),
                        hunt.unreachable());
        };
    }

    /// Where an unanswered call goes.
    Optional<Destination> noAnswer();

    /// Where a call goes when nobody rings and somebody is busy, if that is given.
    Optional<Destination> busy();

    /// Where a call goes when every phone is off, if that is given.
    Optional<Destination> unreachable();

    /// Where the call goes on busy: as `noAnswer` where nothing is given.
    default Optional<Destination> onBusy() {
        return busy().or(this::noAnswer);
    }

    /// Where the call goes when nobody can be reached: as on busy where nothing is given.
    default Optional<Destination> onUnreachable() {
        return unreachable().or(this::onBusy);
    }
}
