package app.bittern.formats;

import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Order;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Queues.
final class QueueFormat implements KindFormat<Queue> {
    private static final Choosing SAID = Choosing.of(Kind.PROMPT).or("position", "expected-wait");
    private static final Seconds NONE = new Seconds(0);
    private static final Pattern LEVEL = Pattern.compile("([0-9]{1,3})% in ([0-9hms]+)");
    static final String ALLOWED_LEVEL = "a service level such as 80% in 20s";
    static final String ALLOWED_SAID = "prompt/key, position or expected-wait";
    private static final List<String> PHONE = List.of("by-phone", "always");

    @Override
    public Optional<Queue> read(String key, Reading fields) {
        return Optional.of(new Queue(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                HuntGroupFormat.order(fields, List.of(Order.values())).orElse(Order.LONGEST_IDLE),
                fields.list("agents", QueueFormat::agent),
                fields.usualDuration("ringEach"),
                fields.usualDuration("pauseBetweenRounds"),
                fields.usualDuration("wrapUp"),
                fields.duration("maxWait"),
                fields.integer("longestLine"),
                fields.usualInteger("precedence"),
                fields.inner("noAgents").map(QueueFormat::noAgents).orElse(Queue.NoAgents.WAIT),
                fields.destination("overflow", false),
                fields.destination("full", false),
                fields.ref("onJoining", Kind.PROMPT),
                fields.ref("hears", Kind.MUSIC),
                fields.list("meanwhile", QueueFormat::meanwhile),
                fields.ref("tellAgent", Kind.PROMPT),
                fields.read("serviceLevel", ALLOWED_LEVEL, QueueFormat::level),
                fields.duration("abandonedAfter"),
                fields.duration("sameAgentWithin"),
                fields.flag("record")));
    }

    private static Optional<Queue.Agent> agent(Reading fields) {
        Optional<Ref> extension = fields.extension("extension");
        boolean byPhone =
                fields.oneOf("login", PHONE).filter(PHONE.getFirst()::equals).isPresent();
        int rank = fields.usualInteger("rank");
        Seconds joinsAfter = fields.usualDuration("joinsAfter");
        fields.needed(
                "extension",
                extension,
                "an agent such as { extension: \"2010\", login: by-phone }",
                new Ref(Kind.EXTENSION, "0"));
        fields.done();
        return extension.map(ref -> new Queue.Agent(ref, byPhone, rank, joinsAfter));
    }

    private static Queue.NoAgents noAgents(Reading fields) {
        Queue.NoAgents none = new Queue.NoAgents(
                fields.oneOf("newCallers", List.of("let-in", "refuse"))
                        .filter("refuse"::equals)
                        .isPresent(),
                fields.oneOf("waitingCallers", List.of("keep", "move"))
                        .filter("move"::equals)
                        .isPresent(),
                fields.destination("to", false));
        fields.done();
        return none;
    }

    private static Optional<Queue.Meanwhile> meanwhile(Reading fields) {
        Optional<Seconds> at = fields.duration("at");
        Optional<Seconds> every = fields.read(
                "every",
                "a duration of 1s or more, with its unit",
                text -> Seconds.parse(text).filter(one -> one.value() > 0));
        Optional<Queue.Said> say = fields.choose("say", SAID).read("say", ALLOWED_SAID, QueueFormat::said);
        Optional<String> key =
                fields.read("key", Menu.ALLOWED_KEY, text -> Menu.isKey(text) ? Optional.of(text) : Optional.empty());
        Optional<app.bittern.plan.Destination> to = fields.destination("to", false);
        boolean callback = fields.oneOf("offer", List.of("callback")).isPresent();
        fields.done();
        if (at.isEmpty() && every.isEmpty() && !fields.probing()) {
            fields.refusedWhole("at or every, such as { at: 20s, say: prompt/please-wait }");
        }
        if ((to.isPresent() || callback) && key.isEmpty() && fields.given("key").isEmpty()) {
            fields.refusedWhole("a key with what it leads to, such as { at: 2m, offer: callback, key: \"2\" }");
        }
        return Optional.of(new Queue.Meanwhile(at, every, say, key, to, callback));
    }

    private static Optional<Queue.Said> said(String text) {
        return switch (text) {
            case "position" -> Optional.of(new Queue.Said.Position());
            case "expected-wait" -> Optional.of(new Queue.Said.ExpectedWait());
            default -> Ref.parse(text).filter(ref -> ref.kind() == Kind.PROMPT).map(Queue.Said.Words::new);
        };
    }

    private static Optional<Queue.ServiceLevel> level(String text) {
        Matcher read = LEVEL.matcher(text);
        return read.matches() && Integer.parseInt(read.group(1)) <= 100
                ? Seconds.parse(read.group(2))
                        .map(within -> new Queue.ServiceLevel(Integer.parseInt(read.group(1)), within))
                : Optional.empty();
    }

    @Override
    public Writing write(Queue queue) {
        Writing written = new Writing()
                .text("name", queue.name())
                .text("note", queue.note())
                .text("number", queue.number())
                .text("order", queue.order().word())
                .items("agents", queue.agents().stream().map(QueueFormat::agent).toList())
                .text("ringEach", queue.ringEach())
                .duration("pauseBetweenRounds", queue.pauseBetweenRounds(), NONE)
                .duration("wrapUp", queue.wrapUp(), NONE)
                .text("maxWait", queue.maxWait())
                .integer("longestLine", queue.longestLine());
        if (queue.precedence() != 0) {
            written.integer("precedence", queue.precedence());
        }
        if (!queue.noAgents().equals(Queue.NoAgents.WAIT)) {
            written.fields("noAgents", noAgents(queue.noAgents()));
        }
        return written.text("overflow", queue.overflow())
                .text("full", queue.full())
                .text("onJoining", queue.onJoining())
                .text("hears", queue.hears())
                .items(
                        "meanwhile",
                        queue.meanwhile().stream().map(QueueFormat::meanwhile).toList())
                .text("tellAgent", queue.tellAgent())
                .text("serviceLevel", queue.serviceLevel())
                .text("abandonedAfter", queue.abandonedAfter())
                .text("sameAgentWithin", queue.sameAgentWithin())
                .flag("record", queue.recording());
    }

    private static Node.Fields agent(Queue.Agent agent) {
        Writing written = new Writing().text("extension", agent.extension().key());
        if (agent.byPhone()) {
            written.text("login", PHONE.getFirst());
        }
        if (agent.rank() != 1) {
            written.integer("rank", agent.rank());
        }
        return written.duration("joinsAfter", agent.joinsAfter(), NONE).done();
    }

    private static Writing noAgents(Queue.NoAgents none) {
        return new Writing()
                .text("newCallers", none.refuseNew() ? "refuse" : "let-in")
                .text("waitingCallers", none.moveWaiting() ? Optional.of("move") : Optional.empty())
                .text("to", none.to());
    }

    private static Node.Fields meanwhile(Queue.Meanwhile item) {
        return new Writing()
                .text("at", item.at())
                .text("every", item.every())
                .text("say", item.say())
                .text("offer", item.callback() ? Optional.of("callback") : Optional.empty())
                .text("key", item.key())
                .text("to", item.to())
                .done();
    }
}
