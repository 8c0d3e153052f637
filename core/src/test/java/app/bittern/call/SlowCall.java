package app.bittern.call;

import app.bittern.number.Caller;
import app.bittern.plan.Announcement;
import app.bittern.plan.Aside;
import app.bittern.plan.Ask;
import app.bittern.plan.Branch;
import app.bittern.plan.Chain;
import app.bittern.plan.Contact;
import app.bittern.plan.Destination;
import app.bittern.plan.Extension;
import app.bittern.plan.Hours;
import app.bittern.plan.HuntGroup;
import app.bittern.plan.Kind;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Member;
import app.bittern.plan.Menu;
import app.bittern.plan.Page;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Prompt;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.RingGroup;
import app.bittern.plan.Route;
import app.bittern.plan.Switch;
import java.math.RoundingMode;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// A second answer to what one call does: written from the rules alone, second by second, without states,
/// outcomes or windows, and with nothing of what decides a trace.
final class SlowCall {
    /// So many objects, and it is said to go round.
    private static final int MOST = 600;

    /// How it ends: `answered in queue/q by extension/2001 after 17`.
    record End(String kind, String in, String by, int second) {}

    /// A menu passed, with what was carried into it.
    private record Passed(Ref menu, String language, Set<String> tags) {}

    private static final End ONWARD = new End("on", "", "", 0);
    private static final Ref NOWHERE = new Ref(Kind.ROUTE, "nowhere");

