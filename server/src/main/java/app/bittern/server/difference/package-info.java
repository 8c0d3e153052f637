/// What each edit does to callers: found in the background, kept with the edit.
///
/// Main types: [Differences], [DifferenceApi].
@NullMarked
package app.bittern.server.difference;

import org.jspecify.annotations.NullMarked;
