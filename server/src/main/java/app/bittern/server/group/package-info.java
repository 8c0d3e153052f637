/// Groups as their screen draws them: the ringing to scale, and whether a queue would serve better.
///
/// Main type: [GroupApi].
@NullMarked
package app.bittern.server.group;

import org.jspecify.annotations.NullMarked;
