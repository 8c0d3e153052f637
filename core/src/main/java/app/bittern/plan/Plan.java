package app.bittern.plan;

import app.bittern.number.E164;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.function.Function;
import java.util.stream.Stream;

/// All objects of one site, in order; one immutable value.
///
/// The objects of a kind keep the order they were given in, which is the order in which routes of the same rank
/// are tried and in which the plan file is written.
public final class Plan {
    private final Map<Ref, PlanObject> objects;
    private final Map<Class<?>, List<PlanObject>> byType = new LinkedHashMap<>();
    private final List<PlanObject> inOrder;
    private final Site site;
    private volatile Map<Ref, List<Use>> uses = Map.of();
    private final Map<Dialled, DialledNumbers> dialledOf;
    private volatile Optional<DialledNumbers> dialled = Optional.empty();
    private volatile Optional<InsideNumbers> inside = Optional.empty();
    private volatile Optional<RouteIndex> routes = Optional.empty();
    private final Map<Said, Integer> lengths;
    private final Map<Class<?>, Object> reckoned = new ConcurrentHashMap<>();

    /// A prompt in a language.
    private record Said(Ref prompt, String language) {}

    private Plan(Map<Ref, PlanObject> objects) {
        this(objects, new ConcurrentHashMap<>(), new ConcurrentHashMap<>());
    }

