package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// Something that people turn by hand, such as a night switch.
///
/// @param number    the code that turns it on to its next position, such as `*70`
/// @param positions in order, such as `normal` and `sailings-off`
/// @param now      the position it is in
/// @param pin      asked of who turns it by phone
/// @param revertsAfter how long after it has been turned it goes back by itself
public record Switch(
        String key,
        Optional<String> name,
        Optional<String> note,
        Optional<String> number,
        List<String> positions,
        String now,
        Optional<Pin> pin,
        Optional<Seconds> revertsAfter)
        implements PlanObject {
    /// @throws IllegalArgumentException where it has no position, or the now one is none of them
    public Switch {
        positions = List.copyOf(positions);
        if (!positions.contains(now)) {
            throw new IllegalArgumentException("the position now '" + now + "' is none of " + positions);
        }
    }

    /// The same in another position now.
    public Switch turned(String position) {
        return new Switch(key, name, note, number, positions, position, pin, revertsAfter);
    }

    /// The position after one, as its number turns it; the first after the last.
    public String next(String position) {
        return positions.get((positions.indexOf(position) + 1) % positions.size());
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.SWITCH, key);
    }

    @Override
    public Switch over(Places places) {
        return new Switch(places.key(key), name, note, number, positions, now, pin, revertsAfter);
    }
}
