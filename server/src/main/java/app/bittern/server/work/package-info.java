/// Answers that take long, computed once for each plan and week.
///
/// Main type: [Work]. Who asks while an answer is being computed waits for the same one; what has not been
/// asked for longest is forgotten first.
@NullMarked
package app.bittern.server.work;

import org.jspecify.annotations.NullMarked;
