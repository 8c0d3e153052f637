package app.bittern.call;

import app.bittern.plan.Extension;
import app.bittern.plan.Lookup;
import app.bittern.plan.Member;
import app.bittern.plan.Party;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Seconds;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What a bench says of the world, asked once more each time: the first of a list the first time, the last for
/// all further times.
final class SlowWorld {
    private final Plan plan;
    private final Bench bench;
    private final Map<Object, Integer> asked = new HashMap<>();
    private final List<KeyPress> ahead = new ArrayList<>();
    private int keysTaken;
    private int aside;
    private int joined;
    private boolean more;

    SlowWorld(Plan plan, Bench bench) {
        this.plan = plan;
        this.bench = bench;
    }

    private <V> V next(Object what, List<V> list) {
        int times = asked.merge(what, 1, Integer::sum);
        more |= times < list.size();
        return list.get(Math.min(times, list.size()) - 1);
    }

    /// Whether something was asked since this was asked last that may be otherwise the next time.
    boolean tookOneOfMore() {
        boolean took = more;
        more = false;
        return took;
    }

    KeyPress peek() {
        if (!ahead.isEmpty()) {
            return ahead.getFirst();
        }
        List<KeyPress> keys = bench.keys();
        int at = bench.again() && !keys.isEmpty() ? keysTaken % keys.size() : keysTaken;
        return at < keys.size() ? keys.get(at) : KeyPress.SILENCE;
    }

    KeyPress take() {
        KeyPress key = peek();
        if (ahead.isEmpty()) {
            keysTaken++;
        } else {
            ahead.removeFirst();
        }
        return key;
    }

    /// Keys beyond those that were taken, in a try that began so many seconds after its object was entered.
    void dialledAhead(KeyPress key, int taken, int begun) {
        String rest = key.digits().substring(taken);
        if (!rest.isEmpty()) {
            List<Integer> at =
                    key.at().subList(key.timed() ? taken : 0, key.at().size());
            ahead.add(new KeyPress(
                    rest,
                    !key.timed(),
                    at.stream().map(second -> second + begun + aside).toList()));
        }
    }

    /// A wait begins so many seconds after its queue was entered.
    void joined(int seconds) {
        joined = seconds;
    }

    /// Something within a wait begins at a second of it.
    void aside(int second) {
        aside = joined + second;
    }

    /// So many seconds later another object is entered.
    void passed(int seconds) {
        aside = 0;
        joined = 0;
        ahead.replaceAll(key -> new KeyPress(
                key.digits(),
                key.atOnce(),
                key.at().stream().map(at -> Math.max(0, at - seconds)).toList()));
    }

    /// Of keys that were pressed before they are asked for nothing is left.
    void dropAhead() {
        List<KeyPress> all = List.copyOf(ahead);
        ahead.clear();
        for (KeyPress key : all) {
            int pressed = (int) key.at().stream().filter(at -> at == 0).count();
            if (key.timed() && pressed < key.digits().length()) {
                ahead.add(new KeyPress(
                        key.digits().substring(pressed),
                        false,
                        key.at().subList(pressed, key.at().size())));
            }
        }
    }

    /// What a lookup says, after how many seconds; nobody at once where the bench says nothing of it.
    Found.Says says(Lookup lookup) {
        Found found = next(
                lookup.ref(),
                bench.waiting().getOrDefault(lookup.ref(), List.of(new Found.Says(new Answer.Nobody(), 0))));
        Found.Says says = (Found.Says) found;
        int longest = seconds(lookup.answersWithin());
        String word = says.answer().word();
        if (says.after() > longest || word.equals("failed")) {
            return new Found.Says(new Answer.None(), longest);
        }
        boolean strange = word.startsWith("tag ") && !lookup.tags().contains(word.substring(4));
        return strange ? new Found.Says(new Answer.Outside(Optional.empty()), says.after()) : says;
    }

    Found finds(Ref ref) {
        return next(ref, bench.waiting().getOrDefault(ref, List.of(new Found.Ahead(0))));
    }

    /// What the next caller to come there would find.
    Found wouldFind(Ref ref) {
        List<Found> list = bench.waiting().getOrDefault(ref, List.of(new Found.Ahead(0)));
        return list.get(Math.min(asked.getOrDefault(ref, 0), list.size() - 1));
    }

    /// Whether the bench says anything of a queue.
    boolean speaksOf(Ref ref) {
        return bench.waiting().containsKey(ref);
    }

    /// The position of an agent in each second of one wait, for so many seconds.
    List<Character> presence(Queue.Agent agent, int seconds) {
        String who = agent.party().phone();
        char usual = agent.byPhone() ? 'o' : 'i';
        List<Character> all = new ArrayList<>();
        Presence said = bench.agents().containsKey(who)
                ? next("agent " + who, bench.agents().get(who))
                : new Presence(List.of());
        for (int second = 0; second <= seconds; second++) {
            char now = usual;
            for (Presence.Change change : said.changes()) {
                if (change.from() <= second) {
                    now = switch (change.state()) {
                        case IN -> second < change.from() + change.busy() ? 'b' : 'i';
                        case OUT -> 'o';
                        case PAUSED -> 'p';
                    };
                }
            }
            all.add(now);
        }
        return all;
    }

    Optional<Extension> extension(Party party) {
        return party instanceof Party.Inside(Ref ref) ? plan.find(ref, Extension.class) : Optional.empty();
    }

    boolean canRing(Party party) {
        return party instanceof Party.Outside
                || extension(party)
                        .filter(one -> !one.phones().isEmpty() && !one.doNotDisturb())
                        .isPresent();
    }

    /// What a phone does that an object would ring; a phone that cannot ring is not asked.
    Reaction reacts(Party party, boolean keyToTake) {
        if (!canRing(party)) {
            boolean disturbed = extension(party).filter(Extension::doNotDisturb).isPresent();
            return disturbed ? new Reaction.Busy() : new Reaction.Off();
        }
        boolean waits = extension(party).filter(Extension::callWaiting).isPresent();
        Reaction busy = waits ? new Reaction.Silent() : new Reaction.Busy();
        Reaction said = next(party.phone(), bench.phone(party.phone()));
        if (said instanceof Reaction.Busy || (said instanceof Reaction.Declines && !keyToTake)) {
            return busy;
        }
        return said instanceof Reaction.Machine && keyToTake ? new Reaction.Silent() : said;
    }

    /// A member's own phone, or the one that it forwards all calls to.
    Party rung(Member member, boolean follow) {
        Optional<Party> forwarded = extension(member.party())
                .filter(one -> follow)
                .flatMap(one -> one.forward().always())
                .flatMap(to -> {
                    String text = to.toString();
                    return text.startsWith("extension/")
                            ? Ref.parse(text).map(Party.Inside::new)
                            : text.startsWith("outside/")
                                    ? app.bittern
                                            .number
                                            .E164
                                            .parse(text.substring(8))
                                            .map(Party.Outside::new)
                                    : Optional.<Party>empty();
                });
        return forwarded.orElse(member.party());
    }

    static int seconds(Seconds time) {
        return time.value();
    }
}
