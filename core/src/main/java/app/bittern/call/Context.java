package app.bittern.call;

import app.bittern.plan.Ref;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.TreeSet;

/// What a caller carries along.
///
/// @param language the language in force, BCP 47
/// @param tags     sorted, each once
/// @param firstCalled    the extension called first
/// @param menus    the menus passed on the way, each with what was carried when it was entered; a menu that
///                 is entered again takes the way back to its first time with it, so that there are
///                 finitely many states however often callers go round
/// @param keyed    what was found for the digits asked for, by ask, each once
/// @param from     where the call came from
/// @param dials    what a phone of the site dials, before it is connected
public record Context(
        String language,
        List<String> tags,
        Optional<Ref> firstCalled,
        List<Frame> menus,
        List<Entry> keyed,
        Origin from,
        Optional<Dials> dials) {
    private static final Origin BY_TRUNK = new Origin.Trunk();

    /// What digits were found to be.
    ///
    /// @param ask     what asked for them
    /// @param contact the contact found, if any
    public record Entry(Ref ask, Optional<Ref> contact) {}

    /// A menu and what was carried into it.
    public record Frame(Ref menu, String language, List<String> tags) {}

    public Context {
        tags = tags.size() < 2 ? List.copyOf(tags) : List.copyOf(new TreeSet<>(tags));
        menus = List.copyOf(menus);
        keyed = List.copyOf(keyed);
    }

    /// What a call by a trunk begins with.
    public static Context in(String language) {
        return new Context(language, List.of(), Optional.empty(), List.of(), List.of(), BY_TRUNK, Optional.empty());
    }

    /// What a call from a phone of the site begins with.
    public static Context dialling(String language, Origin from, Dials dials) {
        return new Context(language, List.of(), Optional.empty(), List.of(), List.of(), from, Optional.of(dials));
    }

    /// The same once it is connected.
    Context connected() {
        return new Context(language, tags, firstCalled, menus, keyed, from, Optional.empty());
    }

    /// With only what can still matter.
    ///
    /// @param origin whether it still matters where the call came from
    public Context only(
            List<String> tags, Optional<Ref> firstCalled, List<Frame> menus, List<Entry> keyed, boolean origin) {
        return new Context(language, tags, firstCalled, menus, keyed, origin ? from : BY_TRUNK, dials);
    }

    /// Whether it came by a trunk.
    public boolean byTrunk() {
        return from.equals(BY_TRUNK);
    }

    Context speaking(Optional<String> language) {
        return language.map(spoken -> new Context(spoken, tags, firstCalled, menus, keyed, from, dials))
                .orElse(this);
    }

    Context found(Ref ask, Optional<Ref> contact) {
        List<Entry> all = new ArrayList<>(keyed);
        all.removeIf(entry -> entry.ask().equals(ask));
        all.add(new Entry(ask, contact));
        all.sort(Comparator.comparing(entry -> entry.ask().toString()));
        return new Context(language, tags, firstCalled, menus, all, from, dials);
    }

    Context tagged(List<String> more) {
        if (more.isEmpty()) {
            return this;
        }
        List<String> all = new ArrayList<>(tags);
        all.addAll(more);
        return new Context(language, all, firstCalled, menus, keyed, from, dials);
    }

    /// The first extension entered becomes the firstCalled.
    Context owned(Ref extension) {
        return firstCalled.isPresent()
                ? this
                : new Context(language, tags, Optional.of(extension), menus, keyed, from, dials);
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
        return new Context(language, tags, firstCalled, way, keyed, from, dials);
    }

    /// What was carried when the menu before this one was entered, with the way up to there.
    Optional<Context> back() {
        if (menus.size() < 2) {
            return Optional.empty();
        }
        Frame before = menus.get(menus.size() - 2);
        return Optional.of(new Context(
                before.language(), before.tags(), firstCalled, menus.subList(0, menus.size() - 1), keyed, from, dials));
    }

    /// The contact found for what was keyed in an ask; nothing where nobody was asked.
    public Optional<Entry> keyedIn(Ref ask) {
        return keyed.stream().filter(entry -> entry.ask().equals(ask)).findFirst();
    }

    Optional<Ref> menuBefore() {
        return menus.size() < 2
                ? Optional.empty()
                : Optional.of(menus.get(menus.size() - 2).menu());
    }
}
