package app.bittern.call;

import app.bittern.plan.Hears;
import app.bittern.plan.Hours;
import app.bittern.plan.Lookup;
import app.bittern.plan.Music;
import app.bittern.plan.Plan;
import app.bittern.plan.Queue;
import app.bittern.plan.Ref;
import app.bittern.plan.Switch;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// A bench in the course of a call: keys and reactions are used up one after another.
final class BenchInHand {
    private final Bench bench;
    private final Plan plan;
    private final LocalDateTime local;
    private final List<KeyPress> ahead = new ArrayList<>();
    private final List<KeyPress> keysGiven = new ArrayList<>();
    private final Map<String, List<Reaction>> reactions = new LinkedHashMap<>();
    private final Map<String, List<Presence>> presences = new LinkedHashMap<>();
    private final Map<Ref, List<Found>> finds = new LinkedHashMap<>();
    private boolean more;
    private int aside;
    private Carried carried = Carried.NOTHING;

    BenchInHand(Bench bench, Plan plan) {
        this.bench = bench;
        this.plan = plan;
        this.local = LocalDateTime.ofInstant(bench.at(), plan.site().timeZone());
    }

    /// Another with the keys as they are now, to see what they would do.
    BenchInHand tried() {
        BenchInHand other = new BenchInHand(bench, plan);
        other.ahead.addAll(ahead);
        other.keysGiven.addAll(keysGiven);
        return other;
    }

    Plan plan() {
        return plan;
    }

    Bench bench() {
        return bench;
    }

    /// The call's instant at the site. The whole call is judged by it, so that hours asked twice in
    /// one call answer alike.
    LocalDateTime local() {
        return local;
    }

    /// With what a call has carried so far.
    BenchInHand carrying(Carried what) {
        carried = what;
        return this;
    }

    /// What a caller hears for a while: the object's own music where it has some, else the route's, else what
    /// is heard without. Music without tracks is silence.
    Heard waiting(int from, int to, Optional<Hears> own, Heard.Sound without, String text) {
        return own.or(() -> carried.hears().map(Hears.OfMusic::new))
                .map(hears -> switch (hears) {
                    case Hears.Ringing ringing -> new Heard(from, to, Heard.Sound.RINGING, text);
                    case Hears.OfMusic(Ref music) ->
                        Music.sounds(plan, music)
                                ? new Heard(from, to, Heard.Sound.MUSIC, Music.words(plan, music))
                                : new Heard(from, to, Heard.Sound.SILENCE, text);
                })
                .orElseGet(() -> new Heard(from, to, without, text));
    }

    /// Whether a condition holds for the call.
    boolean holds(Condition condition) {
        return switch (condition) {
            case Condition.Always always -> true;
            case Condition.AllOf(List<Condition> all) -> all.stream().allMatch(this::holds);
            case Condition.AnyOf(List<Condition> any) -> any.stream().anyMatch(this::holds);
            case Condition.Day(LocalDate last, boolean after) ->
                local.toLocalDate().isAfter(last) == after;
            case Condition.HoursIn(Ref ref, String state) ->
                plan.find(ref, Hours.class)
                        .filter(hours -> hours.at(plan.site()).stateAt(local).equals(state))
                        .isPresent();
            case Condition.SwitchIn(Ref ref, String position) ->
                plan.find(ref, Switch.class)
                        .filter(turned -> bench.position(turned).equals(position))
                        .isPresent();
            case Condition.CallerIs caller -> caller.holds(plan, bench.caller());
        };
    }

    /// What would be found next on coming to a queue or a mailbox, without using it up.
    Found glance(Ref ref) {
        List<Found> list = bench.waiting().getOrDefault(ref, List.of(Found.usual(ref)));
        return list.get(Math.min(finds.getOrDefault(ref, List.of()).size(), list.size() - 1));
    }

    /// What has been used of the bench.
    Visit used() {
        return new Visit(keysGiven, reactions, presences, finds);
    }

    /// Forgets keys that were pressed before they were asked for.
    void dropAhead() {
        ahead.replaceAll(KeyPress::yetToCome);
        ahead.removeIf(KeyPress::silent);
    }

    /// The next key asked for, without taking it.
    KeyPress peek() {
        if (!ahead.isEmpty()) {
            return ahead.getFirst();
        }
        int size = bench.keys().size();
        int next = bench.again() && size > 0 ? keysGiven.size() % size : keysGiven.size();
        return next < size ? bench.keys().get(next) : KeyPress.SILENCE;
    }

    /// The next key asked for.
    KeyPress take() {
        KeyPress next = peek();
        if (ahead.isEmpty()) {
            keysGiven.add(next);
        } else {
            ahead.removeFirst();
        }
        return next;
    }

    /// Puts back digits that were keyed and not asked for: they count where a key is asked for next, at once or
    /// at their own seconds, which are counted from the second at which this object was entered.
    void dialledAhead(KeyPress rest) {
        if (!rest.silent()) {
            ahead.add(rest.later(-aside));
        }
    }

    /// What a phone does this time.
    Reaction react(String phone) {
        return next(bench.phone(phone), reactions, phone);
    }

    /// Where an agent is in this wait.
    Presence presence(Queue.Agent agent) {
        String key = agent.party().phone();
        Presence usual = agent.byPhone() ? Presence.OUT : Presence.IN;
        return next(bench.agents().getOrDefault(key, List.of(usual)), presences, key)
                .before(usual);
    }

    /// What is found on coming to a queue or a mailbox, or on asking a lookup.
    Found arrive(Ref ref) {
        return next(bench.waiting().getOrDefault(ref, List.of(Found.usual(ref))), finds, ref);
    }

    /// What a lookup says this time, and after how long.
    Found.Says says(Lookup lookup) {
        return arrive(lookup.ref()) instanceof Found.Says says ? says.of(lookup) : Found.Says.NOBODY;
    }

    private <K, V> V next(List<V> list, Map<K, List<V>> used, K key) {
        List<V> before = used.computeIfAbsent(key, one -> new ArrayList<>());
        V next = list.get(Math.min(before.size(), list.size() - 1));
        before.add(next);
        more |= before.size() < list.size();
        return next;
    }

    /// Whether something was used since this was asked last of which there is more to come: then the same
    /// state may be left otherwise the next time.
    boolean tookOneOfMore() {
        boolean took = more;
        more = false;
        return took;
    }

    /// Notes that a menu or an ask within this object begins so many seconds after it was entered; the object
    /// itself, 0.
    void aside(int begins) {
        aside = begins;
    }

    /// Notes that the call has left a state, so many seconds after it was entered.
    void left(State state, int after) {
        ahead.replaceAll(key -> key.later(after));
        aside = 0;
        carried = carried.past(plan, state);
    }
}
