package app.bittern.formats;

import app.bittern.number.E164;
import app.bittern.plan.Destination;
import app.bittern.plan.Kind;
import app.bittern.plan.Menu;
import app.bittern.plan.Order;
import app.bittern.plan.Party;
import app.bittern.plan.Pin;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Route;
import app.bittern.plan.Seconds;
import app.bittern.plan.Spoken;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/// Queues.
final class QueueFormat implements KindFormat<Queue> {
    private static final Choosing SAID = Choosing.of(Kind.PROMPT).or("position", "expected-wait");
    private static final Spoken NO_PROMPT = Spoken.of(new Ref(Kind.PROMPT, "none"));
    private static final Seconds NONE = new Seconds(0);
    static final String ALLOWED_EVERY = "a duration of 1s or more, with its unit";
    static final String ALLOWED_SAID = "prompt/key, position or expected-wait";
    static final String ALLOWED_OFFER = "{ to: mailbox/key }, { to: menu/key, keepPlace: true } or { offer: callback }";
    private static final String ALLOWED_AGENT =
            "an agent such as { extension: \"2010\", login: by-phone } or { outside: \"+447700900321\", keyToTake: true }";
    private static final List<String> PHONE = List.of("by-phone", "always");
    private static final String OF_CALL = "of the call";
    private static final String CALLBACK = "callback";
    private static final List<String> NUMBERS = Stream.of(Queue.Callback.Numbers.values())
            .map(Queue.Callback.Numbers::word)
            .toList();

    @Override
    public Optional<Queue> read(String key, Reading fields) {
        return Optional.of(new Queue(
                key,
                fields.text("name"),
                fields.text("note"),
                fields.dialled("number"),
                HuntGroupFormat.order(fields, List.of(Order.values())).orElse(Order.LONGEST_IDLE),
                fields.list("agents", QueueFormat::agent),
                fields.choose(
                                "mayLogIn",
                                Choosing.NOTHING.or("listed", "everybody").or("", Kind.CLASS_OF_SERVICE))
                        .read("mayLogIn", Queue.MayLogIn.ALLOWED, Queue.MayLogIn::parse)
                        .orElse(Queue.MayLogIn.onlyListed()),
                fields.read("pin", Pin.ALLOWED, text -> Pin.parse(text, new Ref(Kind.QUEUE, key))),
                fields.inner("needs").map(QueueFormat::needs),
                fields.duration("sameAgentWithin"),
                fields.e164("callerId"),
                fields.usualDuration("ringEach"),
                fields.usualDuration("pauseBetweenRounds"),
                fields.usualDuration("wrapUp"),
                fields.usualInteger("precedence"),
                fields.integer("longestLine"),
                fields.destination("full"),
                fields.inner("noAgents").map(QueueFormat::noAgents).orElse(Queue.NoAgents.WAIT),
                fields.integer("attempts"),
                fields.duration("maxWait"),
                fields.destination("overflow"),
                fields.inner("notice").map(QueueFormat::notice),
                fields.oneSpoken("onJoining"),
                fields.language("language"),
                RingGroupFormat.hears(fields),
                fields.list("meanwhile", QueueFormat::meanwhile),
                fields.inner("callback").map(QueueFormat::callback),
                fields.choose("tellAgent", Choosing.of(Kind.PROMPT).or("wait"))
                        .parsed("tellAgent", Queue.Told.ALLOWED, Queue.Told::parse),
                fields.text("shownAs"),
                fields.read("serviceLevel", Queue.ServiceLevel.ALLOWED, Queue.ServiceLevel::parse),
                fields.duration("abandonedAfter"),
                fields.flag("record")));
    }

    private static Optional<Queue.Agent> agent(Reading fields) {
        Optional<Party> inside = fields.extension("extension").map(Party.Inside::new);
        Optional<Party> outside = fields.e164("outside").map((E164 number) -> new Party.Outside(number));
        boolean byPhone =
                fields.oneOf("login", PHONE).filter(PHONE.getFirst()::equals).isPresent();
        int rank = fields.usualInteger("rank");
        Seconds joinsAfter = fields.usualDuration("joinsAfter");
        boolean keyToTake = fields.usualFlag("keyToTake");
        fields.done();
        if (fields.given("extension").isPresent() == fields.given("outside").isPresent()) {
            fields.refusedWhole(ALLOWED_AGENT);
        }
        return inside.or(() -> outside).map(party -> new Queue.Agent(party, byPhone, rank, joinsAfter, keyToTake));
    }

