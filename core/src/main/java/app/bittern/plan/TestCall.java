package app.bittern.plan;

import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A bench with the ending that is expected of it.
///
/// The bench is kept as people write it and is read when the call is made.
///
/// @param call     the number called
/// @param from     the caller, or `withheld`
/// @param at       date and time at the site
/// @param keys     what the caller keys
/// @param phones   what phones do
/// @param switches positions, by the reference of the switch
/// @param agents   extensions logged in by phone
/// @param waiting  callers already waiting, by the reference of the queue
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
        List<String> agents,
        Map<Ref, Integer> waiting,
        Expected expect)
        implements Aside {
    public TestCall {
        keys = List.copyOf(keys);
        phones = Collections.unmodifiableMap(new LinkedHashMap<>(phones));
        switches = Collections.unmodifiableMap(new LinkedHashMap<>(switches));
        agents = List.copyOf(agents);
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

    @Override
    public Ref ref() {
        return new Ref(Kind.TEST_CALL, key);
    }

    @Override
    public List<Link> links() {
        Link.Collector links = new Link.Collector();
        phones.keySet().stream()
                .filter(phone -> Ref.sound(Kind.EXTENSION, phone))
                .forEach(phone -> links.ref("phones/" + phone, new Ref(Kind.EXTENSION, phone)));
        for (int index = 0; index < agents.size(); index++) {
            if (Ref.sound(Kind.EXTENSION, agents.get(index))) {
                links.ref("agents/" + index, new Ref(Kind.EXTENSION, agents.get(index)));
            }
        }
        switches.keySet().forEach(ref -> links.ref("switches/" + ref, ref));
        waiting.keySet().forEach(ref -> links.ref("waiting/" + ref, ref));
        return links.ref("expect/reaches", expect.reaches())
                .ref("expect/in", expect.in().flatMap(Ref::parse))
                .ref("expect/by", expect.by().flatMap(Ref::parse))
                .done();
    }
}
