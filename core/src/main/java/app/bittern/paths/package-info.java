/// Where calls can go: the states reached from an inbound number and the ways to them.
///
/// Main types: [Reach], [Way], [CallClass]. Instants and callers are first divided into classes in which
/// every condition has one answer, and each class is then walked as a plain graph. Decided against: one walk
/// that carries conditions along, as long as only the reached states are asked for.
@NullMarked
package app.bittern.paths;

import org.jspecify.annotations.NullMarked;