    private static Queue.Needs needs(Reading fields) {
        Queue.Needs needs = new Queue.Needs(
                fields.oneOf("language", List.of(OF_CALL)).isPresent(),
                ExtensionFormat.skills(fields, "skill"),
                fields.duration("relaxAfter"));
        fields.done();
        if (!needs.language() && needs.skill().isEmpty() && fields.problems().none()) {
            fields.refusedWhole(
                    "a language or a skill, such as { language: of the call } or { skill: { freight: sure } }");
        }
        return needs;
    }

    private static Queue.Notice notice(Reading fields) {
        Optional<Spoken> say = fields.oneSpoken("say");
        Queue.Notice notice = new Queue.Notice(
                fields.needed("say", say, "what is said, such as { say: prompt/storm, on: true }", NO_PROMPT),
                fields.usualFlag("on"),
                fields.read("until", "a date such as 2026-12-01", InboundNumberFormat::date));
        fields.done();
        return notice;
    }

    private static Queue.Callback callback(Reading fields) {
        Queue.Callback callback = new Queue.Callback(
                fields.oneOf("number", NUMBERS)
                        .map(word -> List.of(Queue.Callback.Numbers.values()).get(NUMBERS.indexOf(word)))
                        .orElse(Queue.Callback.Numbers.CALLER),
                fields.ref("ask", Kind.ASK),
                fields.usualInteger("tries"),
                fields.usualDuration("every"),
                fields.usualDuration("within"),
                RouteFormat.holdsWhile(fields));
        fields.done();
        return callback;
    }

    private static Queue.NoAgents noAgents(Reading fields) {
        Queue.NoAgents none = new Queue.NoAgents(
                fields.oneOf("newCallers", List.of("let-in", "refuse"))
                        .filter("refuse"::equals)
                        .isPresent(),
                fields.oneOf("waitingCallers", List.of("keep", "move"))
                        .filter("move"::equals)
                        .isPresent(),
                fields.destination("to"));
        fields.done();
        return none;
    }

    private static Optional<Queue.Meanwhile> meanwhile(Reading fields) {
        Optional<Seconds> at = fields.duration("at");
        Optional<Seconds> every =
                fields.read("every", ALLOWED_EVERY, text -> Seconds.parse(text).filter(one -> one.value() > 0));
        Optional<Route.While> holdsWhile = RouteFormat.holdsWhile(fields);
        Optional<Queue.Said> say = fields.choose("say", SAID).read("say", ALLOWED_SAID, QueueFormat::said);
        Map<String, Queue.Offer> keys = fields.map("keys", QueueFormat::offer);
        boolean enabled = fields.usualFlag("enabled");
        fields.done();
        if (at.isEmpty() && every.isEmpty() && !fields.probing()) {
            fields.refusedWhole("at or every, such as { at: 20s, say: prompt/please-wait }");
        }
        return Optional.of(new Queue.Meanwhile(at, every, holdsWhile, say, keys, enabled));
    }

    private static Optional<Queue.Offer> offer(String pressed, NamedNode entry) {
        if (!Menu.isKey(pressed)) {
            entry.keyRefused(pressed, Menu.ALLOWED_KEY);
            return Optional.empty();
        }
        Reading key = entry.fields();
        Optional<Destination> to = key.destination("to");
        boolean callback = key.oneOf("offer", List.of(CALLBACK)).isPresent();
        boolean keepPlace = key.usualFlag("keepPlace");
        key.done();
        boolean menu = to.flatMap(Destination::target)
                .filter(ref -> ref.kind() == Kind.MENU)
                .isPresent();
        if (callback && to.isPresent()) {
            key.refusedWhole("either where the key leads or that it offers a callback: " + ALLOWED_OFFER);
        } else if (keepPlace && !menu && key.given("to").isPresent()) {
            key.refusedWhole("a menu, where the place in the line is kept: { to: menu/key, keepPlace: true }");
        }
        return Optional.of(callback ? new Queue.Offer.CallsBack() : new Queue.Offer.Leads(to, keepPlace && menu));
    }

    private static Optional<Queue.Said> said(String text) {
        return switch (text) {
            case "position" -> Optional.of(new Queue.Said.Position());
            case "expected-wait" -> Optional.of(new Queue.Said.ExpectedWait());
            default -> Ref.parse(text).filter(ref -> ref.kind() == Kind.PROMPT).map(Queue.Said.Words::new);
        };
    }

