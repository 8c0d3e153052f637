/// The objects of a plan: one with all that belongs on its sheet, all of a kind in a list, what may stand in
/// each of their fields, and what a new one can begin as.
///
/// Main types: [ObjectController], [FieldController]. What a field is comes from the reader of the plan file
/// ([app.bittern.formats.FieldForm]), so that a new field needs nothing here.
@NullMarked
package app.bittern.server.object;

import org.jspecify.annotations.NullMarked;
