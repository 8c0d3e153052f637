/// The states that a call can be in, and the ways between them.
///
/// Main types: [StateGraph], its [Way]s, [EnteredPart] with the dominators and [Tangle]s of a part in which
/// calls can go round. Decided against: a graph of objects, which forgets what a caller carries, and nested
/// regions for rounds with several entries, which can be as many as there are orders to enter them in.
@NullMarked
package app.bittern.graph;

import org.jspecify.annotations.NullMarked;
