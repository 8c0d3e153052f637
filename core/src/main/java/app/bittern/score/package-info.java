/// What is drawn to scale of a call that comes to a group or a queue and that nobody answers: when phones ring, what
/// is said, from when a key may be pressed.
///
/// Main types: [GroupScore], [WaitScore]. Every second is the engine's. Decided against: seconds reckoned from the
/// fields
/// that a screen shows, because they part from the engine's with the first field that they do not know, as a phone
/// that is on do not disturb.
@NullMarked
package app.bittern.score;

import org.jspecify.annotations.NullMarked;
