/// The plan file, in and out: YAML and JSON, its schema and its reference; answers are in `answer`.
///
/// Main types: [PlanFile], [ObjectJson], [FieldEdits], [PlanSchema]. A plan file is first read into a tree of
/// nodes that know their line and column, and then bound to objects; the same binding reads one object from the
/// database or a request. Decided against: binding by reflection, because all errors of a file are to be told
/// in one go, each with what was found and what is allowed.
@NullMarked
package app.bittern.formats;

import org.jspecify.annotations.NullMarked;
