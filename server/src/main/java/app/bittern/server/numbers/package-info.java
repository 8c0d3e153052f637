/// Numbers as their screen shows them: the order of precedence, the numbering plan, what arrived and matched
/// nothing, and numbers read in any spelling.
///
/// Main type: [NumbersApi]. What arrived stands beside the plan, in rows of its own; what it means is reckoned from the
/// plan whenever it is looked at.
@NullMarked
package app.bittern.server.numbers;

import org.jspecify.annotations.NullMarked;