    private Plan(Map<Ref, PlanObject> objects, Map<Dialled, DialledNumbers> dialledOf, Map<Said, Integer> lengths) {
        this.dialledOf = dialledOf;
        this.lengths = lengths;
        this.objects = Collections.unmodifiableMap(objects);
        this.inOrder = List.copyOf(objects.values());
        inOrder.forEach(object -> byType.computeIfAbsent(object.getClass(), type -> new ArrayList<>())
                .add(object));
        this.site = objects.values().stream()
                .filter(Site.class::isInstance)
                .map(Site.class::cast)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("a plan without its site"));
    }

    /// A plan of those objects.
    ///
    /// @throws IllegalArgumentException where a reference names two of them, or there is not one site
    public static Plan of(List<? extends PlanObject> objects) {
        Map<Ref, PlanObject> byRef = new LinkedHashMap<>();
        for (PlanObject object : objects) {
            if (byRef.put(object.ref(), object) != null) {
                throw new IllegalArgumentException(object.ref() + " is there twice");
            }
        }
        if (objects.stream().filter(Site.class::isInstance).count() != 1) {
            throw new IllegalArgumentException("a plan has one site");
        }
        return new Plan(byRef);
    }

    public Site site() {
        return site;
    }

    /// Every object in order.
    public List<PlanObject> objects() {
        return inOrder;
    }

    /// The object of that reference.
    public Optional<PlanObject> find(Ref ref) {
        return Optional.ofNullable(objects.get(ref));
    }

    /// The object of that reference, where it is of that type.
    public <T extends PlanObject> Optional<T> find(Ref ref, Class<T> type) {
        return find(ref).filter(type::isInstance).map(type::cast);
    }

    /// The objects of one type, in order.
    public <T extends PlanObject> Stream<T> all(Class<T> type) {
        List<PlanObject> objects = type.isInterface() ? inOrder : byType.getOrDefault(type, List.of());
        return objects.stream().filter(type::isInstance).map(type::cast);
    }

    /// The objects of a kind, in order.
    public Stream<PlanObject> all(Kind kind) {
        return objects.entrySet().stream()
                .filter(entry -> entry.getKey().kind() == kind)
                .map(Map.Entry::getValue);
    }

    /// What an object is called: its title, or its reference where there is no such object.
    public String title(Ref ref) {
        return find(ref).map(PlanObject::title).orElse(ref.toString());
    }

    /// What people call a phone: an extension's name, a number as it is written between countries.
    public String title(Party party) {
        return switch (party) {
            case Party.Inside(Ref extension) -> title(extension);
            case Party.Outside(E164 number) -> number.international();
        };
    }

    /// The places that refer to an object, in the order of the plan.
    public List<Use> uses(Ref target) {
        return byTarget().getOrDefault(target, List.of());
    }

    /// All uses by what they name, found once for a plan; two who ask at once find the same.
    private Map<Ref, List<Use>> byTarget() {
        Map<Ref, List<Use>> known = uses;
        if (known.isEmpty()) {
            known = uses(inOrder);
            uses = known;
        }
        return known;
    }

    /// A place that refers to an object.
    public record Use(Ref object, Slot slot) {}

    /// The place of an object among all, or -1.
    public int index(Ref ref) {
        int index = 0;
        for (Ref one : objects.keySet()) {
            if (one.equals(ref)) {
                return index;
            }
            index++;
        }
        return -1;
    }

    /// How many objects there are of each kind; a kind of which there is none is left out.
    public Map<Kind, Integer> counts() {
        Map<Kind, Integer> counts = new EnumMap<>(Kind.class);
        objects.keySet().forEach(ref -> counts.merge(ref.kind(), 1, Integer::sum));
        return counts;
    }

    /// With the object in place of the one of the same reference, or added at the end.
    public Plan with(PlanObject object) {
        Map<Ref, PlanObject> changed = new LinkedHashMap<>(objects);
        Optional<PlanObject> before = Optional.ofNullable(changed.put(object.ref(), object));
        Plan plan = before.map(old -> inPlaceOf(old, object, changed)).orElseGet(() -> new Plan(changed));
        Map<Ref, List<Use>> known = uses;
        if (!known.isEmpty()) {
            plan.uses = plan.usesAfter(known, before, object);
        }
        return plan;
    }

    /// Most edits change no number, no prompt and no route: what has been gathered of these is gathered of the plan
    /// that comes after as well. An object keeps its reference and so, where it is an extension, its number.
    private Plan inPlaceOf(PlanObject old, PlanObject object, Map<Ref, PlanObject> changed) {
        boolean site = object instanceof Site;
        // Each set of keys that a menu has had would be kept for as long as there are edits.
        Map<Dialled, DialledNumbers> some = object instanceof Menu ? new ConcurrentHashMap<>() : dialledOf;
        Plan plan = new Plan(changed, some, site || object instanceof Prompt ? new ConcurrentHashMap<>() : lengths);
        plan.dialled = dialled;
        if (!site && !(object instanceof Code) && object.number().equals(old.number())) {
            plan.inside = inside;
        }
        if (!(object instanceof Route)) {
            plan.routes = routes;
        }
        return plan;
    }

    /// The uses in this plan, of those in the one before: finding all anew takes as long as the plan is large.
    private Map<Ref, List<Use>> usesAfter(Map<Ref, List<Use>> known, Optional<PlanObject> before, PlanObject object) {
        if (before.filter(old -> old.slots().equals(object.slots())).isPresent()) {
            return known;
        }
        Map<Ref, List<Use>> after = new HashMap<>(known);
        before.ifPresent(old -> old.slots().stream()
                .flatMap(slot -> slot.target().stream())
                .distinct()
                .forEach(ref -> after.computeIfPresent(ref, (one, all) -> others(all, object.ref()))));
        Map<Ref, List<Use>> fresh = uses(List.of(object));
        if (!fresh.isEmpty()) {
            Map<Ref, Integer> places = new HashMap<>();
            objects.keySet().forEach(ref -> places.put(ref, places.size()));
            fresh.forEach((ref, added) -> after.merge(
                    ref,
                    added,
                    (all, more) -> Stream.concat(all.stream(), more.stream())
                            .sorted(Comparator.comparing(use -> Objects.requireNonNull(places.get(use.object()))))
                            .toList()));
        }
        return after;
    }

    private static List<Use> others(List<Use> all, Ref object) {
        return all.stream().filter(use -> !use.object().equals(object)).toList();
    }

    private static Map<Ref, List<Use>> uses(List<PlanObject> objects) {
        Map<Ref, List<Use>> found = new HashMap<>();
        for (PlanObject object : objects) {
            Ref its = object.ref();
            for (Slot slot : object.slots()) {
                slot.target()
                        .ifPresent(ref -> found.computeIfAbsent(ref, r -> new ArrayList<>())
                                .add(new Use(its, slot)));
            }
        }
        return found;
    }

    /// With a new object at a place among all.
    public Plan withAt(int index, PlanObject object) {
        List<PlanObject> changed = new ArrayList<>(objects.values());
        changed.add(Math.clamp(index, 0, changed.size()), object);
        return Plan.of(changed);
    }

    /// Without the object.
    public Plan without(Ref ref) {
        Map<Ref, PlanObject> changed = new LinkedHashMap<>(objects);
        changed.remove(ref);
        return new Plan(changed);
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Plan plan && objects().equals(plan.objects());
    }

    @Override
    public int hashCode() {
        return objects().hashCode();
    }

    @Override
    public String toString() {
        return "Plan[" + site.key() + ", " + objects.size() + " objects]";
    }

    /// The numbers of all extensions; gathered when first asked for.
    public DialledNumbers dialledNumbers() {
        Optional<DialledNumbers> known = dialled;
        if (known.isEmpty()) {
            known = Optional.of(DialledNumbers.of(this));
            dialled = known;
        }
        return known.get();
    }

    /// The numbers of the extensions that can be dialled somewhere; gathered when first asked for.
    ///
    /// @param keys that are taken at once there
    DialledNumbers dialledNumbers(DialExtensions some, Set<String> keys) {
        return dialledOf.computeIfAbsent(
                new Dialled(some, Collections.unmodifiableSet(new LinkedHashSet<>(keys))),
                one -> DialledNumbers.of(
                        all(Extension.class).map(Extension::dialled).filter(number -> some.takes(number, keys))));
    }

    private record Dialled(DialExtensions some, Set<String> keys) {}

    /// What phones of the site can dial of it; gathered when first asked for.
    public InsideNumbers insideNumbers() {
        Optional<InsideNumbers> known = inside;
        if (known.isEmpty()) {
            known = Optional.of(InsideNumbers.of(this));
            inside = known;
        }
        return known.get();
    }

    /// How long a prompt takes in a language, in seconds; 0 where there is none. Its words are counted once.
    public int seconds(Ref prompt, String language) {
        return lengths.computeIfAbsent(
                new Said(prompt, language),
                said -> find(prompt, Prompt.class)
                        .map(one -> one.length(language, site.defaultLanguage()))
                        .orElse(0));
    }

    /// What is reckoned of this plan alone, once however often it is asked for.
    ///
    /// @param what is reckoned
    public <T> T once(Class<T> what, Function<Plan, T> reckon) {
        return what.cast(reckoned.computeIfAbsent(what, one -> reckon.apply(this)));
    }

    /// The routes by the numbers that they are for; gathered when first asked for.
    public RouteIndex routes() {
        Optional<RouteIndex> known = routes;
        if (known.isEmpty()) {
            known = Optional.of(RouteIndex.of(this));
            routes = known;
        }
        return known.get();
    }
}
