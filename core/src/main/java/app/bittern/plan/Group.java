package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// A group of phones, rung together or one after another, with where a call goes that nobody takes.
public sealed interface Group extends PlanObject permits RingGroup, HuntGroup {
    List<Member> members();

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
