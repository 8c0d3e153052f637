package app.bittern.formats;

import app.bittern.plan.Alarm;
import app.bittern.plan.Kind;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/// Alarms.
final class AlarmFormat implements KindFormat<Alarm> {
    private static final String ALLOWED_ON =
            "what sets it off: { dialled: outbound/key }, { dialled: emergency }, { route: route/key }, { code: code/key }, { equipment: [trunk-down] }, { queue: queue/key, noAgentsFor: 2m } or { switch: switch/key, awayFrom: day, for: 2h }";
    private static final Choosing DIALLED = Choosing.of(Kind.OUTBOUND).or(Alarm.On.Emergency.WORD);
    static final String ALLOWED_DIALLED =
            "outbound/key, or emergency where any emergency number of the site is dialled";
    private static final String ACKNOWLEDGED = "acknowledged";

    @Override
    public Optional<Alarm> read(String key, Reading fields) {
        return Optional.of(new Alarm(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.oneOf(
                                "severity",
                                Stream.of(Alarm.Severity.values())
                                        .map(Alarm.Severity::word)
                                        .toList())
                        .flatMap(word -> Stream.of(Alarm.Severity.values())
                                .filter(severity -> severity.word().equals(word))
                                .findFirst())
                        .orElse(Alarm.Severity.WARNING),
                fields.inner("on").flatMap(AlarmFormat::on),
                RouteFormat.holdsWhile(fields),
                fields.inner("email").map(AlarmFormat::email),
                fields.inner("text").map(AlarmFormat::text),
                fields.inner("page").map(AlarmFormat::page),
                fields.keys("traps", Kind.TRAP_TARGET),
                fields.duration("notAgainFor"),
                fields.oneOf("until", List.of(ACKNOWLEDGED)).isPresent(),
                fields.duration("again"),
                fields.usualFlag("enabled")));
    }

    private static Optional<Alarm.On> dialled(String text) {
        return text.equals(Alarm.On.Emergency.WORD)
                ? Optional.of(new Alarm.On.Emergency())
                : Ref.parse(text).filter(ref -> ref.kind() == Kind.OUTBOUND).map(Alarm.On.Dialled::new);
    }

    private static Optional<Alarm.On> on(Reading fields) {
        Optional<Alarm.On> dialled =
                fields.choose("dialled", DIALLED).read("dialled", ALLOWED_DIALLED, AlarmFormat::dialled);
        Optional<Ref> route = fields.ref("route", Kind.ROUTE);
        Optional<Ref> code = fields.ref("code", Kind.CODE);
        List<String> equipment = fields.choose("equipment", Choosing.words(Alarm.On.Equipment.EVENTS))
                .parsed(
                        "equipment",
                        "one of " + String.join(", ", Alarm.On.Equipment.EVENTS),
                        text -> Alarm.On.Equipment.EVENTS.contains(text) ? Optional.of(text) : Optional.empty());
        Optional<Ref> queue = fields.ref("queue", Kind.QUEUE);
        Optional<Seconds> noAgentsFor = fields.duration("noAgentsFor");
        Optional<Seconds> waitingFor = fields.duration("waitingFor");
        Optional<Ref> turned = fields.ref("switch", Kind.SWITCH);
        Optional<String> awayFrom = fields.read("awayFrom", SwitchFormat.ALLOWED_POSITION, HoursFormat::state);
        Optional<Seconds> since = fields.duration("for");
        fields.done();
        if (turned.isPresent() != awayFrom.isPresent() && fields.problems().none()) {
            fields.refusedWhole(
                    "a switch with the position it is away from: { switch: switch/key, awayFrom: day, for: 2h }");
        }
        List<Alarm.On> all = Stream.of(
                        dialled,
                        route.<Alarm.On>map(Alarm.On.Called::new),
                        code.<Alarm.On>map(Alarm.On.ByCode::new),
                        equipment.isEmpty()
                                ? Optional.<Alarm.On>empty()
                                : Optional.<Alarm.On>of(new Alarm.On.Equipment(equipment)),
                        queue.<Alarm.On>map(ref -> new Alarm.On.OfQueue(ref, noAgentsFor, waitingFor)),
                        turned.<Alarm.On>map(ref -> new Alarm.On.OfSwitch(ref, awayFrom.orElse(""), since)))
                .flatMap(Optional::stream)
                .toList();
        if (all.size() > 1) {
            fields.refusedWhole("one of these: " + ALLOWED_ON);
        }
        return all.stream().findFirst();
    }

    private static Alarm.Email email(Reading fields) {
        Alarm.Email email =
                new Alarm.Email(fields.refs("to", Kind.RECIPIENTS), fields.text("subject"), fields.text("body"));
        fields.done();
        return email;
    }

    private static Alarm.Text text(Reading fields) {
        Alarm.Text text = new Alarm.Text(fields.refs("to", Kind.RECIPIENTS), fields.text("body"));
        fields.done();
        return text;
    }

    private static Alarm.PageOut page(Reading fields) {
        Alarm.PageOut page = new Alarm.PageOut(
                fields.ref("say", Kind.PROMPT), fields.ref("over", Kind.PAGE), fields.usualInteger("times"));
        fields.done();
        return page;
    }

    @Override
    public Writing write(Alarm alarm) {
        Writing written = new Writing()
                .text("name", alarm.name())
                .text("note", alarm.note())
                .text("severity", alarm.severity().word());
        alarm.on().ifPresent(on -> written.fields("on", on(on)));
        written.text("while", alarm.holdsWhile());
        alarm.email()
                .ifPresent(email -> written.fields(
                        "email",
                        new Writing()
                                .texts("to", email.to())
                                .text("subject", email.subject())
                                .text("body", email.body())));
        alarm.text()
                .ifPresent(text -> written.fields(
                        "text", new Writing().texts("to", text.to()).text("body", text.body())));
        alarm.page()
                .ifPresent(page -> written.fields(
                        "page",
                        new Writing()
                                .text("say", page.say())
                                .text("over", page.over())
                                .integer("times", page.times())));
        return written.texts("traps", alarm.traps().stream().map(Ref::key).toList())
                .text("notAgainFor", alarm.notAgainFor())
                .text("until", alarm.untilAcknowledged() ? Optional.of(ACKNOWLEDGED) : Optional.empty())
                .text("again", alarm.again())
                .flag("enabled", alarm.enabled(), true);
    }

    private static Writing on(Alarm.On on) {
        Writing written = new Writing();
        return switch (on) {
            case Alarm.On.Dialled(Ref outbound) -> written.text("dialled", outbound);
            case Alarm.On.Emergency emergency -> written.text("dialled", Alarm.On.Emergency.WORD);
            case Alarm.On.Called(Ref route) -> written.text("route", route);
            case Alarm.On.ByCode(Ref code) -> written.text("code", code);
            case Alarm.On.Equipment(List<String> events) -> written.texts("equipment", events);
            case Alarm.On.OfQueue(Ref queue, Optional<Seconds> none, Optional<Seconds> waiting) ->
                written.text("queue", queue).text("noAgentsFor", none).text("waitingFor", waiting);
            case Alarm.On.OfSwitch(Ref turned, String awayFrom, Optional<Seconds> since) ->
                written.text("switch", turned).text("awayFrom", awayFrom).text("for", since);
        };
    }
}
