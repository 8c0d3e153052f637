package app.bittern.call;

import app.bittern.number.E164;
import app.bittern.plan.Mailbox;
import app.bittern.plan.Ref;
import app.bittern.plan.Sets;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/// What a caller carries along.
///
/// @param language the language in force, BCP 47
/// @param tags     sorted, each once
/// @param menus    the menus passed on the way, each with what was carried when it was entered; a menu that
///                 is entered again takes the way back to its first time with it, so that there are
///                 finitely many states however often callers go round
/// @param facts    what has come to be so in the call, and stays so on the way back
/// @param from     where the call came from
/// @param dials    what a phone of the site dials, before it is connected
public record Context(
        String language, List<String> tags, List<Frame> menus, Facts facts, Origin from, Optional<Dials> dials) {
    private static final Origin BY_TRUNK = new Origin.Trunk();

    /// What digits or a caller were found to be.
    ///
    /// @param by     the ask or the lookup
    /// @param answer what it said; nothing known of a contact that is not found
    public record Entry(Ref by, Answer answer) {}

    /// A menu and what was carried into it.
    public record Frame(Ref menu, String language, List<String> tags) {}

    /// What has come to be so in a call.
    ///
    /// @param firstCalled the extension called first
    /// @param found       what was found, by what was asked, each once
    /// @param called      the number that was called, where it still matters
    /// @param route       the route that took the call
    /// @param greeting    why a mailbox may be come to: by the last extension or group that was left unanswered or
    ///                    busy, or as a case says
    public record Facts(
            Optional<Ref> firstCalled,
            List<Entry> found,
            Optional<E164> called,
            Optional<Ref> route,
            Optional<Mailbox.Reason> greeting) {
        /// Nothing yet.
        static final Facts NONE =
                new Facts(Optional.empty(), List.of(), Optional.empty(), Optional.empty(), Optional.empty());

        public Facts {
            found = List.copyOf(found);
        }
    }

    public Context {
        tags = tags.size() < 2 ? List.copyOf(tags) : List.copyOf(new TreeSet<>(tags));
        menus = List.copyOf(menus);
    }

    /// What a call by a trunk begins with.
    public static Context in(String language) {
        return new Context(language, List.of(), List.of(), Facts.NONE, BY_TRUNK, Optional.empty());
    }

    /// What a call from a phone of the site begins with.
    public static Context dialling(String language, Origin from, Dials dials) {
        return new Context(language, List.of(), List.of(), Facts.NONE, from, Optional.of(dials));
    }

    /// The same, the number called being known.
    public Context calling(E164 called) {
        return with(new Facts(facts.firstCalled, facts.found, Optional.of(called), facts.route, facts.greeting));
    }

    private Context with(Facts now) {
        return now.equals(facts) ? this : new Context(language, tags, menus, now, from, dials);
    }

    /// The same once it is connected.
    Context connected() {
        return new Context(language, tags, menus, facts, from, Optional.empty());
    }

    /// With only what can still matter.
    ///
    /// @param origin whether it still matters where the call came from
    public Context only(List<String> tags, List<Frame> menus, Facts facts, boolean origin) {
        return new Context(language, tags, menus, facts, origin ? from : BY_TRUNK, dials);
    }

    /// Whether it carries nothing but its language.
    public boolean bare() {
        return tags.isEmpty() && menus.isEmpty() && facts.equals(Facts.NONE) && byTrunk() && dials.isEmpty();
    }

    /// Whether it came by a trunk.
    public boolean byTrunk() {
        return from.equals(BY_TRUNK);
    }

    /// The extension called first.
    public Optional<Ref> firstCalled() {
        return facts.firstCalled;
    }

    Context speaking(Optional<String> spoken) {
        return spoken.map(one -> new Context(one, tags, menus, facts, from, dials))
                .orElse(this);
    }

    /// The same with what a choice or a rule gives it.
    Context given(Sets sets) {
        if (sets.nothing()) {
            return this;
        }
        List<String> all = new ArrayList<>(tags);
        all.addAll(sets.tags());
        return new Context(sets.language().orElse(language), all, menus, facts, from, dials);
    }

    Context found(Ref by, Answer answer) {
        List<Entry> all = new ArrayList<>(facts.found);
        all.removeIf(entry -> entry.by().equals(by));
        all.add(new Entry(by, answer));
        all.sort(Comparator.comparing(entry -> entry.by().toString()));
        return with(new Facts(facts.firstCalled, all, facts.called, facts.route, facts.greeting));
    }

    /// The first extension entered becomes the first called.
    Context owned(Ref extension) {
        return facts.firstCalled.isPresent()
                ? this
                : with(new Facts(Optional.of(extension), facts.found, facts.called, facts.route, facts.greeting));
    }

    /// The same once a route has taken the call.
    Context takenBy(Ref route) {
        return with(new Facts(facts.firstCalled, facts.found, facts.called, Optional.of(route), facts.greeting));
    }

    /// The same with another reason for a greeting, where one is given.
    Context greeted(Optional<Mailbox.Reason> reason) {
        return reason.isEmpty()
                ? this
                : with(new Facts(facts.firstCalled, facts.found, facts.called, facts.route, reason));
    }

    Context entering(Ref menu) {
        List<Frame> way = new ArrayList<>();
        for (Frame frame : menus) {
            if (frame.menu().equals(menu)) {
                break;
            }
            way.add(frame);
        }
        way.add(new Frame(menu, language, tags));
        return new Context(language, tags, way, facts, from, dials);
    }

    /// What was carried when the menu before this one was entered, with the way up to there.
    Optional<Context> back() {
        if (menus.size() < 2) {
            return Optional.empty();
        }
        Frame before = menus.get(menus.size() - 2);
        return Optional.of(
                new Context(before.language(), before.tags(), menus.subList(0, menus.size() - 1), facts, from, dials));
    }

    /// What was found by an ask or a lookup; nothing where nobody was asked.
    public Optional<Answer> foundBy(Ref by) {
        return facts.found.stream()
                .filter(entry -> entry.by().equals(by))
                .map(Entry::answer)
                .findFirst();
    }

    Optional<Ref> menuBefore() {
        return menus.size() < 2
                ? Optional.empty()
                : Optional.of(menus.get(menus.size() - 2).menu());
    }
}
