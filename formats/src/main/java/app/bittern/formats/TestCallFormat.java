package app.bittern.formats;

import app.bittern.call.Ending;
import app.bittern.call.Found;
import app.bittern.call.KeyPress;
import app.bittern.call.Presence;
import app.bittern.call.Reaction;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.SetOffBy;
import app.bittern.plan.TestCall;
import app.bittern.proof.BenchText;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Stream;

/// Test calls.
final class TestCallFormat implements KindFormat<TestCall> {
    static final Choosing SET_OFF = Choosing.of(Kind.ALARM, Kind.SWITCH)
            .or("mail ", Kind.ALARM)
            .or("mail ", Kind.MAILBOX)
            .or("text ", Kind.ALARM)
            .or("page ", Kind.PAGE)
            .or("trap ", Kind.TRAP_TARGET)
            .or("login ", Kind.QUEUE)
            .or("logout ", Kind.QUEUE)
            .or("recorded", "pause");
    private static final String ALLOWED_AT = "a date and time such as 2026-11-24T10:15";

    @Override
    public Optional<TestCall> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        String call = fields.needed("call", fields.text("call"), "the number called", "");
        Optional<String> from = fields.text("from");
        String at = fields.needed("at", fields.plain("at", ALLOWED_AT, BenchText::instant), ALLOWED_AT, "");
        List<String> keys = fields.parsed(
                "keys",
                KeyPress.ALLOWED,
                text -> text.equals(KeyPress.AGAIN)
                        ? Optional.of(text)
                        : KeyPress.parse(text).map(KeyPress::toString));
        Map<String, String> phones =
                fields.map("phones", (phone, entry) -> inOrder(entry, Reaction.ALLOWED, Reaction::parseAll));
        Map<Ref, String> switches = new LinkedHashMap<>();
        fields.inner("switches")
                .ifPresent(inner -> inner.each(ref(Kind.SWITCH), "a switch such as switch/timetable")
                        .forEach((field, ref) -> inner.text(field).ifPresent(position -> switches.put(ref, position))));
        Map<String, String> agents =
                fields.map("agents", (agent, entry) -> inOrder(entry, Presence.ALLOWED, Presence::parseAll));
        Map<Ref, String> waiting = new LinkedHashMap<>();
        fields.map("waiting", (place, entry) -> {
            Optional<Ref> ref = Ref.parse(place).filter(one -> FOUND.contains(one.kind()));
            if (ref.isEmpty() && !(entry.node() instanceof Node.Noted)) {
                entry.keyRefused(place, "a queue such as queue/bookings, a mailbox, a trunk or a lookup");
            }
            Optional<String> found = ref.map(Ref::kind)
                    .map(kind -> Scalars.inOrder(
                            entry.node(),
                            entry.where(),
                            Found.allowed(kind),
                            text -> Found.parse(text, kind),
                            all -> Found.words(all, kind),
                            entry.problems()))
                    .orElseGet(() -> inOrder(entry, Found.ALLOWED, Found::parseAll));
            ref.ifPresent(one -> found.ifPresent(words -> waiting.put(one, words)));
            return found;
        });
        TestCall.Expected expect =
                fields.inner("expect").map(TestCallFormat::expected).orElse(TestCall.Expected.NOTHING);
        return Optional.of(
                new TestCall(key, name, note, call, from, at, keys, phones, switches, agents, waiting, expect));
    }

    private static final Set<Kind> FOUND = Set.of(Kind.QUEUE, Kind.MAILBOX, Kind.TRUNK, Kind.LOOKUP);

    private static <T> Optional<String> inOrder(
            NamedNode entry, String allowed, Function<String, Optional<List<T>>> parse) {
        return Scalars.inOrder(entry.node(), entry.where(), allowed, parse, Reaction::words, entry.problems());
    }

    private static Function<String, Optional<Ref>> ref(Kind kind) {
        return text -> Ref.parse(text).filter(ref -> ref.kind() == kind);
    }

    private static TestCall.Expected expected(Reading fields) {
        TestCall.Expected expected = new TestCall.Expected(
                becomes(fields),
                fields.read("within", Seconds.ALLOWED, Seconds::parse),
                fields.read("notBefore", Seconds.ALLOWED, Seconds::parse),
                fields.refs("says", Kind.PROMPT),
                fields.read("language", SiteFormat.ALLOWED_LANGUAGE, SiteFormat::language),
                fields.text("shownAs"),
                fields.inner("not")
                        .map(inner -> {
                            TestCall.Becomes not = becomes(inner);
                            inner.done();
                            return not;
                        })
                        .orElse(TestCall.Becomes.ANYTHING));
        fields.done();
        return expected;
    }

    private static TestCall.Becomes becomes(Reading fields) {
        return new TestCall.Becomes(
                fields.choose("reaches", Choosing.ANYTHING)
                        .read("reaches", "a reference such as queue/bookings", Ref::parse),
                fields.oneOf(
                        "ending",
                        Stream.of(Ending.Kind.values()).map(Ending.Kind::word).toList()),
                fields.text("in"),
                fields.text("by"),
                fields.choose("effects", SET_OFF)
                        .parsed(
                                "effects",
                                SetOffBy.ALLOWED,
                                text -> SetOffBy.sound(text) ? Optional.of(text) : Optional.empty()));
    }

    private static Writing becomes(TestCall.Becomes becomes) {
        return new Writing()
                .text("reaches", becomes.reaches())
                .text("ending", becomes.ending())
                .text("in", becomes.in())
                .text("by", becomes.by())
                .texts("effects", becomes.effects());
    }

    @Override
    public Writing write(TestCall call) {
        Writing phones = new Writing();
        call.phones().forEach((phone, words) -> phones.node(phone, inOrder(words)));
        Writing agents = new Writing();
        call.agents().forEach((agent, words) -> agents.node(agent, inOrder(words)));
        Writing switches = new Writing();
        call.switches().forEach((ref, position) -> switches.text(ref.toString(), position));
        Writing waiting = new Writing();
        call.waiting().forEach((ref, words) -> waiting.node(ref.toString(), inOrder(words)));
        return new Writing()
                .text("name", call.name())
                .text("note", call.note())
                .text("call", call.call())
                .text("from", call.from())
                .text("at", call.at())
                .texts("keys", call.keys())
                .fields("phones", phones)
                .fields("switches", switches)
                .fields("agents", agents)
                .fields("waiting", waiting)
                .fields(
                        "expect",
                        becomes(call.expect().comes())
                                .text("within", call.expect().within())
                                .text("notBefore", call.expect().notBefore())
                                .texts("says", call.expect().says())
                                .text("language", call.expect().language())
                                .text("shownAs", call.expect().shownAs())
                                .fields("not", becomes(call.expect().not())));
    }

    /// A list where there are several.
    private static Node inOrder(String words) {
        List<Node> all = Stream.of(words.split(" then ", -1))
                .<Node>map(word ->
                        word.matches("[0-9]+") ? Node.Scalar.integer(Integer.parseInt(word)) : Node.Scalar.text(word))
                .toList();
        return all.size() == 1 ? all.getFirst() : new Node.Items(all, Node.Place.NONE);
    }
}
