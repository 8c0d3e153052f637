package app.bittern.call;

import app.bittern.Plans;
import app.bittern.number.E164;
import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Code;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.FailedTry;
import app.bittern.plan.Group;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Lookup;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Menu;
import app.bittern.plan.Outbound;
import app.bittern.plan.Page;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.PlanObject;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Sets;
import app.bittern.plan.Spoken;
import app.bittern.plan.Switch;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;

/// A second answer to what one call does: written from the rules alone, second by second, without states,
/// outcomes or windows, and with nothing of what decides a trace.
final class SlowCall {
    /// So many objects, and it is said to go round.
    private static final int MOST = 600;

    /// How it ends: `answered in queue/q by extension/2001 after 17`, in which language.
    record End(String kind, String in, String by, int second, String language) {}

    /// A menu passed, with what was carried into it.
    private record Passed(Ref menu, String language, Set<String> tags) {}

    private static final End ONWARD = new End("on", "", "", 0, "");
    private static final Ref NOWHERE = new Ref(Kind.ROUTE, "nowhere");

    private final Plan plan;
    private final Bench bench;
    private final SlowWorld world;
    private final SlowRoutes asked;
    private final Optional<SlowDialled> dialled;
    private int enteredAt;
    private int second;
    private String language;
    private Set<String> tags = new TreeSet<>();
    private List<Passed> menus = new ArrayList<>();
    /// By ask or lookup, what was said: the cases that are it.
    private final Map<Ref, List<String>> said = new HashMap<>();
    private Optional<E164> called = Optional.empty();
    private Optional<Route> taken = Optional.empty();
    private Optional<Ref> firstCalled = Optional.empty();
    private Optional<Mailbox.Reason> reason = Optional.empty();
    private int objects;
    private final Set<List<Object>> passed = new HashSet<>();
    private int passedAt;
    private Ref next = NOWHERE;
    private Ref from = NOWHERE;

    private SlowCall(Plan plan, Bench bench) {
        this.plan = plan;
        this.bench = bench;
        this.world = new SlowWorld(plan, bench);
        this.dialled = SlowDialled.of(plan, bench);
        this.asked = new SlowRoutes(
                plan,
                bench,
                dialled.filter(SlowDialled::inbound).map(inbound -> Plans.MAIN),
                LocalDateTime.ofInstant(bench.at(), plan.site().timeZone()));
        this.language = asked.contact()
                .flatMap(Contact::language)
                .filter(plan.site().languages()::contains)
                .orElse(plan.site().languages().getFirst());
    }

    static End of(Plan plan, Bench bench) {
        return new SlowCall(plan, bench).run();
    }

    private End end(String kind, Object in) {
        return new End(kind, in.toString(), "", second, language);
    }

    private End answered(Object in, Party by) {
        return new End("answered", in.toString(), by.toString(), second, language);
    }

    private End run() {
        End end = dialled.map(this::dials).orElseGet(() -> arrives("number/" + Plans.MAIN));
        while (end.equals(ONWARD)) {
            end = enter(next, from);
        }
        return end;
    }

    /// The call goes to a number of the site.
    private End arrives(String place) {
        Optional<Route> best = asked.route();
        if (best.isEmpty()) {
            return end("unmatched", place);
        }
        Route route = best.get();
        taken = best;
        called = Optional.of(Plans.MAIN);
        give(route.sets());
        boolean without =
                asked.caller(new Route.From.Without()) && route.withheld().isPresent();
        return go(without ? route.withheld() : route.to(), route.ref());
    }

    private void give(Sets sets) {
        sets.language().ifPresent(spoken -> language = spoken);
        tags.addAll(sets.tags());
    }

    /// A phone of the site dials.
    private End dials(SlowDialled dials) {
        second += dials.waits();
        if (dials.own().isPresent()) {
            Ref ref = dials.own().get();
            firstCalled = ref.kind() == Kind.EXTENSION ? Optional.of(ref) : firstCalled;
            return dials.barred() ? end("barred", ref) : onward(ref, ref);
        }
        if (dials.inbound()) {
            return arrives(bench.caller().toString());
        }
        return dials.outbound()
                .map(outbound -> dials.barred() ? end("barred", outbound.ref()) : out(outbound))
                .orElseGet(() -> end("unmatched", bench.caller()));
    }

