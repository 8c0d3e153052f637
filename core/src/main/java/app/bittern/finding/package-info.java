/// What is wrong or doubtful in a plan, each with a call that shows it.
///
/// Main types: [Check], [Finding], [Fix], [Catalogue]. A check is one class in `checks` and one line in the
/// catalogue. Decided against: findings as text from the engine, because the screen, the command line and
/// the cutover need the place, the call and the way out apart.
@NullMarked
package app.bittern.finding;

import org.jspecify.annotations.NullMarked;
