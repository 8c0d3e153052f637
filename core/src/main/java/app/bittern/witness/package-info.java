/// A bench for a path: keys, reactions, an instant, a caller and positions that make a call take it.
///
/// Main type: [Witness]. It is made by construction: the visits that can be the quickest or the slowest to
/// leave each object stand in `app.bittern.call.Staging`, and are put one after another. Decided against:
/// trying calls until one takes the path, which finds no bench for many and takes thousands of tries.
@NullMarked
package app.bittern.witness;

import org.jspecify.annotations.NullMarked;
