package app.bittern.plan;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What may stand in a slot: objects of some kinds, and destinations that are none.
///
/// @param kinds in the order of [Kind]
/// @param fixed in the order of [Fixed]
public record Takes(Set<Kind> kinds, Set<Fixed> fixed) {
    /// Where a call can go that is no object of the plan.
    public enum Fixed {
        OUTSIDE("outside/+441632960100"),
        OWN_MAILBOX("own-mailbox"),
        REPEAT("repeat"),
        BACK("back"),
        HANG_UP("hang-up"),
        BUSY("busy"),
        AS_ROUTED("route"),
        BY_LAST("extension-by-last 3");

        private final String example;

        Fixed(String example) {
            this.example = example;
        }

        /// How it is written, such as `own-mailbox`.
        public String example() {
            return example;
        }

        private static Optional<Fixed> of(Destination destination) {
            return switch (destination) {
                case Destination.To to -> Optional.empty();
                case Destination.Outside outside -> Optional.of(OUTSIDE);
                case Destination.OwnMailbox own -> Optional.of(OWN_MAILBOX);
                case Destination.Repeat repeat -> Optional.of(REPEAT);
                case Destination.Back back -> Optional.of(BACK);
                case Destination.HangUp hangUp -> Optional.of(HANG_UP);
                case Destination.Busy busy -> Optional.of(BUSY);
                case Destination.AsRouted routed -> Optional.of(AS_ROUTED);
                case Destination.ByLast last -> Optional.of(BY_LAST);
            };
        }
    }

    private static final Set<Kind> ROUTABLE =
            Stream.of(Kind.values()).filter(Kind::routable).collect(Collectors.toCollection(Takes::none));

    /// Any destination of a call.
    public static final Takes DESTINATION =
            new Takes(ROUTABLE, without(Fixed.REPEAT, Fixed.BACK, Fixed.AS_ROUTED, Fixed.BY_LAST));

    /// Any destination of a call that is in a menu.
    public static final Takes DESTINATION_IN_MENU = new Takes(ROUTABLE, without(Fixed.AS_ROUTED, Fixed.BY_LAST));

    /// Any destination of a call that is in an ask.
    public static final Takes DESTINATION_IN_ASK =
            new Takes(ROUTABLE, without(Fixed.REPEAT, Fixed.BACK, Fixed.BY_LAST));

    /// Any destination of a call that a route takes.
    public static final Takes DESTINATION_IN_ROUTE =
            new Takes(ROUTABLE, without(Fixed.REPEAT, Fixed.BACK, Fixed.AS_ROUTED));

    /// A phone: an extension or an outside number.
    public static final Takes PHONE = new Takes(Set.of(Kind.EXTENSION), Set.of(Fixed.OUTSIDE));

    public Takes {
        kinds = java.util.Collections.unmodifiableSet(kinds.isEmpty() ? none() : EnumSet.copyOf(kinds));
        fixed = java.util.Collections.unmodifiableSet(
                fixed.isEmpty() ? EnumSet.noneOf(Fixed.class) : EnumSet.copyOf(fixed));
    }

    private static Set<Kind> none() {
        return EnumSet.noneOf(Kind.class);
    }

    private static Set<Fixed> without(Fixed... some) {
        return EnumSet.complementOf(EnumSet.copyOf(List.of(some)));
    }

    /// Objects of some kinds alone.
    public static Takes objects(Kind first, Kind... more) {
        return new Takes(EnumSet.of(first, more), Set.of());
    }

    /// The destination or the object in the form that stands in such a slot; empty where it may not.
    public Optional<Filling> fitted(Filling filling) {
        return switch (filling) {
            case Ref ref -> Optional.<Filling>of(ref).filter(one -> kinds.contains(ref.kind()));
            case Destination.To(Ref ref) -> Optional.<Filling>of(filling).filter(one -> kinds.contains(ref.kind()));
            case Destination other -> Fixed.of(other).filter(fixed::contains).map(one -> filling);
        };
    }

    /// What may stand there, as a refusal says it: `a queue or outside/+441632960100`.
    public String words() {
        List<String> all = new ArrayList<>();
        if (kinds.equals(ROUTABLE)) {
            all.add("any object that a call can be sent to");
        } else {
            kinds.forEach(kind -> all.add(kind.title()));
        }
        fixed.forEach(one -> all.add(one.example()));
        return all.size() == 1
                ? all.getFirst()
                : String.join(", ", all.subList(0, all.size() - 1)) + " or " + all.getLast();
    }
}