    private final Plan plan;
    private final Bench bench;
    private final SlowWorld world;
    private final LocalDateTime local;
    private int second;
    private String language;
    private Set<String> tags = new TreeSet<>();
    private List<Passed> menus = new ArrayList<>();
    private final Map<Ref, Optional<Contact>> keyed = new HashMap<>();
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
        this.local = LocalDateTime.ofInstant(bench.at(), plan.site().timeZone());
        this.language = contact()
                .flatMap(Contact::language)
                .filter(plan.site().languages()::contains)
                .orElse(plan.site().languages().getFirst());
    }

    static End of(Plan plan, Bench bench) {
        return new SlowCall(plan, bench).run();
    }

    private Optional<Contact> contact() {
        return plan.all(Contact.class)
                .filter(one -> bench.caller().delivered().equals(Optional.of(one.caller())))
                .findFirst();
    }

    private End end(String kind, Object in) {
        return new End(kind, in.toString(), "", second);
    }

    private End answered(Object in, Party by) {
        return new End("answered", in.toString(), by.toString(), second);
    }

    private End run() {
        Optional<Route> best = Optional.empty();
        for (Route route : plan.all(Route.class).toList()) {
            if (takes(route) && best.filter(other -> !ranksBefore(route, other)).isEmpty()) {
                best = Optional.of(route);
            }
        }
        if (best.isEmpty()) {
            return end("unmatched", "number/" + bench.called().meant().orElseThrow());
        }
        Route route = best.get();
        route.dress().language().ifPresent(spoken -> language = spoken);
        boolean without =
                bench.caller() instanceof Caller.Withheld && route.withheld().isPresent();
        End end = go(without ? route.withheld() : route.to(), route.ref());
        while (end.equals(ONWARD)) {
            end = enter(next, from);
        }
        return end;
    }

    /// The call goes on to an object.
    private End onward(Ref ref, Ref left) {
        next = ref;
        from = left;
        return ONWARD;
    }

    private boolean takes(Route route) {
        return route.enabled()
                && bench.called().meant().filter(route.called()::takes).isPresent()
                && caller(route.caller())
                && route.holdsWhile()
                        .map(during -> state(during.hours()).equals(Optional.of(during.state())))
                        .orElse(true);
    }

    private Optional<String> state(Ref hours) {
        return plan.find(hours, Hours.class).map(one -> one.calendar().stateAt(local));
    }

    private boolean caller(Route.From from) {
        return switch (from) {
            case Route.From.Any any -> true;
            case Route.From.Withheld withheld -> bench.caller().delivered().isEmpty();
            case Route.From.Exact exact -> bench.caller().delivered().equals(Optional.of(exact.number()));
            case Route.From.Prefix prefix ->
                bench.caller()
                        .delivered()
                        .filter(number -> number.text().startsWith(prefix.digits()))
                        .isPresent();
            case Route.From.Tag tag ->
                contact().filter(one -> one.tags().contains(tag.tag())).isPresent();
        };
    }

    private static boolean ranksBefore(Route one, Route other) {
        int[] first = rank(one);
        int[] second = rank(other);
        for (int at = 0; at < first.length; at++) {
            if (first[at] != second[at]) {
                return first[at] > second[at];
            }
        }
        return false;
    }

    /// The larger the sooner: called exact, range, longer prefix, any; caller exact, tag, longer prefix,
    /// withheld, any; with hours.
    private static int[] rank(Route route) {
        int called = switch (route.called()) {
            case Route.Called.Exact exact -> 900;
            case Route.Called.Range range -> 800;
            case Route.Called.Prefix prefix -> prefix.digits().length();
            case Route.Called.Any any -> 0;
        };
        int caller = switch (route.caller()) {
            case Route.From.Exact exact -> 900;
            case Route.From.Tag tag -> 800;
            case Route.From.Prefix prefix -> 100 + prefix.digits().length();
            case Route.From.Withheld withheld -> 50;
            case Route.From.Any any -> 0;
        };
        return new int[] {called, caller, route.holdsWhile().isPresent() ? 1 : 0};
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
                List.of(ref, language, new TreeSet<>(tags), firstCalled, List.copyOf(menus), new HashMap<>(keyed)));
    }

    private void chosen() {
        passed.clear();
    }

    private End enter(Ref ref, Ref from) {
        return ref.kind() != Kind.MENU && endless(ref) ? end("round", ref) : entered(ref, from);
    }

    private End entered(Ref ref, Ref from) {
        return plan.find(ref)
                .map(object -> switch (object) {
                    case Branch branch -> branch(branch);
                    case Announcement announcement -> {
                        announcement.prompts().forEach(prompt -> second += length(prompt));
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
                    case Route route -> throw new IllegalStateException(route.toString());
                    case Aside aside -> throw new IllegalStateException(aside.toString());
                })
                .orElseGet(() -> end("lost hole", from));
    }

    private int length(Ref ref) {
        Optional<Prompt> found = plan.find(ref, Prompt.class);
        if (found.isEmpty()) {
            return 0;
        }
        Prompt prompt = found.get();
        boolean has = prompt.scripts().containsKey(language) || prompt.sounds().containsKey(language);
        String spoken = has ? language : plan.site().languages().getFirst();
        if (prompt.sounds().containsKey(spoken)) {
            return prompt.sounds()
                    .get(spoken)
                    .seconds()
                    .setScale(0, RoundingMode.UP)
                    .intValueExact();
        }
        String script = prompt.scripts().getOrDefault(spoken, "").strip();
        int words = script.isEmpty() ? 0 : script.split("\\s+").length;
        return Math.max(1, (int) Math.ceil(words / 2.5));
    }

    private int length(Optional<Ref> prompt) {
        return prompt.map(this::length).orElse(0);
    }

    private int length(List<Ref> prompts) {
        return prompts.stream().mapToInt(this::length).sum();
    }

    private End branch(Branch branch) {
        String state = switch (branch.by()) {
            case Branch.By.OfHours by -> state(by.hours()).orElse("gone");
            case Branch.By.OfSwitch by ->
                plan.find(by.turned(), Switch.class)
                        .map(one -> bench.switches().getOrDefault(one.ref(), one.now()))
                        .orElse("gone");
            case Branch.By.OfLanguage by -> language;
            case Branch.By.OfCaller by ->
                first(
                        branch,
                        one -> Branch.callers(one).filter(this::callerOrTag).isPresent());
            case Branch.By.OfAsk by -> {
                Optional<Contact> found = keyed.getOrDefault(by.ask(), Optional.empty());
                yield first(
                        branch,
                        one -> found.map(known -> one.equals("found")
                                        || known.tags().stream().anyMatch(tag -> one.equals("tag " + tag)))
                                .orElse(one.equals("not-found")));
            }
        };
        boolean missing =
                branch.by().target().filter(ref -> plan.find(ref).isEmpty()).isPresent();
        String taken = branch.cases().containsKey(state) ? state : "else";
        String named =
                branch.by() instanceof Branch.By.OfHours || branch.by() instanceof Branch.By.OfSwitch ? state : taken;
        reason = named.equals("closed") ? Optional.of(Mailbox.Reason.CLOSED) : Optional.empty();
        return missing ? end("lost hole", branch.ref()) : go(branch.destination(state), branch.ref());
    }

    private boolean callerOrTag(Route.From from) {
        return caller(from) || (from instanceof Route.From.Tag(String tag) && tags.contains(tag));
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
        int prompt = length(menu.prompts());
        for (int attempt = 1; attempt <= menu.tries(); attempt++) {
            KeyPress key = world.take();
            int begun = second;
            int first = key.silent() ? Integer.MAX_VALUE : press(key, 0, prompt);
            first = Math.max(first, menu.bargeIn() ? 0 : prompt);
            boolean silent = first > prompt + menu.keyWait().value();
            if (silent) {
                second = begun + prompt + menu.keyWait().value();
            } else {
                String digits = dial(menu, key, begun, first, prompt);
                Menu.OnKey does = menu.keys().get(digits);
                if (does != null) {
                    chosen();
                    does.language().ifPresent(spoken -> language = spoken);
                    tags.addAll(does.tags());
                    second += length(does.say());
                    return go(does.to(), menu.ref());
                }
                Optional<Extension> dialled = dialled(menu, digits);
                if (dialled.isPresent()) {
                    chosen();
                    return onward(dialled.get().ref(), menu.ref());
                }
            }
            if (attempt < menu.tries()) {
                second += length(silent ? menu.noKey() : menu.wrongKey());
            }
        }
        return go(menu.giveUp(), menu.ref());
    }

    private static int press(KeyPress key, int index, int prompt) {
        return key.timed() ? key.at().get(index) : key.atOnce() ? 0 : prompt;
    }

    private Optional<Extension> dialled(Menu menu, String digits) {
        return plan.all(Extension.class)
                .filter(one -> menu.dialExtensions() && one.dialled().equals(digits))
                .findFirst();
    }

    private boolean begins(Menu menu, String digits) {
        return menu.dialExtensions()
                && plan.all(Extension.class)
                        .anyMatch(one -> one.dialled().length() > digits.length()
                                && one.dialled().startsWith(digits));
    }

    /// The digits that a menu waits for, from the first on, each no later than the inter-digit wait after the
    /// one before.
    private String dial(Menu menu, KeyPress key, int begun, int first, int prompt) {
        int between = menu.interDigit().value();
        StringBuilder digits = new StringBuilder(key.digits().substring(0, 1));
        int at = first;
        for (int index = 1; index < key.digits().length() && begins(menu, digits.toString()); index++) {
            int next = Math.max(at, press(key, index, prompt));
            if (next > at + between) {
                break;
            }
            at = next;
            digits.append(key.digits().charAt(index));
        }
        String all = digits.toString();
        boolean known = menu.keys().containsKey(all) || dialled(menu, all).isPresent();
        second = begun + at + (begins(menu, all) && !known ? between : 0);
        return all;
    }

    private End ask(Ask ask) {
        int prompt = length(ask.prompts());
        int wait = ask.keyWait().value();
        for (int attempt = 1; attempt <= ask.tries(); attempt++) {
            KeyPress key = world.take();
            String digits = "";
            int at = prompt + wait;
            boolean silent = key.silent()
                    || press(key, 0, prompt) > prompt + wait
                    || !Character.isDigit(key.digits().charAt(0));
            if (!silent) {
                at = press(key, 0, prompt);
                while (digits.length() < Math.min(ask.most(), key.digits().length())) {
                    int next = Math.max(at, press(key, digits.length(), prompt));
                    if (next > at + wait || !Character.isDigit(key.digits().charAt(digits.length()))) {
                        break;
                    }
                    at = next;
                    digits += key.digits().charAt(digits.length());
                }
                at += digits.length() < ask.most() ? wait : 0;
            }
            second += at;
            if (digits.length() >= ask.fewest()) {
                String rest = digits.length() == ask.most() ? key.digits().substring(digits.length()) : "";
                if (!rest.isEmpty()) {
                    world.dialledAhead(rest);
                }
                chosen();
                keyed.put(ask.ref(), found(ask, digits));
                return go(ask.to(), ask.ref());
            }
            if (attempt < ask.tries()) {
                second += length(digits.isEmpty() ? ask.noKey() : ask.wrongKey());
            }
        }
        return go(ask.giveUp(), ask.ref());
    }

    private Optional<Contact> found(Ask ask, String digits) {
        return plan.all(Contact.class)
                .filter(one -> ask.lookIn()
                        .map(where -> where == Ask.LookIn.ACCOUNT
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
        Reaction phone = world.reacts(own, false);
        Optional<Destination> mailbox = extension.mailbox().map(Destination.To::new);
        if (phone instanceof Reaction.Busy) {
            Optional<Destination> to = extension.forward().busy().or(() -> mailbox);
            reason = Optional.of(Mailbox.Reason.BUSY);
            return to.isPresent() ? go(to, extension.ref()) : end("busy", extension.ref());
        }
        if (phone instanceof Reaction.Off) {
            Optional<Destination> to = extension.forward().unreachable().or(() -> mailbox);
            return to.isPresent() ? go(to, extension.ref()) : end("hung-up", extension.ref());
        }
        int rings = extension.ringFor().value();
        for (int ringing = 0; ringing <= rings; ringing++) {
            if (answersAt(phone) == ringing) {
                second += ringing;
                return answered(extension.ref(), own);
            }
        }
        second += rings;
        Optional<Destination> to = extension.forward().noAnswer().or(() -> mailbox);
        reason = Optional.of(Mailbox.Reason.NO_ANSWER);
        return to.isPresent() ? go(to, extension.ref()) : end("hung-up", extension.ref());
    }

    private static int answersAt(Reaction reaction) {
        return reaction instanceof Reaction.Answers(int after)
                ? after
                : reaction instanceof Reaction.Machine(int machine) ? machine : -1;
    }

    /// A phone among others.
    private record Phone(Party party, int from, Reaction reaction, boolean rings) {
        boolean reachable() {
            return !(reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off);
        }

        int declinesAt() {
            return reaction instanceof Reaction.Declines(int after) ? from + after : Integer.MAX_VALUE;
        }
    }

    /// How phones that ring together end: who answered, or busy, unreachable, no answer; the seconds are
    /// passed.
    private String together(List<Phone> phones, int time, List<Party> by) {
        if (phones.stream().noneMatch(Phone::reachable)) {
            return phones.stream().anyMatch(phone -> phone.reaction() instanceof Reaction.Busy)
                    ? "busy"
                    : "unreachable";
        }
        List<Phone> ringing = phones.stream()
                .filter(phone -> phone.rings() && phone.reachable())
                .toList();
        for (int at = 0; at < time; at++) {
            for (Phone phone : ringing) {
                if (answersAt(phone.reaction()) >= 0 && phone.from() + answersAt(phone.reaction()) == at) {
                    second += at;
                    by.add(phone.party());
                    return "answered";
                }
            }
            int now = at;
            if (!ringing.isEmpty() && ringing.stream().allMatch(phone -> phone.declinesAt() <= now)) {
                second += at;
                return "no answer";
            }
        }
        second += time;
        for (Phone phone : ringing) {
            if (answersAt(phone.reaction()) >= 0 && phone.from() + answersAt(phone.reaction()) == time) {
                by.add(phone.party());
                return "answered";
            }
        }
        return "no answer";
    }

    private List<Phone> phones(List<Member> members, boolean follow, int time) {
        Map<Party, Reaction> asked = new HashMap<>();
        List<Phone> phones = new ArrayList<>();
        for (Member member : members) {
            Party party = world.rung(member, follow);
            if (!asked.containsKey(party)) {
                asked.put(party, world.reacts(party, member.keyToTake()));
            }
            int from = member.after().value();
            phones.add(new Phone(party, from, asked.get(party), from < time));
        }
        return phones;
    }

    private End ringGroup(RingGroup group) {
        List<Party> by = new ArrayList<>();
        int rings = group.ringFor().value();
        return switch (together(phones(group.members(), group.followForwarding(), rings), rings, by)) {
            case "answered" -> answered(group.ref(), by.getFirst());
            case "no answer" -> untaken(Mailbox.Reason.NO_ANSWER, group.noAnswer(), group.ref());
            case "busy" -> untaken(Mailbox.Reason.BUSY, group.busy().or(group::noAnswer), group.ref());
            default -> unreachable(group.members(), group.onUnreachable(), group.ref());
        };
    }

    private End unreachable(List<Member> members, Optional<Destination> to, Ref from) {
        return members.isEmpty() && to.isEmpty() ? end("lost nobody", from) : go(to, from);
    }

    private End huntGroup(HuntGroup group) {
        List<Member> members = new ArrayList<>();
        List<Reaction> seen = new ArrayList<>();
        boolean busy = false;
        for (Member member : group.members()) {
            Reaction reaction = world.reacts(member.party(), member.keyToTake());
            busy |= reaction instanceof Reaction.Busy;
            if (!(reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off)) {
                members.add(member);
                seen.add(reaction);
            }
        }
        if (members.isEmpty()) {
            return busy
                    ? untaken(Mailbox.Reason.BUSY, group.onBusy(), group.ref())
                    : unreachable(group.members(), group.onUnreachable(), group.ref());
        }
        int each = group.ringEach().value();
        for (int lap = 0; lap < group.laps(); lap++) {
            for (int at = 0; at < members.size(); at++) {
                Member member = members.get(at);
                Reaction reaction = lap == 0 ? seen.get(at) : world.reacts(member.party(), member.keyToTake());
                int answers = answersAt(reaction);
                if (answers >= 0 && answers <= each) {
                    second += answers;
                    return answered(group.ref(), member.party());
                }
                boolean passed = reaction instanceof Reaction.Busy || reaction instanceof Reaction.Off;
                second += passed ? 0 : reaction instanceof Reaction.Declines(int after) ? Math.min(after, each) : each;
            }
        }
        return untaken(Mailbox.Reason.NO_ANSWER, group.noAnswer(), group.ref());
    }

    private End chain(Chain chain) {
        for (Chain.Stage stage : chain.stages()) {
            if (++objects > MOST) {
                return end("round", chain.ref());
            }
            List<Party> by = new ArrayList<>();
            int time = stage.time().value();
            String how = together(phones(stage, time), time, by);
            if (how.equals("answered")) {
                return answered(chain.ref(), by.getFirst());
            }
            if (how.equals("busy")) {
                reason = Optional.of(Mailbox.Reason.BUSY);
            }
            if (how.equals("no answer")) {
                reason = Optional.of(Mailbox.Reason.NO_ANSWER);
            }
        }
        return go(chain.then(), chain.ref());
    }

    private List<Phone> phones(Chain.Stage stage, int time) {
        if (stage.ring() instanceof Destination.Outside(var number)) {
            Party party = new Party.Outside(number);
            return List.of(new Phone(party, 0, world.reacts(party, stage.keyToTake()), true));
        }
        Ref ref = stage.ring().target().orElseThrow();
        if (ref.kind() == Kind.RING_GROUP) {
            return plan.find(ref, RingGroup.class)
                    .map(group -> phones(group.members(), group.followForwarding(), time))
                    .orElse(List.of());
        }
        Party party = new Party.Inside(ref);
        return List.of(new Phone(party, 0, world.reacts(party, stage.keyToTake()), true));
    }

    private End queue(Queue queue) {
        Found found = world.finds(queue.ref());
        int longest = queue.maxWait().orElse(Queue.LONGEST_WAIT).value();
        List<SlowWait.Agent> agents = queue.agents().stream()
                .map(agent -> new SlowWait.Agent(
                        agent, world.presence(agent, longest), world.canRing(new Party.Inside(agent.extension()))))
                .toList();
        boolean full = queue.longestLine()
                .filter(room ->
                        found instanceof Found.Full || (found instanceof Found.Ahead(int count) && count >= room))
                .isPresent();
        if (full) {
            return go(queue.full(), queue.ref());
        }
        if (queue.noAgents().refuseNew() && agents.stream().noneMatch(agent -> agent.in(0))) {
            return go(queue.noAgents().to(), queue.ref());
        }
        second += length(queue.onJoining());
        int ahead = found instanceof Found.Ahead(int count) ? count : 0;
        SlowWait.End end = new SlowWait(queue, world, ahead, agents, this::length).run();
        second += end.second();
        return switch (end.how()) {
            case "answered" -> answered(queue.ref(), new Party.Inside(end.by().orElseThrow()));
            case "key" -> {
                chosen();
                Queue.Meanwhile item = end.pressed().orElseThrow();
                yield item.callback() ? end("callback", queue.ref()) : go(item.to(), queue.ref());
            }
            case "gone" -> go(queue.noAgents().to(), queue.ref());
            default -> {
                reason = Optional.of(Mailbox.Reason.NO_ANSWER);
                yield queue.agents().isEmpty() && queue.overflow().isEmpty()
                        ? end("lost nobody", queue.ref())
                        : go(queue.overflow(), queue.ref());
            }
        };
    }

    private End mailbox(Mailbox mailbox) {
        Found found = world.finds(mailbox.ref());
        boolean full = mailbox.maxMessages()
                .filter(room ->
                        found instanceof Found.Full || (found instanceof Found.Ahead(int count) && count >= room))
                .isPresent();
        if (full) {
            return end("hung-up", mailbox.ref());
        }
        Optional<Ref> own = reason.map(why -> mailbox.greetings().get(why));
        int greeting = length(own.isPresent() ? own : mailbox.greeting());
        KeyPress key = world.peek();
        if (mailbox.operator().isPresent() && key.digits().equals("0") && press(key, 0, greeting) <= greeting) {
            chosen();
            second += press(world.take(), 0, greeting);
            return go(mailbox.operator(), mailbox.ref());
        }
        return end("message", mailbox.ref());
    }
}
