/// Promises: sentences that must hold for every call, checked over all paths.
///
/// Main types: [Kept], what became of a promise; [Breach], what breaks it. A promise is broken where a path of
/// the calls that it is about is one that it forbids, so each part of it becomes a question to
/// [app.bittern.paths.PathList], and the first path found is the call that breaks it. Decided against: trying
/// calls, which proves nothing.
@NullMarked
package app.bittern.promise;

import org.jspecify.annotations.NullMarked;
