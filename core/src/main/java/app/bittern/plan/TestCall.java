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
/// @param call     the number called
/// @param from     the caller, or `withheld`
/// @param at       date and time at the site
/// @param keys     what the caller keys
/// @param phones   what phones do, in order: `busy then answers 6s`
/// @param switches positions, by the reference of the switch
/// @param agents   where agents are, by extension, wait by wait: `out then in`
/// @param waiting  what is found in queues and mailboxes, time by time: `full then 2`
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
    /// @param reaches an object that the call must come to
    /// @param ending  how it must end: `message`
    /// @param in      where it must end: `mailbox/bookings`
    /// @param by      who must answer
    /// @param within  how soon it must have ended
    public record Expected(
            Optional<Ref> reaches,
            Optional<String> ending,
            Optional<String> in,
            Optional<String> by,
            Optional<Seconds> within) {}

    private static final Kind[] REACHED =
            Stream.of(Kind.values()).filter(Kind::routable).toArray(Kind[]::new);

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
        Places expected = places.in("expect");
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
                places.byObject("waiting", waiting, Role.ABOUT, Takes.objects(Kind.QUEUE, Kind.MAILBOX), Ref::toString),
                new Expected(
                        expected.ref("reaches", Role.ABOUT, expect.reaches(), Kind.ROUTE, REACHED),
                        expect.ending(),
                        object(expected, "in", expect.in()),
                        object(expected, "by", expect.by()),
                        expect.within()));
    }
}
