/// What each field of each kind of object is for, said once: a title, a sentence of help, a unit, what is usual
/// and what range is allowed.
///
/// [app.bittern.field.KindFields] has those of a kind; the reader of the plan file takes its ranges from there,
/// the schema its titles and descriptions, the reference (docs/plan-file.md) its tables. The texts stand beside
/// the records and not in them, so that a record can be read as a whole. Decided against a file of texts: the
/// compiler would not say that a new kind has none.
@NullMarked
package app.bittern.field;

import org.jspecify.annotations.NullMarked;