    private End out(Outbound outbound) {
        for (Ref trunk : outbound.trunks()) {
            if (plan.find(trunk).isPresent() && world.finds(trunk).toString().equals("0")) {
                return new End("outside", outbound.ref().toString(), trunk.toString(), second, language);
            }
        }
        return end("no-channel", outbound.ref());
    }

    /// A code without anything to do is a hole.
    private End code(Code code) {
        boolean does = code.does().isPresent()
                && code.does().get().target().stream()
                        .allMatch(ref -> plan.find(ref).isPresent());
        return end(does ? "done" : "lost hole", code.ref());
    }

    /// The call goes on to an object.
    private End onward(Ref ref, Ref left) {
        next = ref;
        from = left;
        return ONWARD;
    }

    private End go(Optional<Destination> to, Ref from) {
        if (++objects > MOST) {
            return end("round", from);
        }
        if (to.isEmpty()) {
            return end("lost hole", from);
        }
        return switch (to.get()) {
            case Destination.HangUp hangUp -> end("hung-up", from);
            case Destination.Busy busy -> end("busy", from);
            case Destination.Outside outside -> end("outside", outside);
            case Destination.Repeat repeat -> onward(from, from);
            case Destination.Back back -> back(from);
            case Destination.OwnMailbox own ->
                firstCalled
                        .flatMap(ref -> plan.find(ref, Extension.class))
                        .flatMap(Extension::mailbox)
                        .map(mailbox -> onward(mailbox, from))
                        .orElseGet(() -> end("lost nobody", from));
            case Destination.AsRouted routed ->
                taken.map(route -> go(route.to(), from)).orElseGet(() -> end("lost hole", from));
            case Destination.ByLast(int digits) ->
                called.map(E164::text)
                        .map(number -> number.substring(number.length() - digits))
                        .map(number -> onward(new Ref(Kind.EXTENSION, number), from))
                        .orElseGet(() -> end("lost hole", from));
            case Destination.To(Ref ref) -> onward(ref, from);
        };
    }

    private End back(Ref from) {
        if (menus.size() < 2) {
            return end("lost hole", from);
        }
        menus = new ArrayList<>(menus.subList(0, menus.size() - 1));
        Passed before = menus.getLast();
        language = before.language();
        tags = new TreeSet<>(before.tags());
        return onward(before.menu(), from);
    }

    /// Whether the call is where it was, as it was, with no second passed, no choice, and nothing that will
    /// be otherwise the next time.
    private boolean endless(Ref ref) {
        if (second > passedAt || world.tookOneOfMore()) {
            passed.clear();
            passedAt = second;
        }
        return !passed.add(
                List.of(ref, language, new TreeSet<>(tags), firstCalled, List.copyOf(menus), new HashMap<>(said)));
    }

    private void chosen() {
        passed.clear();
    }

    private End enter(Ref ref, Ref from) {
        return ref.kind() != Kind.MENU && endless(ref) ? end("round", ref) : entered(ref, from);
    }

    private End entered(Ref ref, Ref from) {
        world.passed(second - enteredAt);
        enteredAt = second;
        return plan.find(ref)
                .map(object -> switch (object) {
                    case Branch branch -> branch(branch);
                    case Announcement announcement -> {
                        announcement.prompts().forEach(one -> second += speech().said(one));
                        give(announcement.sets());
                        yield go(announcement.to(), ref);
                    }
                    case Menu menu -> menu(menu);
                    case Ask ask -> ask(ask);
                    case RingGroup group -> ringGroup(group);
                    case HuntGroup group -> huntGroup(group);
                    case Chain chain -> chain(chain);
                    case Extension extension -> extension(extension);
                    case Queue queue -> queue(queue);
                    case Mailbox mailbox -> mailbox(mailbox);
                    case Page page -> end("paged", ref);
                    case Code code -> code(code);
                    case Switch turned -> end("done", turned.ref());
                    case Outbound outbound -> throw new IllegalStateException(outbound.toString());
                    case Route route -> throw new IllegalStateException(route.toString());
                    case Aside aside -> throw new IllegalStateException(aside.toString());
                })
                .orElseGet(() -> end("lost hole", from));
    }

