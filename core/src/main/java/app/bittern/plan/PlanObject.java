package app.bittern.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// One object of a plan. A kind is a record permitted here.
public sealed interface PlanObject
        permits Route,
                Branch,
                Announcement,
                Menu,
                Ask,
                Group,
                Queue,
                Extension,
                Chain,
                Mailbox,
                Page,
                Code,
                Switch,
                Outbound,
                Aside {
    /// Kind and key.
    Ref ref();

    /// What people call it; the key where it has no name.
    default String title() {
        return name().orElse(ref().key());
    }

    Optional<String> name();

    Optional<String> note();

    /// The number that a phone in the site dials for it.
    default Optional<String> number() {
        return Optional.empty();
    }

    /// What it says to callers one after another.
    default List<Spoken> prompts() {
        return List.of();
    }

    /// All prompts that it may say in a language of their own.
    default List<Spoken> spoken() {
        return prompts();
    }

    /// All that it may give to calls that pass it.
    default List<Sets> gives() {
        return List.of();
    }

    /// Shows each place in which another object is named or could be, in the order of the fields, and is made
    /// anew of what it is given back for them. Each place is declared here alone: what it is for, what it
    /// takes, how it is read and how it is replaced.
    PlanObject over(Places places);

    /// The places in which another object is named or could be, in the order of the fields.
    default List<Slot> slots() {
        List<Slot> slots = new ArrayList<>();
        over(Places.of(slot -> {
            slots.add(slot);
            return slot.holds();
        }));
        return List.copyOf(slots);
    }

    /// The slot of that address, where it has one.
    default Optional<Slot> slot(Pointer at) {
        return slots().stream().filter(slot -> slot.at().equals(at)).findFirst();
    }

    /// With something else in its slots; entries that are nothing without what is taken out are taken out
    /// with it.
    ///
    /// @param filling what stands in a slot afterwards
    default PlanObject filled(Function<Slot, Optional<Filling>> filling) {
        return over(Places.of(filling::apply));
    }

    /// Under another key, with every slot that names one object naming another; its own key too, where it is
    /// that.
    default PlanObject renamed(Ref old, Ref renamed) {
        boolean itself = ref().equals(old);
        return over(Places.of(new Places.Hand() {
            @Override
            public Optional<Filling> at(Slot slot) {
                return slot.target().equals(Optional.of(old)) ? Optional.of(renamed) : slot.holds();
            }

            @Override
            public String key(String key) {
                return itself ? renamed.key() : key;
            }

            @Override
            public Ref mention(Ref mentioned) {
                return mentioned.equals(old) ? renamed : mentioned;
            }
        }));
    }
}
