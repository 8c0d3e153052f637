package app.bittern.plan;

import app.bittern.number.E164;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// A person's or a place's own number inside the site.
///
/// @param dialled      its number, which is its key
/// @param phones       desk, soft or mobile
/// @param ringFor      how long it rings
/// @param callWaiting  whether it rings while it is in a call
/// @param doNotDisturb whether it does not ring at all
/// @param forward      where its calls go when they are not taken
/// @param classOfService what it may dial, by key
/// @param languages    spoken there, BCP 47
/// @param person       who or where it is
/// @param callerId     the number that is shown when it calls out; the outbound route's where absent
public record Extension(
        String dialled,
        Optional<String> name,
        Optional<String> note,
        List<String> phones,
        Seconds ringFor,
        boolean callWaiting,
        boolean doNotDisturb,
        Forward forward,
        Optional<Ref> mailbox,
        Optional<Ref> classOfService,
        List<String> languages,
        Optional<E164> callerId,
        Person person)
        implements PlanObject {
    /// How long an extension rings where nothing else is given.
    public static final Seconds RING_FOR = new Seconds(20);

    public Extension {
        phones = List.copyOf(phones);
        languages = List.copyOf(languages);
    }

    /// Who or where an extension is.
    ///
    /// @param place   told in emergencies
    /// @param agentId what an agent logs in with
    /// @param skills  by word, how well
    public record Person(
            Optional<String> email, Optional<Place> place, Optional<String> agentId, Map<String, Skill> skills) {
        /// Nothing known.
        public static final Person UNKNOWN = new Person(Optional.empty(), Optional.empty(), Optional.empty(), Map.of());

        public Person {
            skills = Collections.unmodifiableMap(new LinkedHashMap<>(skills));
        }
    }

    /// Where a phone stands.
    public record Place(Optional<String> building, Optional<String> floor, Optional<String> room) {
        /// As an alarm says it: `Terminal, 2, 2.14`.
        @Override
        public String toString() {
            return Stream.of(building, floor, room).flatMap(Optional::stream).collect(Collectors.joining(", "));
        }
    }

    /// How well somebody there knows each thing.
    public Map<String, Skill> skills() {
        return person.skills();
    }

    /// Where calls go on each condition; what is absent goes to the mailbox, or ends.
    public record Forward(
            Optional<Destination> always,
            Optional<Destination> busy,
            Optional<Destination> noAnswer,
            Optional<Destination> unreachable) {
        /// Nothing forwarded.
        public static final Forward NONE =
                new Forward(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty());
    }

    @Override
    public Optional<String> number() {
        return Optional.of(dialled);
    }

    @Override
    public String title() {
        return name.map(called -> called + " " + dialled).orElse(dialled);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.EXTENSION, dialled);
    }

    @Override
    public Extension over(Places places) {
        Places forwards = places.in("forward");
        return new Extension(
                places.key(dialled),
                name,
                note,
                phones,
                ringFor,
                callWaiting,
                doNotDisturb,
                new Forward(
                        forwards.may("always", forward.always()),
                        forwards.may("busy", forward.busy()),
                        forwards.may("noAnswer", forward.noAnswer()),
                        forwards.may("unreachable", forward.unreachable())),
                places.ref("mailbox", Role.LEADS_TO, mailbox, Kind.MAILBOX),
                places.ref("classOfService", Role.BELONGS_TO, classOfService, Kind.CLASS_OF_SERVICE),
                languages,
                callerId,
                person);
    }
}
