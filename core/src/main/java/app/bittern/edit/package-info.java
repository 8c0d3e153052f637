/// Changes to a plan as data.
///
/// Main types: [PlanEdit], [Edits]. Every edit has an inverse that gives back the plan as it was, order included.
/// Decided against: edits of single fields as types of their own; a field is set by putting the object
/// with that field changed, so that one rule checks all of them.
@NullMarked
package app.bittern.edit;

import org.jspecify.annotations.NullMarked;
