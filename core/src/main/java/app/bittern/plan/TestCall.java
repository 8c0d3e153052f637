package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// A bench with the ending that is expected of it.
///
/// The bench is kept as people write it and is read when the call is made.
///
/// @param call     the number called; what is dialled, where a phone of the site calls
/// @param from     the caller, `withheld`, `unavailable`, or a phone of the site: `extension/2014`
/// @param at       date and time at the site
/// @param keys     what the caller keys
/// @param phones   what phones do, in order: `busy then answers 6s`
/// @param switches positions, by the reference of the switch
/// @param agents   where agents are, by extension, wait by wait: `out then in`
/// @param waiting  what is found in queues, mailboxes and trunks, time by time: `full then 2`
public record TestCall(
        String key,
        Optional<String> name,
        Optional<String> note,
        String call,
        Optional<String> from,
        String at,
        List<String> keys,
        Map<String, String> phones,
        Map<Ref, String> switches,
        Map<String, String> agents,
        Map<Ref, String> waiting,
        Expected expect)
        implements Aside {
    public TestCall {
        keys = List.copyOf(keys);
        phones = Collections.unmodifiableMap(new LinkedHashMap<>(phones));
        switches = Collections.unmodifiableMap(new LinkedHashMap<>(switches));
        agents = Collections.unmodifiableMap(new LinkedHashMap<>(agents));
        waiting = Collections.unmodifiableMap(new LinkedHashMap<>(waiting));
    }

    /// What must come true; what is absent is not looked at.
    ///
    /// @param comes    what must become of the call
    /// @param within  how soon it must have ended
    /// @param notBefore how soon it must not have ended
    /// @param says    what must be said to the caller, in that order, whatever is said between
    /// @param language the language in force when it ends
    /// @param shownAs what some phone shows that rings
    /// @param not     what must not become of the call
    public record Expected(
            Becomes comes,
            Optional<Seconds> within,
            Optional<Seconds> notBefore,
            List<Ref> says,
            Optional<String> language,
            Optional<String> shownAs,
            Becomes not) {
        /// Nothing.
        public static final Expected NOTHING = new Expected(
                Becomes.ANYTHING,
                Optional.empty(),
                Optional.empty(),
                List.of(),
                Optional.empty(),
                Optional.empty(),
                Becomes.ANYTHING);

        public Expected {
            says = List.copyOf(says);
        }

        private Expected over(Places places) {
            return new Expected(
                    comes.over(places),
                    within,
                    notBefore,
                    places.refs("says", Role.ABOUT, says, Kind.PROMPT),
                    language,
                    shownAs,
                    not.over(places.in("not")));
        }
    }

    /// What becomes of a call.
    ///
    /// @param reaches an object that it comes to
    /// @param ending  how it ends: `message`
    /// @param in      where it ends: `mailbox/bookings`
    /// @param by      who answers
    /// @param effects what it sets off: `alarm/medical`, `recorded`
    public record Becomes(
            Optional<Ref> reaches,
            Optional<String> ending,
            Optional<String> in,
            Optional<String> by,
            List<String> effects) {
        /// Nothing in particular.
        public static final Becomes ANYTHING =
                new Becomes(Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), List.of());

        public Becomes {
            effects = List.copyOf(effects);
        }

        private Becomes over(Places places) {
            return new Becomes(
                    places.ref("reaches", Role.ABOUT, reaches, Kind.ROUTE, REACHED),
                    ending,
                    object(places, "in", in),
                    object(places, "by", by),
                    places.each("effects", effects, (list, position, id) -> SetOffBy.over(id, list, position)));
        }
    }

    private static final Kind[] REACHED =
            Stream.of(Kind.values()).filter(Kind::reached).toArray(Kind[]::new);

    private static Optional<String> phone(Places places, String place, String phone) {
        return Ref.sound(Kind.EXTENSION, phone)
                ? places.entry(place, Role.ABOUT, new Ref(Kind.EXTENSION, phone), Kind.EXTENSION)
                        .map(Ref::key)
                : Optional.of(phone);
    }

    private static Map<String, String> byPhone(Places places, Map<String, String> phones) {
        Map<String, String> all = new LinkedHashMap<>();
        phones.forEach((phone, does) -> phone(places, phone, phone).ifPresent(kept -> all.put(kept, does)));
        return all;
    }

    /// An object that is written as its reference; other texts, such as an outside number, name none.
    private static Optional<String> object(Places places, String field, Optional<String> text) {
        Optional<Ref> ref = text.flatMap(Ref::parse);
        return ref.isEmpty()
                ? text
                : places.ref(field, Role.ABOUT, ref, Kind.ROUTE, REACHED).map(Ref::toString);
    }

    @Override
    public Ref ref() {
        return new Ref(Kind.TEST_CALL, key);
    }

    @Override
    public TestCall over(Places places) {
        return new TestCall(
                places.key(key),
                name,
                note,
                call,
                from,
                at,
                keys,
                byPhone(places.in("phones"), phones),
                places.byObject("switches", switches, Role.ABOUT, Takes.objects(Kind.SWITCH), Ref::toString),
                byPhone(places.in("agents"), agents),
                places.byObject(
                        "waiting",
                        waiting,
                        Role.ABOUT,
                        Takes.objects(Kind.QUEUE, Kind.MAILBOX, Kind.TRUNK),
                        Ref::toString),
                expect.over(places.in("expect")));
    }
}
