package app.bittern.finding;

import app.bittern.call.Bench;
import app.bittern.plan.Pointer;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// Something wrong or doubtful in a plan, at one place, or at several of which the same is to be said.
///
/// @param code     the check that found it
/// @param places   where, one at least
/// @param values   what of the plan it depends on beside its places, such as the ring time that is too long;
///                 while
/// code,
///                 places and values are the same it is the same finding, whatever it says
/// @param says     what is wrong, one sentence
/// @param likewise what is to be said of several places at once; absent where each has its own sentence
/// @param calls    which calls meet it, in words; empty where none can
/// @param witness  a call that meets it, confirmed by tracing it
/// @param fixes    what would mend it
/// @param accepted why it is accepted, where the plan says so
public record Finding(
        String code,
        Severity severity,
        List<Place> places,
        List<String> values,
        String says,
        Optional<Likewise> likewise,
        List<String> calls,
        Optional<Bench> witness,
        List<Fix> fixes,
        Optional<String> accepted) {
    /// @throws IllegalArgumentException where there is no place
    public Finding {
        places = List.copyOf(places);
        values = List.copyOf(values);
        calls = List.copyOf(calls);
        fixes = List.copyOf(fixes);
        if (places.isEmpty()) {
            throw new IllegalArgumentException("a finding has one place at least");
        }
    }

    /// Where something was found.
    ///
    /// @param field the place in the object; absent where it is the object itself
    public record Place(Ref object, Optional<Pointer> field) {}

    /// What is to be said of several places at once, behind the names of their objects.
    ///
    /// @param says the rest of the sentence, for several: `are said nowhere`
    /// @param fix  what mends them all, before the names; empty where nothing does
    public record Likewise(String says, String fix) {}

    /// The object of its first place.
    public Ref object() {
        return places.getFirst().object();
    }

    /// The field of its first place.
    public Optional<Pointer> field() {
        return places.getFirst().field();
    }

    public Finding inField(Pointer place) {
        return with(List.of(new Place(object(), Optional.of(place))), values, likewise, calls, witness, fixes);
    }

    /// Also at other objects.
    public Finding alsoAt(List<Ref> others) {
        List<Place> all = new ArrayList<>(places);
        others.forEach(ref -> all.add(new Place(ref, Optional.empty())));
        return with(all, values, likewise, calls, witness, fixes);
    }

    /// With what it depends on beside its place.
    public Finding of(Object... some) {
        return with(places, List.of(some).stream().map(Object::toString).toList(), likewise, calls, witness, fixes);
    }

    /// To be told together with others of the check of which the same is to be said.
    public Finding together(String says) {
        return together(says, "");
    }

    /// To be told, and mended, together with others of the check of which the same is to be said.
    public Finding together(String says, String fix) {
        return with(places, values, Optional.of(new Likewise(says, fix)), calls, witness, fixes);
    }

    public Finding shownBy(Optional<Bench> bench) {
        return with(places, values, likewise, calls, bench, fixes);
    }

    public Finding metBy(List<String> some) {
        return with(places, values, likewise, some, witness, fixes);
    }

    public Finding mendedBy(List<Fix> ways) {
        return with(places, values, likewise, calls, witness, ways);
    }

    private Finding with(
            List<Place> where,
            List<String> dependsOn,
            Optional<Likewise> ofSeveral,
            List<String> met,
            Optional<Bench> shown,
            List<Fix> ways) {
        return new Finding(code, severity, where, dependsOn, says, ofSeveral, met, shown, ways, accepted);
    }

    Finding acceptedBecause(String reason) {
        return new Finding(code, severity, places, values, says, likewise, calls, witness, fixes, Optional.of(reason));
    }
}
