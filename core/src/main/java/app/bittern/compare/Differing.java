package app.bittern.compare;

import app.bittern.call.QueueCourse;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Music;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Site;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// The objects that differ between two plans or are in one alone, and those in which a call may do otherwise
/// for it.
public final class Differing {
    /// What an object rings, says or asks, and does not send calls to.
    private static final Set<Kind> NEAR = EnumSet.of(Kind.PROMPT, Kind.MUSIC, Kind.EXTENSION, Kind.LOOKUP);

    private final Plan before;
    private final Plan after;
    private final Set<Ref> refs = new HashSet<>();
    private final boolean everywhere;
    private final Map<Ref, Boolean> near = new HashMap<>();

    public Differing(Plan before, Plan after) {
        this.before = before;
        this.after = after;
        collect(before, after);
        collect(after, before);
        everywhere = !felt(before).equals(felt(after));
    }

    /// What any call feels of the site: which time it is there, how numbers are dialled, in which language it
    /// is spoken to, how long a ring is.
    private static List<Object> felt(Plan plan) {
        return plan.all(Site.class)
                .<Object>map(site ->
                        List.of(site.key(), site.timeZone(), site.country(), site.languages(), site.ringCycle()))
                .toList();
    }

    /// Whether something differs that any call feels.
    boolean everywhere() {
        return everywhere;
    }

    private void collect(Plan one, Plan other) {
        one.objects().stream()
                .filter(object -> other.find(object.ref())
                        .filter(same -> alike(object, same))
                        .isEmpty())
                .forEach(object -> refs.add(object.ref()));
    }

    /// Whether two objects are the same, the order of the cases of a branch too.
    public static boolean alike(PlanObject one, PlanObject other) {
        return one.equals(other)
                && (!(one instanceof Branch first)
                        || !(other instanceof Branch second)
                        || List.copyOf(first.cases().keySet())
                                .equals(List.copyOf(second.cases().keySet())));
    }

    /// Whether an object differs or is in one plan alone.
    public boolean is(Ref ref) {
        return refs.contains(ref);
    }

    public Set<Ref> refs() {
        return refs;
    }

    /// Whether a call may do something else in an object itself: it differs, or what it rings, says or looks up
    /// does.
    boolean near(Ref ref) {
        return near.computeIfAbsent(ref, this::reckoned);
    }

    private boolean reckoned(Ref ref) {
        return is(ref) || everywhere || near(before.find(ref)) || near(after.find(ref));
    }

    private boolean near(Optional<PlanObject> found) {
        return found.filter(object -> object.slots().stream()
                                .flatMap(slot -> slot.target().stream())
                                .anyMatch(target -> counts(target) || (object instanceof Chain && rungThere(target)))
                        || (object instanceof Menu menu && menu.dialExtensions().possible() && any(Kind.EXTENSION))
                        || (object instanceof Ask ask && ask.dials())
                        || (object instanceof Queue queue
                                && (sharesAgents(queue)
                                        || byHours(queue)
                                        || insideTheWait(queue).anyMatch(this::reckoned)))
                        || (object.ref().kind() == Kind.ASK && any(Kind.CONTACT)))
                .isPresent();
    }

    /// Whether callers in a queue that differs may take its agents first.
    private boolean sharesAgents(Queue queue) {
        return refs.stream()
                .filter(ref -> ref.kind() == Kind.QUEUE)
                .flatMap(ref -> Stream.of(before, after).flatMap(plan -> plan.find(ref, Queue.class).stream()))
                .anyMatch(queue::sharesAgents);
    }

    /// Whether something that is said or offered in a queue is for hours that differ.
    private boolean byHours(Queue queue) {
        return QueueCourse.hours(queue).anyMatch(one -> is(one.hours()));
    }

    /// What a caller goes into without leaving the line: menus that keep the place, the ask of a callback.
    static Stream<Ref> insideTheWait(Queue queue) {
        return Stream.concat(
                queue.meanwhile().stream()
                        .flatMap(item -> item.keys().values().stream())
                        .flatMap(Differing::keepingPlace),
                queue.ringsBack().ask().stream());
    }

    private static Stream<Ref> keepingPlace(Queue.Offer offer) {
        return offer instanceof Queue.Offer.Leads(Optional<Destination> to, boolean keepPlace) && keepPlace
                ? to.flatMap(Destination::target).stream()
                : Stream.empty();
    }

    private boolean counts(Ref target) {
        if (target.kind() == Kind.RING_GROUP) {
            return is(target) || members(before, target) || members(after, target);
        }
        return NEAR.contains(target.kind()) && (is(target) || tracks(before, target) || tracks(after, target));
    }

    /// Whether a chain that rings something does something else there.
    private boolean rungThere(Ref target) {
        return (target.kind() == Kind.HUNT_GROUP || target.kind() == Kind.QUEUE)
                && Stream.of(before, after)
                        .flatMap(plan -> plan.find(target).stream())
                        .flatMap(object -> Stream.concat(
                                Stream.of(target), object.slots().stream().flatMap(slot -> slot.target().stream())))
                        .anyMatch(this::is);
    }

    private boolean members(Plan plan, Ref group) {
        return plan.find(group, RingGroup.class).stream()
                .flatMap(one -> one.slots().stream())
                .flatMap(slot -> slot.target().stream())
                .anyMatch(member -> member.kind() == Kind.EXTENSION && is(member));
    }

    private boolean tracks(Plan plan, Ref music) {
        return plan.find(music, Music.class).stream()
                .flatMap(one -> one.tracks().stream())
                .anyMatch(this::is);
    }

    private boolean any(Kind kind) {
        return refs.stream().anyMatch(ref -> ref.kind() == kind);
    }
}
