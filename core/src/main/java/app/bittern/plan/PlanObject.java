package app.bittern.plan;

import java.util.List;
import java.util.Optional;

/// One object of a plan. A kind is a record permitted here.
public sealed interface PlanObject
        permits Route, Split, Announcement, Menu, Ask, Group, Queue, Extension, Chain, Mailbox, Page, Aside {
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

    /// Every place that refers to another object or must and does not, in the order of the fields.
    List<Link> links();
}
