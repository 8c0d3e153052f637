package app.bittern.plan;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Function;

/// Goes over the places of an object, each declared once by the object itself ([PlanObject#over]).
///
/// The object shows every place with its address, what it is for and what it takes, and is made anew of what
/// it is given back. So reading the slots, putting something in one, renaming and taking out are one pass
/// with another hand.
public final class Places {
    /// What is done at each place.
    interface Hand {
        /// What stands there afterwards.
        Optional<Filling> at(Slot slot);

        /// The key of the object afterwards.
        default String key(String key) {
            return key;
        }

        /// An object that is spoken of afterwards.
        default Ref mention(Ref mentioned) {
            return mentioned;
        }
    }

    private final Pointer here;
    private final Hand hand;

    private Places(Pointer here, Hand hand) {
        this.here = here;
        this.hand = hand;
    }

    static Places of(Hand hand) {
        return new Places(Pointer.WHOLE, hand);
    }

    /// The places within a field.
    Places in(String field) {
        return new Places(here.to(field), hand);
    }

    /// The object's own key.
    String key(String key) {
        return hand.key(key);
    }

    /// An object that is only spoken of: it is renamed with the object, and nothing depends on its being there.
    Ref mention(Ref mentioned) {
        return hand.mention(mentioned);
    }

    private Optional<Filling> place(
            String field, Role role, Takes takes, Optional<? extends Filling> holds, Slot.Need need) {
        return hand.at(new Slot(here.to(field), role, takes, holds.map(Function.identity()), need));
    }

    private static Destination destination(Filling filling) {
        return switch (filling) {
            case Ref ref -> new Destination.To(ref);
            case Destination to -> to;
        };
    }

    private static Optional<Ref> ref(Filling filling) {
        return filling.target();
    }

    /// A destination without which a call falls in a hole.
    Optional<Destination> needs(String field, Optional<Destination> to) {
        return leads(field, to, Takes.DESTINATION, Slot.Need.REQUIRED);
    }

    /// A destination that may be left out.
    Optional<Destination> may(String field, Optional<Destination> to) {
        return leads(field, to, Takes.DESTINATION, Slot.Need.OPTIONAL);
    }

    /// A destination in a menu, without which a call falls in a hole.
    Optional<Destination> needsInMenu(String field, Optional<Destination> to) {
        return leads(field, to, Takes.DESTINATION_IN_MENU, Slot.Need.REQUIRED);
    }

    /// A destination in an ask, without which a call falls in a hole.
    Optional<Destination> needsInAsk(String field, Optional<Destination> to) {
        return leads(field, to, Takes.DESTINATION_IN_ASK, Slot.Need.REQUIRED);
    }

    /// A destination of a route, without which a call falls in a hole.
    Optional<Destination> needsInRoute(String field, Optional<Destination> to) {
        return leads(field, to, Takes.DESTINATION_IN_ROUTE, Slot.Need.REQUIRED);
    }

    /// A destination of a route that may be left out.
    Optional<Destination> mayInRoute(String field, Optional<Destination> to) {
        return leads(field, to, Takes.DESTINATION_IN_ROUTE, Slot.Need.OPTIONAL);
    }

    /// A destination of some sort that may be left out.
    Optional<Destination> may(String field, Optional<Destination> to, Takes takes) {
        return leads(field, to, takes, Slot.Need.OPTIONAL);
    }

    /// A destination that an entry is nothing without.
    Optional<Destination> entry(String field, Destination to) {
        return leads(field, Optional.of(to), Takes.DESTINATION, Slot.Need.ENTRY);
    }

    private Optional<Destination> leads(String field, Optional<Destination> to, Takes takes, Slot.Need need) {
        return place(field, Role.LEADS_TO, takes, to, need).map(Places::destination);
    }

