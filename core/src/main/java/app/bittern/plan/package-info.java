/// The plan of one site: an immutable value made of one record for each object.
///
/// Main types: [Plan], [PlanObject], [Ref], [Destination], [Slot]. A new kind is a constant of [Kind] and
/// a record permitted by [PlanObject]; the switches over both have no default, so the compiler lists
/// what is missing. Decided against: objects that hold each other, because a draft may have holes and
/// menus may lead to themselves.
@NullMarked
package app.bittern.plan;

import org.jspecify.annotations.NullMarked;