    private SlowSpeech speech() {
        return new SlowSpeech(plan, language);
    }

    private End branch(Branch branch) {
        String state = switch (branch.by()) {
            case Branch.By.OfHours by -> asked.state(by.hours()).orElse("gone");
            case Branch.By.OfSwitch by ->
                plan.find(by.turned(), Switch.class)
                        .map(one -> bench.switches().getOrDefault(one.ref(), one.now()))
                        .orElse("gone");
            case Branch.By.OfLanguage by -> language;
            case Branch.By.OfCaller by ->
                first(
                        branch,
                        one -> Branch.callers(one).filter(this::callerOrTag).isPresent());
            case Branch.By.OfAsk by -> first(branch, said.getOrDefault(by.ask(), List.of("not-found"))::contains);
            case Branch.By.OfLookup by ->
                plan.find(by.lookup(), Lookup.class)
                        .map(lookup -> first(branch, lookup(lookup)::contains))
                        .orElse("gone");
        };
        boolean missing =
                branch.by().target().filter(ref -> plan.find(ref).isEmpty()).isPresent();
        String taken = branch.cases().containsKey(state) ? state : "else";
        Optional<Branch.Case> one = taken.equals("else")
                ? branch.otherwise()
                : Optional.ofNullable(branch.cases().get(taken));
        one.filter(some -> !missing).ifPresent(some -> {
            give(some.sets());
            reason = some.greetAs().isPresent() ? some.greetAs() : reason;
        });
        return missing ? end("lost hole", branch.ref()) : go(one.map(Branch.Case::to), branch.ref());
    }

    /// What a lookup says now, unless it has said so before.
    private List<String> lookup(Lookup lookup) {
        if (!said.containsKey(lookup.ref())) {
            said.put(lookup.ref(), says(lookup));
        }
        return said.getOrDefault(lookup.ref(), List.of());
    }

    private List<String> says(Lookup lookup) {
        Found.Says says = world.says(lookup);
        second += says.after();
        String word = says.answer().word();
        return word.startsWith("tag ") ? List.of("found", word) : List.of(word);
    }

    private boolean callerOrTag(Route.From from) {
        return asked.caller(from) || (from instanceof Route.From.Tag(String tag) && tags.contains(tag));
    }

    private static String first(Branch branch, java.util.function.Predicate<String> holds) {
        return branch.cases().keySet().stream().filter(holds).findFirst().orElse("else");
    }

    private End menu(Menu menu) {
        List<Passed> way = new ArrayList<>();
        for (Passed passed : menus) {
            if (passed.menu().equals(menu.ref())) {
                break;
            }
            way.add(passed);
        }
        way.add(new Passed(menu.ref(), language, new TreeSet<>(tags)));
        menus = way;
        if (endless(menu.ref())) {
            return end("round", menu.ref());
        }
        SlowKeys keys = new SlowKeys(plan, world, speech()::said);
        String digits = keys.menu(menu);
        second += keys.seconds();
        Menu.OnKey does = menu.keys().get(digits);
        if (does != null) {
            chosen();
            give(does.sets());
            second += speech().said(does.say());
            return go(does.to(), menu.ref());
        }
        Optional<Extension> dialled = keys.dialled(menu, digits);
        if (dialled.isPresent()) {
            chosen();
            return onward(dialled.get().ref(), menu.ref());
        }
        return gaveUp(keys.lastSilent() ? menu.noKey() : menu.wrongKey(), menu.giveUp(), menu.ref());
    }

    private End gaveUp(FailedTry failed, Optional<Destination> giveUp, Ref from) {
        return go(failed.to().isPresent() ? failed.to() : giveUp, from);
    }

    private End ask(Ask ask) {
        SlowKeys keys = new SlowKeys(plan, world, speech()::said);
        String digits = keys.ask(ask);
        second += keys.seconds();
        if (!digits.isEmpty()) {
            chosen();
            return entered(ask, digits);
        }
        return gaveUp(keys.lastSilent() ? ask.noKey() : ask.wrongKey(), ask.giveUp(), ask.ref());
    }

