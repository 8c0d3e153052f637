/// Every path that calls can take: how many, where they end, when, after how long, and each by itself.
///
/// Main types: [Paths] of a plan, [NumberPaths] of a number, [PathList], [Matrix], [WeekMap], [Reachable].
/// Paths are counted in a graph in which a tangle is one step and a return ends, from the ends back, so that
/// no number of paths is too large; those that are listed are found by counting. Decided against: walking the
/// paths, of which there can be more than seconds since the world began.
@NullMarked
package app.bittern.paths;

import org.jspecify.annotations.NullMarked;