    /// Something that is rung, given as a destination.
    Optional<Destination> rings(String field, Destination rung, Takes takes) {
        return place(field, Role.RINGS, takes, Optional.of(rung), Slot.Need.ENTRY)
                .map(Places::destination);
    }

    /// An object that may be left out.
    Optional<Ref> ref(String field, Role role, Optional<Ref> holds, Kind kind, Kind... more) {
        return place(field, role, Takes.objects(kind, more), holds, Slot.Need.OPTIONAL)
                .flatMap(Places::ref);
    }

    /// An object that an entry is nothing without.
    Optional<Ref> entry(String field, Role role, Ref holds, Kind kind, Kind... more) {
        return place(field, role, Takes.objects(kind, more), Optional.of(holds), Slot.Need.ENTRY)
                .flatMap(Places::ref);
    }

    /// An object without which a call falls in a hole, or nothing happens.
    Optional<Ref> needs(String field, Role role, Optional<Ref> holds, Kind kind, Kind... more) {
        return place(field, role, Takes.objects(kind, more), holds, Slot.Need.REQUIRED)
                .flatMap(Places::ref);
    }

    /// An object that this one is nothing without; it stays where only nothing is given instead.
    Ref whole(String field, Role role, Ref holds, Kind kind, Kind... more) {
        return place(field, role, Takes.objects(kind, more), Optional.of(holds), Slot.Need.WHOLE)
                .flatMap(Places::ref)
                .orElse(holds);
    }

    /// A list of objects.
    List<Ref> refs(String field, Role role, List<Ref> holds, Kind kind, Kind... more) {
        return each(field, holds, (places, position, ref) -> places.entry(position, role, ref, kind, more));
    }

    /// A prompt, with the language it is said in.
    Optional<Spoken> spoken(String field, Optional<Spoken> holds) {
        return ref(field, Role.SAYS, holds.map(Spoken::prompt), Kind.PROMPT)
                .map(ref -> new Spoken(ref, holds.flatMap(Spoken::language)));
    }

    /// A list of prompts, each with the language it is said in.
    List<Spoken> spoken(String field, List<Spoken> holds) {
        return each(
                field,
                holds,
                (places, position, one) -> places.entry(position, Role.SAYS, one.prompt(), Kind.PROMPT)
                        .map(ref -> new Spoken(ref, one.language())));
    }

    /// The items of a list, each with the places of the list and its position in it.
    <T> List<T> each(String field, List<T> items, Item<T> item) {
        Places within = in(field);
        List<T> all = new ArrayList<>(items.size());
        for (int index = 0; index < items.size(); index++) {
            item.over(within, Integer.toString(index), items.get(index)).ifPresent(all::add);
        }
        return all;
    }

    /// An item of a list that has fields.
    <T> List<T> items(String field, List<T> items, BiFunction<Places, T, Optional<T>> item) {
        return each(field, items, (places, position, one) -> item.apply(places.in(position), one));
    }

    /// An item of a list gone over.
    interface Item<T> {
        Optional<T> over(Places list, String position, T item);
    }

    /// The entries of a map whose names stay.
    <T> Map<String, T> entries(String field, Map<String, T> entries, Item<T> entry) {
        Places within = in(field);
        Map<String, T> all = new LinkedHashMap<>();
        entries.forEach((name, value) -> entry.over(within, name, value).ifPresent(kept -> all.put(name, kept)));
        return all;
    }

    /// A map by objects, whose names are slots.
    ///
    /// @param name how an object is written as a name
    <T> Map<Ref, T> byObject(String field, Map<Ref, T> entries, Role role, Takes takes, Function<Ref, String> name) {
        Places within = in(field);
        Map<Ref, T> all = new LinkedHashMap<>();
        entries.forEach((ref, value) -> within.place(name.apply(ref), role, takes, Optional.of(ref), Slot.Need.ENTRY)
                .flatMap(Places::ref)
                .ifPresent(kept -> all.put(kept, value)));
        return all;
    }
}