    private End entered(Ask ask, String digits) {
        Optional<PlanObject> own = plan.objects().stream()
                .filter(one -> one.ref().kind().routable())
                .filter(one -> ask.dials() && one.number().equals(Optional.of(digits)))
                .findFirst();
        if (own.isPresent()) {
            return onward(own.get().ref(), ask.ref());
        }
        Optional<Lookup> lookup = ask.lookup().flatMap(ref -> plan.find(ref, Lookup.class));
        if (lookup.isPresent()) {
            List<String> words = says(lookup.get());
            said.put(lookup.get().ref(), words);
            said.put(ask.ref(), words);
        } else {
            said.put(
                    ask.ref(),
                    found(ask, digits)
                            .map(known -> Stream.concat(
                                            Stream.of("found"),
                                            known.tags().stream().map("tag "::concat))
                                    .toList())
                            .orElse(List.of("not-found")));
        }
        give(ask.sets());
        return go(ask.to(), ask.ref());
    }

    private Optional<Contact> found(Ask ask, String digits) {
        return plan.all(Contact.class)
                .filter(one -> ask.lookIn()
                        .filter(where -> !(where instanceof Ask.LookIn.OfLookup))
                        .map(where -> where instanceof Ask.LookIn.OfAccount
                                ? one.account().equals(Optional.of(digits))
                                : one.caller()
                                        .shownIn(plan.site().country())
                                        .replaceAll("[^0-9]", "")
                                        .equals(digits))
                        .orElse(false))
                .findFirst();
    }

    private End untaken(Mailbox.Reason why, Optional<Destination> to, Ref from) {
        reason = Optional.of(why);
        return go(to, from);
    }

    private End extension(Extension extension) {
        if (firstCalled.isEmpty()) {
            firstCalled = Optional.of(extension.ref());
        }
        if (extension.forward().always().isPresent()) {
            return go(extension.forward().always(), extension.ref());
        }
        Party own = new Party.Inside(extension.ref());
        SlowRinging.Rang rang = ringing().alone(own, extension.ringFor().value());
        second += rang.seconds();
        return switch (rang.how()) {
            case ANSWERED -> answered(extension.ref(), own);
            case BUSY -> {
                reason = Optional.of(Mailbox.Reason.BUSY);
                yield forwarded(extension, extension.forward().busy(), "busy");
            }
            case UNREACHABLE -> forwarded(extension, extension.forward().unreachable(), "hung-up");
            case NO_ANSWER -> {
                reason = Optional.of(Mailbox.Reason.NO_ANSWER);
                yield forwarded(extension, extension.forward().noAnswer(), "hung-up");
            }
        };
    }

    /// As forwarded, else to the mailbox, else the call ends.
    private End forwarded(Extension extension, Optional<Destination> to, String otherwise) {
        Optional<Destination> mailbox = extension.mailbox().map(Destination.To::new);
        return to.isPresent() || mailbox.isPresent()
                ? go(to.isPresent() ? to : mailbox, extension.ref())
                : end(otherwise, extension.ref());
    }

    private SlowRinging ringing() {
        return new SlowRinging(plan, world);
    }

    private End ringGroup(RingGroup group) {
        SlowRinging.Rang rang = ringing().together(group);
        second += rang.seconds();
        return rang(rang, group, group.ref());
    }

    /// Where a call goes on from a group.
    private End rang(SlowRinging.Rang rang, Group group, Ref from) {
        Optional<Destination> busy = group.busy().isPresent() ? group.busy() : group.noAnswer();
        Optional<Destination> unreachable = group.unreachable().isPresent() ? group.unreachable() : busy;
        return switch (rang.how()) {
            case ANSWERED -> answered(from, rang.by().orElseThrow());
            case NO_ANSWER -> untaken(Mailbox.Reason.NO_ANSWER, group.noAnswer(), from);
            case BUSY -> untaken(Mailbox.Reason.BUSY, busy, from);
            case UNREACHABLE ->
                group.members().isEmpty() && unreachable.isEmpty() ? end("lost nobody", from) : go(unreachable, from);
        };
    }

    private End huntGroup(HuntGroup group) {
        SlowRinging.Rang rang = ringing().hunted(group, Integer.MAX_VALUE);
        second += rang.seconds();
        return rang(rang, group, group.ref());
    }

