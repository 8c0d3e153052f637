package app.bittern.promise;

import app.bittern.call.Phones;
import app.bittern.callset.CallSet;
import app.bittern.graph.Wanted;
import app.bittern.hours.Horizon;
import app.bittern.paths.CallPaths;
import app.bittern.paths.Paths;
import app.bittern.plan.Extension;
import app.bittern.plan.InboundNumber;
import app.bittern.plan.Plan;
import app.bittern.plan.Promise;
import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

/// What became of a promise.
///
/// @param promise  that was made
/// @param breaches what breaks it, one at most for each number or phone and each thing promised; none where it is kept
/// @param missing  what it is about or names and is not in the plan; then it has not been looked at
/// @param limit    what was not looked at and why, where the plan is too tangled to be counted whole
public record Kept(Promise promise, List<Breach> breaches, List<Ref> missing, Optional<String> limit) {
    public Kept {
        breaches = List.copyOf(breaches);
        missing = List.copyOf(missing);
    }

    /// Whether it has been looked at and nothing breaks it.
    public boolean kept() {
        return breaches.isEmpty() && missing.isEmpty();
    }

    /// What speaks against it, a sentence each.
    public List<String> against(Plan plan) {
        return Stream.concat(missing(plan).stream(), breaches.stream().map(breach -> breach.says(plan)))
                .toList();
    }

    /// What it names and is not there, a sentence each.
    public List<String> missing(Plan plan) {
        return missing.stream()
                .map(ref -> ref.kind().title() + " " + ref.key() + " is not in the plan, so nothing was looked at")
                .toList();
    }

    /// All promises of a plan, in order.
    ///
    /// @param paths   of calls that come in, made if one asks
    /// @param wanted  asked while paths are found
    /// @throws java.util.concurrent.CancellationException where they are not wanted any more
    public static List<Kept> all(Plan plan, Horizon horizon, Supplier<Paths> paths, Wanted wanted) {
        return plan.all(Promise.class)
                .map(promise -> of(plan, horizon, paths, promise, wanted))
                .toList();
    }

    private static Kept of(Plan plan, Horizon horizon, Supplier<Paths> paths, Promise promise, Wanted wanted) {
        List<Ref> missing = promise.slots().stream()
                .flatMap(slot -> slot.target().stream())
                .filter(ref -> plan.find(ref).isEmpty())
                .distinct()
                .toList();
        if (!missing.isEmpty()) {
            return new Kept(promise, List.of(), missing, Optional.empty());
        }
        List<Breach> breaches = new ArrayList<>();
        Optional<String> limit = Optional.empty();
        Promise.About about = promise.about();
        if (about.phones().isEmpty() || !about.numbers().isEmpty()) {
            Paths all = paths.get();
            numbers(plan, about)
                    .map(number -> all.of(number.called()))
                    .forEach(number -> breaches.addAll(broken(plan, promise, number)));
            limit = all.limit();
        }
        for (Extension phone : phones(plan, about)) {
            List<String> digits = about.dialled().isEmpty() ? Phones.examples(plan) : about.dialled();
            Paths all = Paths.dialling(plan, horizon, phone, digits, wanted);
            digits.forEach(one -> breaches.addAll(broken(plan, promise, all.of(phone, one))));
            limit = limit.or(all::limit);
        }
        return new Kept(promise, breaches, List.of(), limit);
    }

    private static Stream<InboundNumber> numbers(Plan plan, Promise.About about) {
        return plan.all(InboundNumber.class)
                .filter(number -> about.numbers().isEmpty() || about.numbers().contains(number.ref()));
    }

    private static List<Extension> phones(Plan plan, Promise.About about) {
        return about.phones().stream()
                .flatMap(ref -> plan.find(ref, Extension.class).stream())
                .toList();
    }

    private static List<Breach> broken(Plan plan, Promise promise, CallPaths paths) {
        Promise.About about = promise.about();
        CallSet calls = paths.paths().classes().of(0, about.caller(), about.holdsWhile());
        return calls.isEmpty() ? List.of() : new Breaches(plan, promise, paths, calls).all();
    }

    /// The object that a promise is about, where findings of it stand.
    public Ref about() {
        return promise.ref();
    }
}
