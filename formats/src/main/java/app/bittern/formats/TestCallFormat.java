package app.bittern.formats;

import app.bittern.call.Ending;
import app.bittern.call.KeyPress;
import app.bittern.call.PhoneState;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import app.bittern.plan.TestCall;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Test calls.
final class TestCallFormat implements KindFormat<TestCall> {
    private static final String ALLOWED_AT = "a date and time such as 2026-11-24T10:15";

    @Override
    public Optional<TestCall> read(String key, Reading fields) {
        Optional<String> name = fields.text("name");
        Optional<String> note = fields.text("note");
        String call = fields.needed("call", fields.text("call"), "the number called", "");
        Optional<String> from = fields.text("from");
        String at = fields.needed("at", fields.plain("at", ALLOWED_AT, BenchText::instant), ALLOWED_AT, "");
        List<String> keys = fields.parsed(
                "keys", KeyPress.ALLOWED, text -> KeyPress.parse(text).map(KeyPress::toString));
        Map<String, String> phones = new LinkedHashMap<>();
        fields.map("phones", (phone, entry) -> {
            Scalars.text(entry.node(), entry.where(), PhoneState.ALLOWED, PhoneState::parse, entry.problems())
                    .ifPresent(state -> phones.put(phone, state.toString()));
            return Optional.of(phone);
        });
        Map<Ref, String> switches = new LinkedHashMap<>();
        fields.inner("switches")
                .ifPresent(inner -> inner.each(ref(Kind.SWITCH), "a switch such as switch/storm")
                        .forEach((field, ref) -> inner.text(field).ifPresent(position -> switches.put(ref, position))));
        List<String> agents = fields.texts("agents");
        Map<Ref, Integer> waiting = new LinkedHashMap<>();
        fields.inner("waiting")
                .ifPresent(inner -> inner.each(
                                text -> Ref.parse(text)
                                        .filter(ref -> ref.kind() == Kind.QUEUE || ref.kind() == Kind.MAILBOX),
                                "a queue such as queue/bookings, or a mailbox")
                        .forEach((field, ref) ->
                                inner.integer(field, 0, 100_000).ifPresent(count -> waiting.put(ref, count))));
        TestCall.Expected expect = fields.inner("expect")
                .map(TestCallFormat::expected)
                .orElseGet(() -> new TestCall.Expected(
                        Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty(), Optional.empty()));
        return Optional.of(
                new TestCall(key, name, note, call, from, at, keys, phones, switches, agents, waiting, expect));
    }

    private static java.util.function.Function<String, Optional<Ref>> ref(Kind kind) {
        return text -> Ref.parse(text).filter(ref -> ref.kind() == kind);
    }

    private static TestCall.Expected expected(Reading fields) {
        TestCall.Expected expected = new TestCall.Expected(
                fields.read("reaches", "a reference such as queue/bookings", Ref::parse),
                fields.oneOf(
                        "ending",
                        Stream.of(Ending.Kind.values()).map(Ending.Kind::word).toList()),
                fields.text("in"),
                fields.text("by"),
                fields.read("within", Seconds.ALLOWED, Seconds::parse));
        fields.done();
        return expected;
    }

    @Override
    public Writing write(TestCall call) {
        Writing phones = new Writing();
        call.phones().forEach(phones::text);
        Writing switches = new Writing();
        call.switches().forEach((ref, position) -> switches.text(ref.toString(), position));
        Writing waiting = new Writing();
        call.waiting().forEach((ref, count) -> waiting.integer(ref.toString(), count));
        return new Writing()
                .text("name", call.name())
                .text("note", call.note())
                .text("call", call.call())
                .text("from", call.from())
                .text("at", call.at())
                .texts("keys", call.keys())
                .fields("phones", phones)
                .fields("switches", switches)
                .texts("agents", call.agents())
                .fields("waiting", waiting)
                .fields(
                        "expect",
                        new Writing()
                                .text("reaches", call.expect().reaches())
                                .text("ending", call.expect().ending())
                                .text("in", call.expect().in())
                                .text("by", call.expect().by())
                                .text("within", call.expect().within()));
    }
}