    private End chain(Chain chain) {
        for (Chain.Stage stage : chain.stages()) {
            if (++objects > MOST) {
                return end("round", chain.ref());
            }
            SlowRinging.Rang rang = stage.ring()
                    .target()
                    .flatMap(ref -> plan.find(ref, Queue.class))
                    .map(queue -> inQueue(queue).stage(queue, stage.time().value()))
                    .orElseGet(() -> ringing().stage(stage));
            second += rang.seconds();
            switch (rang.how()) {
                case ANSWERED -> {
                    return answered(chain.ref(), rang.by().orElseThrow());
                }
                case BUSY -> reason = Optional.of(Mailbox.Reason.BUSY);
                case NO_ANSWER -> reason = Optional.of(Mailbox.Reason.NO_ANSWER);
                case UNREACHABLE -> {}
            }
        }
        return go(chain.then(), chain.ref());
    }

    private SlowQueue inQueue(Queue queue) {
        return new SlowQueue(plan, bench, world, asked, queue.language().orElse(language));
    }

    private End queue(Queue queue) {
        queue.language().ifPresent(spoken -> language = spoken);
        Found found = world.finds(queue.ref());
        SlowQueue there = inQueue(queue);
        SlowWait.Call call = there.call();
        List<SlowWait.Agent> agents = there.agents(queue, call);
        if (SlowQueue.full(queue.longestLine(), found)) {
            return go(queue.full(), queue.ref());
        }
        if (queue.noAgents().refuseNew() && agents.stream().noneMatch(agent -> agent.in(0))) {
            return go(queue.noAgents().to(), queue.ref());
        }
        second += there.saidFirst(queue);
        world.joined(there.saidFirst(queue));
        SlowWait.End end = new SlowWait(queue, world, found, agents, call).run();
        second += end.second();
        return switch (end.how()) {
            case "answered" -> {
                second += there.told(queue);
                yield answered(queue.ref(), end.by().orElseThrow());
            }
            case "hole" -> end("lost hole", queue.ref());
            case "key" -> {
                chosen();
                yield end.menu()
                        .map(menu -> keyedAside(menu, end.keyed().getLast()))
                        .orElseGet(() -> keyed(queue, end.keyed().getFirst(), call));
            }
            case "gone" -> go(queue.noAgents().to(), queue.ref());
            default ->
                queue.agents().isEmpty() && queue.overflow().isEmpty()
                        ? end("lost nobody", queue.ref())
                        : go(queue.overflow(), queue.ref());
        };
    }

    /// Where a key leads that is offered in a wait: the item that offers it first counts.
    private End keyed(Queue queue, String key, SlowWait.Call call) {
        Queue.Offer offer = queue.meanwhile().stream()
                .filter(item -> item.enabled()
                        && item.keys().containsKey(key)
                        && item.holdsWhile().filter(call.holds().negate()).isEmpty())
                .min(Comparator.comparingInt(Queue.Meanwhile::first))
                .orElseThrow()
                .keys()
                .get(key);
        return offer instanceof Queue.Offer.Leads(Optional<Destination> to, boolean keeps)
                ? go(to, queue.ref())
                : end("callback", queue.ref());
    }

    /// Where what is keyed in a menu leads during which the place in the line is kept.
    private End keyedAside(Menu menu, String digits) {
        Menu.OnKey does = menu.keys().get(digits);
        if (does == null) {
            return onward(SlowWait.dialled(plan, digits).orElseThrow(), menu.ref());
        }
        give(does.sets());
        return go(does.to(), menu.ref());
    }

    private End mailbox(Mailbox mailbox) {
        Found found = world.finds(mailbox.ref());
        if (SlowQueue.full(mailbox.mostMessages(), found)) {
            return end("hung-up", mailbox.ref());
        }
        Optional<Spoken> own = reason.map(why -> mailbox.greetings().get(why));
        int greeting = speech().said(own.isPresent() ? own : mailbox.greeting());
        KeyPress key = world.peek();
        if (mailbox.keyZero().isPresent()
                && key.digits().startsWith("0")
                && SlowKeys.press(key, 0, greeting) <= greeting) {
            chosen();
            world.take();
            world.dialledAhead(key, 1, 0);
            second += SlowKeys.press(key, 0, greeting);
            return go(mailbox.keyZero(), mailbox.ref());
        }
        return end("message", mailbox.ref());
    }
}