    @Override
    public Writing write(Queue queue) {
        Writing written = new Writing()
                .text("name", queue.name())
                .text("note", queue.note())
                .text("number", queue.number())
                .text("order", queue.order().word())
                .items("agents", queue.agents().stream().map(QueueFormat::agent).toList())
                .text("mayLogIn", Optional.of(queue.mayLogIn()).filter(who -> !(who instanceof Queue.MayLogIn.Listed)))
                .text("pin", queue.pin())
                .fields("needs", queue.needs().map(QueueFormat::needs).orElseGet(Writing::new))
                .text("sameAgentWithin", queue.sameAgentWithin())
                .text("callerId", queue.callerId())
                .text("ringEach", queue.ringEach())
                .duration("pauseBetweenRounds", queue.pauseBetweenRounds(), NONE)
                .duration("wrapUp", queue.wrapUp(), NONE);
        if (queue.precedence() != 0) {
            written.integer("precedence", queue.precedence());
        }
        written.integer("longestLine", queue.longestLine()).text("full", queue.full());
        if (!queue.noAgents().equals(Queue.NoAgents.WAIT)) {
            written.fields("noAgents", noAgents(queue.noAgents()));
        }
        return written.integer("attempts", queue.attempts())
                .text("maxWait", queue.maxWait())
                .text("overflow", queue.overflow())
                .fields("notice", queue.notice().map(QueueFormat::notice).orElseGet(Writing::new))
                .text("onJoining", queue.onJoining())
                .text("language", queue.language())
                .text("hears", queue.hears())
                .items(
                        "meanwhile",
                        queue.meanwhile().stream().map(QueueFormat::meanwhile).toList())
                .fields("callback", queue.callback().map(QueueFormat::callback).orElseGet(Writing::new))
                .texts("tellAgent", queue.tellAgent())
                .text("shownAs", queue.shownAs())
                .text("serviceLevel", queue.serviceLevel())
                .text("abandonedAfter", queue.abandonedAfter())
                .flag("record", queue.recording());
    }

    private static Node.Fields agent(Queue.Agent agent) {
        Writing written = new Writing();
        switch (agent.party()) {
            case Party.Inside(Ref extension) -> written.text("extension", extension.key());
            case Party.Outside(E164 number) -> written.text("outside", number);
        }
        if (agent.byPhone()) {
            written.text("login", PHONE.getFirst());
        }
        if (agent.rank() != 1) {
            written.integer("rank", agent.rank());
        }
        return written.duration("joinsAfter", agent.joinsAfter(), NONE)
                .flag("keyToTake", agent.keyToTake(), false)
                .done();
    }

    private static Writing needs(Queue.Needs needs) {
        return new Writing()
                .text("language", needs.language() ? Optional.of(OF_CALL) : Optional.empty())
                .fields("skill", ExtensionFormat.skills(needs.skill()))
                .text("relaxAfter", needs.relaxAfter());
    }

    private static Writing notice(Queue.Notice notice) {
        return new Writing()
                .text("say", notice.say())
                .flag("on", notice.on(), false)
                .text("until", notice.until());
    }

    private static Writing callback(Queue.Callback callback) {
        Queue.Callback usual = Queue.Callback.USUAL;
        Writing written = new Writing().text("number", callback.number().word()).text("ask", callback.ask());
        if (callback.tries() != usual.tries()) {
            written.integer("tries", callback.tries());
        }
        return written.duration("every", callback.every(), usual.every())
                .duration("within", callback.within(), usual.within())
                .text("while", callback.holdsWhile());
    }

    private static Writing noAgents(Queue.NoAgents none) {
        return new Writing()
                .text("newCallers", none.refuseNew() ? "refuse" : "let-in")
                .text("waitingCallers", none.moveWaiting() ? Optional.of("move") : Optional.empty())
                .text("to", none.to());
    }

    private static Node.Fields meanwhile(Queue.Meanwhile item) {
        Writing keys = new Writing();
        item.keys().forEach((pressed, offer) -> keys.node(pressed, offer(offer)));
        return new Writing()
                .text("at", item.at())
                .text("every", item.every())
                .text("while", item.holdsWhile())
                .text("say", item.say())
                .fields("keys", keys)
                .flag("enabled", item.enabled(), true)
                .done();
    }

    private static Node.Fields offer(Queue.Offer offer) {
        return switch (offer) {
            case Queue.Offer.CallsBack back ->
                new Writing().text("offer", CALLBACK).done();
            case Queue.Offer.Leads(Optional<Destination> to, boolean keepPlace) ->
                new Writing().text("to", to).flag("keepPlace", keepPlace, false).done();
        };
    }
}
