/// What a call does: the transition function of every kind, and the trace of one call on a bench.
///
/// Main types: [Bench], [Transition], [Outcome], [Trace], [Tracer]. What each kind of object does stands
/// once, in its [Behaviour]: all outcomes with their windows, and which of them a bench decides on.
/// The trace takes the outcome the bench decided on out of all of them, so the two cannot differ unnoticed.
/// It holds the facts of each step as an [Account]; sentences are made of them in `app.bittern.telling`.
/// Decided against: a second, quicker walk for the trace alone.
@NullMarked
package app.bittern.call;

import org.jspecify.annotations.NullMarked;
